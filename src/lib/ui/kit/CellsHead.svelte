<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from './Button.svelte';
  import type { CellGrid } from './cell-grid.svelte';
  import Problem from './Problem.svelte';

  interface Props {
    grid: CellGrid;
    /** What the numbers are of, and what it is about. */
    title: string;
    subtitle: string;
    children: Snippet;
    /** What can be done beside undoing. */
    acts: Snippet;
  }

  let { grid, title, subtitle, children, acts }: Props = $props();
</script>

<div class="head">
  <div>
    <h1>{title} <span class="faint">{subtitle}</span></h1>
    <p class="faint">{@render children()}</p>
  </div>
  <div class="acts">
    <span class="faint" role="status">{grid.state}</span>
    <Button onclick={() => grid.undo()}>Undo</Button>
    {@render acts()}
  </div>
</div>
{#if grid.isUnheard}
  <Problem isUrgent>
    The server does not answer. What is typed stands here; <Button
      kind="quiet"
      onclick={() => grid.again()}>send it again</Button
    >.
  </Problem>
{/if}

<style>
  .head,
  .acts {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-2) var(--space-4);
  }
  .head {
    margin-bottom: var(--space-3);
  }
  h1 .faint {
    font-weight: 400;
    font-size: var(--text-lg);
  }
</style>
