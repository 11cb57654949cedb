<script lang="ts">
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { CellGrid, upTo, type GridColumn } from '$lib/ui/kit/cell-grid.svelte';
  import CellsHead from '$lib/ui/kit/CellsHead.svelte';
  import CellTable from '$lib/ui/kit/CellTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { sendCells } from '$lib/ui/kit/send-cells';
  import { day, plural } from '$lib/ui/format';
  import { tellScript } from '$lib/ui/marking/tell-script';
  import { guardCells } from '$lib/ui/kit/guard-cells';

  let { data } = $props();

  const there = $derived(data.scripts.filter(({ isAbsent }) => !isAbsent));
  const partOf = untrack(() => new Map(data.parts.map((part) => [part.id, part])));
  const grid = untrack(
    () =>
      new CellGrid(
        there.map(({ id }) => id),
        data.parts.map(({ id, label, available }) => ({ id, label, ...upTo(available, 'marks') })),
        data.marks,
        (cells) => sendCells(`/marking/${data.sitting.id}/grid`, cells)
      )
  );
  const available = $derived(data.parts.reduce((sum, part) => sum + part.available, 0));
  const names = $derived(
    new Map(
      there.map(({ id, name, form }) => [
        id,
        form && !data.isByForm ? `${name} (${formTitle(form)})` : name
      ])
    )
  );
  const hasForms = $derived(there.some(({ form }) => form !== ''));
  const groups = $derived(
    data.isByForm && hasForms
      ? new Map(there.map(({ id, form }) => [id, capital(formTitle(form))]))
      : undefined
  );
  const capital = (words: string) => words[0]!.toUpperCase() + words.slice(1);
  const formTitle = (form: string) => (form.startsWith('spare') ? form : `form ${form}`);
  const totalOf = (script: number) =>
    data.parts.reduce((sum, { id }) => sum + (grid.valueOf(script, id) ?? 0), 0);

  guardCells(grid);

  let problem = $state('');
  const away = $derived(data.scripts.filter(({ isAbsent }) => isAbsent));

  /** Says that a pupil was absent, or was there after all; the rows are made anew. */
  async function setAbsent(scriptId: number, isAbsent: boolean) {
    problem = await tellScript(data.sitting.id, 'absent', { scriptId, isAbsent });
    if (problem === '') location.reload();
  }
</script>

<svelte:head
  ><title>{data.sitting.className}: marks of {data.sitting.title} · Zealous Quill</title
  ></svelte:head
>

<CellsHead {grid} title={data.sitting.className} subtitle={data.sitting.title}>
  {day(data.sitting.satOn)} · marks alone, {plural(there.length, 'script')} by {plural(
    data.parts.length,
    'part'
  )}; type them, or paste a block from a spreadsheet
  {#snippet acts()}
    {#if hasForms}
      <Button href={data.isByForm ? '?' : '?by=form'} data-sveltekit-reload
        >{data.isByForm ? 'By the register' : 'Form by form'}</Button
      >
    {/if}
    <Button href="/marking/{data.sitting.id}">To the pile</Button>
    <Button href="/results/{data.sitting.id}">Results</Button>
  {/snippet}
</CellsHead>
{#each data.damage as said (said)}<Problem>{said}</Problem>{/each}

<CellTable
  {grid}
  {names}
  {groups}
  label="Marks of pupils by parts"
  rowTitle="Pupil"
  spoken={({ id, label }) => `${label}, of ${partOf.get(id)!.available}`}
>
  {#snippet head({ id, label }: GridColumn)}
    {@const part = partOf.get(id)!}
    <span title={part.prompt}
      >{label}<br /><span class="faint">/{part.available}{part.withdrawn === 'no' ? '' : ' w'}</span
      ></span
    >
  {/snippet}
  {#snippet lastHead()}Total<br /><span class="faint">/{available}</span>{/snippet}
  {#snippet last(script: number)}
    <strong>{grid.hasAny(script) ? totalOf(script) : ''}</strong>
    <Button kind="quiet" disabled={!grid.isSettled} onclick={() => setAbsent(script, true)}
      >absent<span class="visually-hidden">: {names.get(script)}</span></Button
    >
  {/snippet}
</CellTable>
{#if problem}<Problem isUrgent>{problem}</Problem>{/if}
{#if away.length > 0}
  <p>
    Absent:
    {#each away as { id, name }, at (id)}
      {at > 0 ? '· ' : ''}{name}
      <Button kind="quiet" disabled={!grid.isSettled} onclick={() => setAbsent(id, false)}
        >was there<span class="visually-hidden">: {name}</span></Button
      >
    {/each}
  </p>
{/if}
<p class="faint small">
  The arrows go from cell to cell, <kbd>Enter</kbd> to the first of the next row. A mark that is typed
  here counts as it stands; what is entered on the desk stays beside it. w: withdrawn.
</p>

<style>
  kbd {
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
    background: var(--leaf);
  }
</style>
