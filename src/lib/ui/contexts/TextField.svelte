<script lang="ts">
  import type { ContextProblem } from '@zealous-quill/core/catalogue';
  import Problem from '../kit/Problem.svelte';
  import { entered } from '../entered';

  interface Props {
    label: string;
    value: string;
    most: number;
    placeholder?: string;
    problems: readonly ContextProblem[];
    onchange: (value: string) => void;
  }

  let { label, value, most, placeholder = '', problems, onchange }: Props = $props();

  const id = $props.id();
  const isWrong = $derived(problems.some(({ isHint }) => !isHint));
</script>

<div class="field">
  <label for="{id}-input" class="faint small">{label}</label>
  <div>
    <input
      id="{id}-input"
      {value}
      maxlength={most}
      placeholder={placeholder && `e.g. ${placeholder}`}
      aria-invalid={isWrong}
      aria-describedby={problems.length > 0 ? id : undefined}
      onchange={(event) => onchange(entered(event))}
    />
    {#if problems.length > 0}
      <div {id}>
        {#each problems as { says, isHint } (says)}
          {#if isHint}<p class="faint small">{says}</p>{:else}<Problem>{says}</Problem>{/if}
        {/each}
      </div>
    {/if}
  </div>
</div>

<style>
  .field {
    display: grid;
    grid-template-columns: 7.5rem minmax(0, 1fr);
    gap: var(--space-2);
    align-items: baseline;
    margin-top: var(--space-1);
  }
  input {
    width: 100%;
    padding: var(--space-half) var(--space-2);
  }
  @media (max-width: 600px) {
    .field {
      grid-template-columns: minmax(0, 1fr);
      gap: 0;
    }
  }
</style>
