<script lang="ts">
  import Button from './Button.svelte';
  import type { CellGrid } from './cell-grid.svelte';
  import Problem from './Problem.svelte';

  /** Says that nobody answered, and sends what is typed again. */
  let { grid }: { grid: CellGrid } = $props();
</script>

{#if grid.isUnheard}
  <Problem isUrgent>
    The server does not answer. What is typed stands here; <Button
      kind="quiet"
      onclick={() => grid.again()}>send it again</Button
    >.
  </Problem>
{/if}
