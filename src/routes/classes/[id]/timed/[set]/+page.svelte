<script lang="ts">
  import { writeNumeral } from '@zealous-quill/core/house-style';
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { CellGrid, minutesAndSeconds, upTo, type GridColumn } from '$lib/ui/kit/cell-grid.svelte';
  import CellsHead from '$lib/ui/kit/CellsHead.svelte';
  import CellTable from '$lib/ui/kit/CellTable.svelte';
  import { guardCells } from '$lib/ui/kit/guard-cells';
  import { sendCells } from '$lib/ui/kit/send-cells';
  import { day, plural } from '$lib/ui/format';
  import { quickQuery } from '$lib/ui/workshop/quick-query';
  import RateLine from '$lib/ui/results/RateLine.svelte';
  import { gainOf, rateOf, type TimedSheet } from '$lib/ui/results/timed-rate';

  let { data } = $props();

  const { id, skill, asked, items, createdAt } = untrack(() => data.set);
  const sheets = Array.from({ length: asked.sets }, (_, at) => 'ABCD'[at]!);
  const names = $derived(new Map(data.group.pupils.map(({ id, name }) => [id, name])));
  const grid = untrack(
    () =>
      new CellGrid(
        data.group.pupils.map(({ id }) => id),
        sheets.flatMap((sheet, at) => [
          { id: 2 * at, label: `${sheet}: right`, ...upTo(items, 'right answers') },
          { id: 2 * at + 1, label: `${sheet}: time`, ...minutesAndSeconds }
        ]),
        data.cells,
        (cells) => sendCells(`/classes/${data.group.id}/timed/${id}`, cells)
      )
  );
  guardCells(grid);

  const sheetsOf = (pupil: number): TimedSheet[] =>
    sheets.map((_, at) => ({
      score: grid.valueOf(pupil, 2 * at),
      seconds: grid.valueOf(pupil, 2 * at + 1)
    }));
  const most = $derived(
    Math.max(1, ...grid.rows.flatMap((pupil) => sheetsOf(pupil).map((one) => rateOf(one) ?? 0)))
  );
  /** Less than this does not show in one place after the point. */
  const SEEN = 0.05;
  const figure = (value: number) => writeNumeral(Math.abs(value).toFixed(1), data.style);
  function gainWords(gain: number | null): string {
    if (gain === null) return '';
    if (Math.abs(gain) < SEEN) return 'as before';
    return gain > 0 ? `▲ ${figure(gain)} more` : `▽ ${figure(gain)} fewer`;
  }
</script>

<svelte:head><title>Timed practice of {data.group.name} · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/classes/{data.group.id}">{data.group.name}</a></p>
<CellsHead {grid} title={data.title} subtitle="against the clock">
  Kept on {day(createdAt)} · {plural(sheets.length, 'sheet')} of {plural(items, 'item')} as hard as each
  other, {plural(asked.minutes, 'minute')} at the most ·
  <a class="quiet-link" href="/workshop/{skill}/quick?{quickQuery(asked)}">the sheets</a>
  {#snippet acts()}
    <form method="POST" action="?/remove">
      <Button type="submit" kind="quiet">remove</Button>
    </form>
  {/snippet}
</CellsHead>

{#if grid.rows.length === 0}
  <p class="leaf empty">
    Nobody is in this class yet. <a class="quiet-link" href="/classes/{data.group.id}"
      >Enter its pupils</a
    > first.
  </p>
{:else}
  <CellTable
    {grid}
    {names}
    label="Scores and times of pupils by sheets"
    rowTitle="Pupil"
    spoken={({ label }) => label}
  >
    {#snippet head({ label }: GridColumn)}
      {@const [sheet, what] = label.split(': ')}
      {sheet}<br /><span class="faint">{what === 'right' ? `right /${items}` : 'time'}</span>
    {/snippet}
    {#snippet lastHead()}Right a minute<br /><span class="faint">since the sheet before</span
      >{/snippet}
    {#snippet last(pupil: number)}
      {@const own = sheetsOf(pupil)}
      {@const rates = own.map(rateOf)}
      {@const newest = rates.findLast((rate) => rate !== null)}
      {@const gain = gainOf(own)}
      {#if newest !== undefined && newest !== null}
        <span class="rate">
          <RateLine {rates} {most} />
          <strong>{figure(newest)}</strong>
          <span class="gain" class:more={gain !== null && gain >= SEEN}>
            {gainWords(gain)}
          </span>
        </span>
      {/if}
    {/snippet}
  </CellTable>
  <p class="faint small">
    A time is typed 2:05, or in seconds; <kbd>Enter</kbd> and the arrows go from cell to cell. A block
    from a spreadsheet can be pasted.
  </p>
{/if}

<style>
  .empty {
    padding: var(--space-4);
    max-width: 34rem;
  }
  .rate {
    display: inline-grid;
    grid-template-columns: auto 3rem 6.5rem;
    align-items: center;
    gap: var(--space-2);
  }
  .gain {
    text-align: left;
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .gain.more {
    color: var(--right);
  }
</style>
