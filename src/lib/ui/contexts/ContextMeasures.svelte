<script lang="ts">
  import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
  import Button from '../kit/Button.svelte';
  import DataTable from '../kit/DataTable.svelte';
  import NumberInput from '../kit/NumberInput.svelte';
  import Problem from '../kit/Problem.svelte';
  import { entered } from '../entered';
  import PickField from './PickField.svelte';
  import {
    freeName,
    nameFrom,
    renameMeasure,
    unitsFor,
    withEntry,
    type MeasureOf
  } from './context-edits';

  interface Props {
    context: Context;
    problemsAt: (field: string) => readonly ContextProblem[];
    onchange: (change: Partial<Context>) => void;
  }

  let { context, problemsAt, onchange }: Props = $props();

  const units = $derived(unitsFor(context));
  const columns = [
    { title: 'Measure' },
    { title: 'Counted or measured in' },
    { title: 'From', isNumber: true },
    { title: 'To', isNumber: true },
    { title: 'In steps of', isNumber: true },
    { title: 'Total' },
    { title: 'Actions', isHidden: true }
  ];
  const ends = ['from', 'to', 'step'] as const;

  const isUsed = (id: string) =>
    context.stories.some(({ parts }) =>
      Object.values(parts).some(([names]) => names.split('|').includes(id))
    ) || Object.values(context.beside).some(([measure]) => measure === id);

  const set = (id: string, measure: MeasureOf | null) =>
    onchange({ measures: withEntry(context.measures, id, measure) });

  const problemsOf = (id: string) =>
    ['unit', ...ends].flatMap((field) => problemsAt(`measures/${id}/${field}`));

  function rename(id: string, field: { currentTarget: HTMLInputElement; isTrusted: boolean }) {
    const name = nameFrom(entered(field), id);
    onchange(renameMeasure(context, id, name));
    field.currentTarget.value = name in context.measures && name !== id ? id : name;
  }

  function add() {
    const [unit] = units[0]!;
    const id = freeName('amount', Object.keys(context.measures));
    set(id, { unit, from: 10, to: 99, step: 1 });
  }
</script>

<section class="leaf" aria-label="Measures">
  <h2>Measures</h2>
  <p class="faint small">
    What numbers are met of each quantity. A total takes whatever the others come to.
  </p>
  {#each problemsAt('measures') as { says } (says)}<Problem>{says}</Problem>{/each}
  <DataTable {columns}>
    {#each Object.entries(context.measures) as [id, measure] (id)}
      <tr>
        <td>
          <input
            value={id}
            maxlength="26"
            aria-label="Name of the measure {id}"
            onchange={(event) => rename(id, event)}
          />
        </td>
        <td class="unit">
          <PickField
            label="What {id} is counted or measured in"
            value={measure.unit}
            options={units}
            onpick={(unit) => set(id, { ...measure, unit })}
          />
        </td>
        {#each ends as end (end)}
          <td class="number">
            <NumberInput
              value={measure[end]}
              min={0}
              max={99_999}
              label="{id}, {end === 'step' ? 'in steps of' : end}"
              onchange={(value) => set(id, { ...measure, [end]: value })}
            />
          </td>
        {/each}
        <td>
          <input
            type="checkbox"
            aria-label="{id} is a total"
            checked={measure.isMade === true}
            onchange={({ currentTarget }) => {
              const { isMade, ...rest } = measure;
              set(id, currentTarget.checked && !isMade ? { ...rest, isMade: true } : rest);
            }}
          />
        </td>
        <td>
          {#if !isUsed(id)}
            <Button kind="quiet" onclick={() => set(id, null)}
              >remove<span class="visually-hidden"> {id}</span></Button
            >
          {/if}
        </td>
      </tr>
      {#each problemsOf(id) as { says } (says)}
        <tr><td colspan="7"><Problem>{says}</Problem></td></tr>
      {/each}
    {/each}
  </DataTable>
  <Button kind="quiet" disabled={Object.keys(context.measures).length >= 40} onclick={add}
    >another measure</Button
  >
</section>

<style>
  section {
    padding: var(--space-3) var(--space-4);
    min-width: 0;
    overflow-x: auto;
  }
  td input:not([type='checkbox']) {
    width: 7rem;
    padding: 0 var(--space-1);
  }
  .unit {
    min-width: 8.5rem;
  }
  .number :global(input) {
    width: 4.6em;
    font-size: var(--text-base);
  }
  td {
    vertical-align: middle;
  }
</style>
