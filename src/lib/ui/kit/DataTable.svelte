<script lang="ts">
  import Table from 'flowbite-svelte/Table.svelte';
  import TableBody from 'flowbite-svelte/TableBody.svelte';
  import TableHead from 'flowbite-svelte/TableHead.svelte';
  import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
  import type { Snippet } from 'svelte';

  export interface Column {
    readonly title: string;
    /** Figures that line up on the right. */
    readonly isNumber?: boolean;
    /** Read aloud only: the cells speak for themselves. */
    readonly isHidden?: boolean;
    readonly meaning?: string;
  }
  interface Props {
    columns?: readonly Column[];
    class?: string;
    /** In a narrow window each row is a card: its first cell a line, the others after it with their `data-label`. */
    stacks?: boolean;
    /** The rows, as they are: their cells are ruled by the theme. */
    children: Snippet;
  }

  let { columns = [], class: more, stacks = false, children }: Props = $props();
</script>

<Table class="{more ?? ''} {stacks ? 'stacks' : ''}">
  {#if columns.length > 0}
    <TableHead>
      {#each columns as { title, isNumber, isHidden, meaning } (title)}
        <TableHeadCell scope="col" class={isNumber ? 'number' : ''} title={meaning}>
          <span class:visually-hidden={isHidden}>{title}</span>
        </TableHeadCell>
      {/each}
    </TableHead>
  {/if}
  <TableBody>{@render children()}</TableBody>
</Table>
