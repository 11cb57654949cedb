<script lang="ts">
  import type { AnswerSpace } from '@zealous-quill/core/exams';
  import { spaceWords } from './words';

  interface Props {
    space: AnswerSpace;
    /** What the part is called. */
    label: string;
    onchange: (next: Partial<AnswerSpace>) => void;
  }

  /** The room a part leaves for its answer: the kind, how high, and the unit behind a line. */
  let { space, label, onchange }: Props = $props();
</script>

<select
  class="bare"
  value={space.kind}
  aria-label="Space for the answer to {label}"
  onchange={(event) => onchange({ kind: event.currentTarget.value as AnswerSpace['kind'] })}
>
  {#each spaceWords as [kind, word] (kind)}<option value={kind}>{word}</option>{/each}
</select>
{#if space.kind !== 'none' && space.kind !== 'line'}
  <input
    type="number"
    min="1"
    max="40"
    value={space.height ?? ''}
    placeholder="–"
    title="Height in lines or squares; from the marks where nothing is said"
    aria-label="Height of the space of {label}"
    onchange={(event) => {
      const height = event.currentTarget.valueAsNumber;
      onchange({ height: height >= 1 && height <= 40 ? Math.round(height) : undefined });
    }}
  />
{/if}
{#if space.kind === 'line'}
  <input
    class="unit bare"
    value={space.unit ?? ''}
    placeholder="unit"
    maxlength="20"
    aria-label="Unit behind the line of {label}"
    onchange={(event) => onchange({ unit: event.currentTarget.value || undefined })}
  />
{/if}

<style>
  select {
    padding: 0 1.3rem 0 var(--space-1);
    font-size: var(--text-sm);
    color: var(--faint);
    background-position: right 0.3rem center;
  }
  input {
    width: 2.8em;
    padding: 0 var(--space-1);
    font-size: var(--text-sm);
    text-align: right;
  }
  input.unit {
    width: 4em;
    text-align: left;
  }
</style>
