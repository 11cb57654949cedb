<script lang="ts">
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { day, plural } from '$lib/ui/format';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import { MarksGrid, type MarkReply } from '$lib/ui/marking/marks-grid.svelte';

  let { data } = $props();

  const there = untrack(() => data.scripts.filter(({ isAbsent }) => !isAbsent));
  const grid = untrack(
    () =>
      new MarksGrid(
        there.map(({ id }) => id),
        data.parts,
        data.marks,
        async (marks) => {
          try {
            const reply = await fetch(`/marking/${data.sitting.id}/grid`, {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify({ marks })
            });
            if (!reply.ok) return undefined;
            return ((await reply.json()) as { marks: MarkReply[] }).marks;
          } catch {
            return undefined;
          }
        }
      )
  );
  const available = $derived(data.parts.reduce((sum, part) => sum + part.available, 0));

  const input = (row: number, column: number) =>
    document.querySelector<HTMLInputElement>(`[data-cell="${row}/${column}"]`);

  function keys(event: KeyboardEvent, row: number, column: number) {
    const field = event.currentTarget as HTMLInputElement;
    const moves: Record<string, readonly [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      Enter: [1, 0],
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
    const next = input(row + move[0], column + move[1]);
    if (!next) return;
    event.preventDefault();
    next.focus();
    next.select();
  }

  function paste(event: ClipboardEvent, script: number, part: number) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    void grid.paste(script, part, text);
  }

  guardLeaving({
    isSaved: () => !grid.isSaving && !grid.isUnheard && grid.problems.length === 0,
    settle: async () => {
      if (grid.isUnheard) await grid.again();
      return !grid.isUnheard && grid.problems.length === 0;
    }
  });
</script>

<svelte:head
  ><title>{data.sitting.className}: marks of {data.sitting.title} · Zealous Quill</title
  ></svelte:head
>

<div class="head">
  <div>
    <h1>{data.sitting.className} <span class="faint">{data.sitting.title}</span></h1>
    <p class="faint">
      {day(data.sitting.satOn)} · marks alone, {plural(there.length, 'script')} by {plural(
        data.parts.length,
        'part'
      )}; type them, or paste a block from a spreadsheet
    </p>
  </div>
  <p class="acts">
    <span class="faint" role="status"
      >{grid.isSaving
        ? '○ saving'
        : grid.isUnheard
          ? '✗ not saved'
          : grid.problems.length > 0
            ? `✗ ${plural(grid.problems.length, 'mark')} not saved`
            : '● saved'}</span
    >
    <Button onclick={() => grid.undo()}>Undo</Button>
    <Button href="/marking/{data.sitting.id}">To the pile</Button>
    <Button href="/results/{data.sitting.id}">Results</Button>
  </p>
</div>
{#each data.damage as said (said)}<Problem>{said}</Problem>{/each}
{#if grid.isUnheard}
  <Problem isUrgent>
    The server does not answer. What is typed stands here; <Button
      kind="quiet"
      onclick={() => grid.again()}>send it again</Button
    >.
  </Problem>
{/if}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="cells" tabindex="0" role="region" aria-label="Marks of pupils by parts">
  <table>
    <thead>
      <tr>
        <th scope="col">Pupil</th>
        {#each data.parts as part (part.id)}
          <th scope="col" title={part.prompt}>
            {part.label}<br /><span class="faint"
              >/{part.available}{part.withdrawn === 'no' ? '' : ' w'}</span
            >
          </th>
        {/each}
        <th scope="col">Total<br /><span class="faint">/{available}</span></th>
      </tr>
    </thead>
    <tbody>
      {#each there as script, row (script.id)}
        <tr>
          <th scope="row"
            >{script.name}{#if script.form}<span class="faint">&ensp;{script.form}</span>{/if}</th
          >
          {#each data.parts as part, column (part.id)}
            {@const problem = grid.problemOf(script.id, part.id)}
            <td class:wrong={problem !== ''}>
              <input
                inputmode="numeric"
                data-cell="{row}/{column}"
                value={grid.textOf(script.id, part.id)}
                aria-label="{script.name}, {part.label}, of {part.available}"
                aria-invalid={problem !== ''}
                title={problem}
                onfocus={(event) => event.currentTarget.select()}
                onkeydown={(event) => keys(event, row, column)}
                onpaste={(event) => paste(event, script.id, part.id)}
                onchange={(event) => grid.type(script.id, part.id, event.currentTarget.value)}
              />
              {#if problem}<span class="said" role="alert">{problem}</span>{/if}
            </td>
          {/each}
          <td class="number"><strong>{grid.totalOf(script.id)}</strong></td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="faint small">
  <kbd>Enter</kbd> and the arrows go from cell to cell. A mark that is typed here counts as it stands;
  what is entered on the desk stays beside it. w: withdrawn.
</p>

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
  .cells {
    /* As wide as the page, however many parts there are. */
    width: 0;
    min-width: 100%;
    overflow: auto;
    max-height: calc(100vh - 12rem);
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
  td {
    position: relative;
    border: 1px solid var(--rule);
    padding: 0;
  }
  td.number {
    padding: 0 var(--space-2);
    min-width: 3rem;
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
  kbd {
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
    background: var(--leaf);
  }
</style>
