<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import Button from '../kit/Button.svelte';
  import type { PlanTools } from './plan-tools';
  import { rowDetails, rowHead } from './plan-words';

  interface Props {
    row: BlueprintRow;
    tools: PlanTools;
    /** The sections that it can stand in; none where the plan has none. */
    sections: readonly string[];
    isOnly: boolean;
    isOpen: boolean;
    onopen: (isOpen: boolean) => void;
    onchange: (next: Partial<BlueprintRow>) => void;
    onremove: () => void;
  }

  let { row, tools, sections, isOnly, isOpen, onopen, onchange, onremove }: Props = $props();

  const head = $derived(rowHead(row, tools.names));
</script>

<li class="leaf" class:isOpen data-row={row.id}>
  <div class="asks">
    <div>
      <strong>{head}</strong>
      {#each rowDetails(row, tools.names) as text (text)}<p class="faint">{text}</p>{/each}
    </div>
    <span class="acts">
      <Button kind="quiet" aria-expanded={isOpen} onclick={() => onopen(!isOpen)}
        >{isOpen ? 'close' : 'change'}<span class="visually-hidden"> {head}</span></Button
      >
      <Button kind="quiet" disabled={isOnly} onclick={onremove}
        >remove<span class="visually-hidden"> {head}</span></Button
      >
    </span>
  </div>
  {#if isOpen}
    {#await import('./RowForm.svelte') then { default: RowForm }}
      <RowForm {row} {tools} {sections} {onchange} />
    {/await}
  {/if}
</li>

<style>
  li {
    padding: var(--space-2) var(--space-4);
    margin-bottom: var(--space-2);
  }
  .isOpen {
    border-left: 3px solid var(--accent);
  }
  .asks {
    display: flex;
    gap: var(--space-2) var(--space-4);
    justify-content: space-between;
  }
  .acts {
    display: flex;
    flex: none;
    gap: var(--space-3);
    align-items: baseline;
  }
  p {
    font-size: var(--text-sm);
  }
</style>
