<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { CellGrid, GridColumn } from './cell-grid.svelte';

  interface Props {
    grid: CellGrid;
    /** What the table holds, for those who hear it. */
    label: string;
    /** What a row is called, `Pupil`; and each row, by its number. */
    rowTitle: string;
    names: ReadonlyMap<number, string>;
    /** The group that a row belongs to, where rows stand in groups; its title stands above its first row. */
    groups?: ReadonlyMap<number, string> | undefined;
    /** Column heads, and what stands behind the cells of a row. */
    head: Snippet<[GridColumn]>;
    lastHead: Snippet;
    last: Snippet<[number]>;
    /** What a cell is of, to be read out. */
    spoken: (column: GridColumn) => string;
  }

  let { grid, label, rowTitle, names, groups, head, lastHead, last, spoken }: Props = $props();

  let region: HTMLElement;

  function keys(event: KeyboardEvent, row: number, column: number) {
    const field = event.currentTarget as HTMLInputElement;
    const moves: Record<string, readonly [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      // On to the first cell of the next row.
      Enter: [1, -column],
      ArrowLeft: [0, field.selectionStart === 0 ? -1 : 0],
      ArrowRight: [0, field.selectionEnd === field.value.length ? 1 : 0]
    };
    if (event.key === 'z' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      void grid.undo();
      return;
    }
    const move = moves[event.key];
    if (!move || (move[0] === 0 && move[1] === 0)) return;
    const to = `[data-cell="${row + move[0]}/${column + move[1]}"]`;
    const next = region.querySelector<HTMLInputElement>(to);
    if (!next) return;
    event.preventDefault();
    next.focus();
    next.select();
  }

  function paste(event: ClipboardEvent, row: number, column: number) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    void grid.paste(row, column, text);
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="cells" tabindex="0" role="region" aria-label={label} bind:this={region}>
  <table>
    <thead>
      <tr>
        <th scope="col">{rowTitle}</th>
        {#each grid.columns as column (column.id)}
          <th scope="col">{@render head(column)}</th>
        {/each}
        <th scope="col">{@render lastHead()}</th>
      </tr>
    </thead>
    <tbody>
      {#each grid.rows as row, down (row)}
        {@const name = names.get(row) ?? ''}
        {@const group = groups?.get(row)}
        {#if group && group !== groups?.get(grid.rows[down - 1]!)}
          <tr class="group">
            <th scope="rowgroup" colspan={grid.columns.length + 2}>{group}</th>
          </tr>
        {/if}
        <tr>
          <th scope="row">{name}</th>
          {#each grid.columns as column, right (column.id)}
            {@const problem = grid.problemOf(row, column.id)}
            <td class:wrong={problem !== ''}>
              <input
                inputmode="numeric"
                autocomplete="off"
                data-cell="{down}/{right}"
                value={grid.textOf(row, column.id)}
                aria-label="{name}, {spoken(column)}"
                aria-invalid={problem !== ''}
                title={problem}
                onfocus={(event) => event.currentTarget.select()}
                onkeydown={(event) => keys(event, down, right)}
                onpaste={(event) => paste(event, row, column.id)}
                onchange={(event) => grid.type(row, column.id, event.currentTarget.value)}
              />
              {#if problem}<span class="said" role="alert">{problem}</span>{/if}
            </td>
          {/each}
          <td class="last">{@render last(row)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  .cells {
    /* As wide as the page, however many parts there are. */
    width: 0;
    min-width: 100%;
    overflow: auto;
    max-height: calc(100vh - 12rem);
  }
  table {
    border: 1px solid var(--rule);
    background: var(--leaf);
  }
  thead th {
    position: sticky;
    top: 0;
    z-index: 2;
    background: var(--raised);
    padding: var(--space-half) var(--space-1);
    font-size: var(--text-sm);
    line-height: 1.15;
  }
  tbody th,
  thead th:first-child {
    position: sticky;
    left: 0;
    text-align: left;
    white-space: nowrap;
    padding: 0 var(--space-3);
    font-weight: 400;
    background: var(--leaf);
  }
  thead th:first-child {
    z-index: 3;
    background: var(--raised);
  }
  tbody .group th {
    font-weight: 700;
    background: var(--raised);
  }
  td {
    position: relative;
    border: 1px solid var(--rule);
    padding: 0;
  }
  .last {
    padding: 0 var(--space-2);
    min-width: 3rem;
    white-space: nowrap;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  input {
    width: 2.9rem;
    padding: var(--space-half) var(--space-1);
    text-align: center;
    border: 0;
    font-family: var(--font-figures);
    font-variant-numeric: tabular-nums;
  }
  .wrong input {
    background: var(--slip-soft);
    color: var(--slip);
  }
  .said {
    position: absolute;
    z-index: 4;
    top: 100%;
    left: 0;
    white-space: nowrap;
    padding: 0 var(--space-2);
    font-size: var(--text-sm);
    color: var(--slip);
    background: var(--slip-soft);
    border: 1px solid var(--slip);
    display: none;
  }
  td:focus-within .said {
    display: block;
  }
</style>
