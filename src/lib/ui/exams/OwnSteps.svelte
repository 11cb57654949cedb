<script lang="ts">
  import {
    letterOf,
    MOST_STEPS,
    printedRatio,
    worthOfSteps,
    type OwnStep
  } from '@zealous-quill/core/skills/own-question';
  import Button from '$lib/ui/kit/Button.svelte';

  interface Props {
    /** The steps of a question, the last of which gives its answer; undefined for one without. */
    steps: OwnStep[] | undefined;
    /** A step came or went. */
    onchange: () => void;
  }

  let { steps = $bindable(), onchange }: Props = $props();

  const worth = $derived(worthOfSteps(steps ?? []));

  function add() {
    steps = [...(steps ?? []), { label: '', expression: '', marks: 1 }];
    onchange();
  }

  function remove(at: number) {
    const left = (steps ?? []).filter((_, place) => place !== at);
    steps = left.length > 0 ? left : undefined;
    onchange();
  }
</script>

{#if steps}
  <p class="small faint">
    Each step is a calculation, of numbers and of the letters of the steps before it. The last gives
    the answer. A pupil’s own figures are followed from step to step.
  </p>
  <ol>
    {#each steps as step, at (at)}
      {@const letter = letterOf(at)}
      {@const value = worth[at]}
      {@const isLast = at === steps.length - 1}
      <li>
        <strong>{isLast ? '=' : letter}</strong>
        <input
          maxlength="60"
          placeholder={isLast ? 'the answer' : 'what is worked out'}
          aria-label="What step {letter} works out"
          bind:value={step.label}
        />
        <input
          class="figures"
          maxlength="100"
          placeholder={at === 0 ? '750 + 488' : `${letterOf(at - 1)} × 3`}
          aria-label="Calculation of step {letter}"
          aria-invalid={step.expression.trim() !== '' && !value}
          bind:value={step.expression}
        />
        <span class="figures value" role="status">
          {#if value}{printedRatio(value).replace(
              '-',
              '−'
            )}{:else if step.expression.trim() !== ''}<span class="wrong">cannot be worked out</span
            >{/if}
        </span>
        <label
          >marks
          <input
            type="number"
            min="1"
            max="20"
            aria-label="Marks of step {letter}"
            bind:value={step.marks}
          /></label
        >
        <Button kind="quiet" onclick={() => remove(at)}
          >remove<span class="visually-hidden"> step {letter}</span></Button
        >
      </li>
    {/each}
  </ol>
{/if}
{#if (steps ?? []).length < MOST_STEPS}
  <Button kind="quiet" onclick={add}>{steps ? 'another step' : 'mark it step by step'}</Button>
{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: baseline;
    padding: var(--space-half) 0;
  }
  strong {
    width: 1em;
  }
  input {
    padding: 0 var(--space-1);
  }
  input:not([type='number']) {
    flex: 1 1 9rem;
    min-width: 0;
  }
  input[type='number'] {
    width: 4em;
  }
  .value {
    min-width: 5em;
    text-align: right;
  }
  .wrong {
    color: var(--slip);
  }
</style>
