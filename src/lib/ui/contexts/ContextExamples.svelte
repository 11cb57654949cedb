<script lang="ts">
  import Button from '../kit/Button.svelte';
  import MathText from '../sheet/MathText.svelte';
  import type { ContextTrials } from './context-trial.svelte';

  interface Props {
    trials: ContextTrials;
    onmore: () => void;
  }

  let { trials, onmore }: Props = $props();

  const count = $derived(trials.last?.count ?? null);
  const grouped = (numeral: string) => numeral.replace(/\B(?=(\d{3})+$)/g, '\u202f');
</script>

<div class="head">
  <h2>Ten of its problems</h2>
  {#if count !== null}<span class="faint">of <span class="figures">{grouped(count)}</span></span
    >{/if}
  <Button kind="quiet" disabled={count === null} onclick={onmore}>others</Button>
</div>
{#if trials.last === null}
  <p class="faint">Telling some ...</p>
{:else if trials.hindered}
  <p>
    Something is missing: it is said beside the field. As soon as it is there, examples are told
    here.
  </p>
{:else}
  <ol class:isBusy={trials.isBusy}>
    {#each trials.last.examples as { text, answer } (text)}
      <li>
        <MathText {text} />
        <strong class="figures"><MathText text={answer} /></strong>
      </li>
    {/each}
  </ol>
{/if}

<style>
  .head {
    display: flex;
    gap: var(--space-3);
    align-items: baseline;
    border-bottom: 1.5px solid var(--ink);
    padding-bottom: var(--space-1);
  }
  h2 {
    margin-right: auto;
  }
  li {
    padding: var(--space-2) 0;
    border-bottom: 1px solid var(--rule);
  }
  strong {
    display: block;
    color: var(--accent);
  }
  .isBusy {
    opacity: 0.6;
  }
</style>
