<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { wantedAlong } from '@zealous-quill/core/papers';
  import type { ApexOptions } from 'apexcharts';
  import { difficultyWord, logit } from '../format';
  import ApexChart from '../kit/ApexChart.svelte';
  import Button from '../kit/Button.svelte';
  import Problem from '../kit/Problem.svelte';
  import { difficultyAxis } from './difficulty-axis';
  import type { PaperEditor } from './paper-editor.svelte';

  interface Props {
    editor: PaperEditor;
    style: HouseStyle;
    isFrozen: boolean;
  }

  let { editor, style, isFrozen }: Props = $props();

  const items = $derived(editor.outline.items);
  const ramp = $derived(editor.paper.ramp);
  const wanted = $derived(wantedAlong(ramp, items.length));
  const isBusy = $derived(editor.waiting > 0);

  const options = (colour: (name: string) => string): ApexOptions => ({
    chart: { type: 'line', height: 280 },
    series: [
      { name: 'predicted', data: items.map(({ facts }) => facts.difficulty) },
      { name: 'wanted', data: wanted.map((value) => Math.round(value * 100) / 100) }
    ],
    colors: [colour('--accent'), colour('--lamp')],
    stroke: { width: [0, 2], dashArray: [0, 5], curve: 'straight' },
    markers: { size: [5, 0], shape: 'square', strokeColors: colour('--leaf') },
    xaxis: {
      categories: items.map(({ number }) => String(number)),
      title: { text: 'item' },
      tooltip: { enabled: false }
    },
    ...difficultyAxis([...items.map(({ facts }) => facts.difficulty), ...wanted], colour),
    tooltip: { y: { formatter: (value: number) => logit(value, style) } },
    legend: { position: 'top', horizontalAlign: 'left' }
  });

  const ends = [
    ['from', 'first'],
    ['to', 'last']
  ] as const;
</script>

<ApexChart {options} label="Predicted difficulty of each item against the wanted ramp" />
<div class="wanted">
  {#each ends as [end, place] (end)}
    <label>
      <span>Wanted of the {place} item: <strong>{difficultyWord(ramp[end])}</strong></span>
      <input
        type="range"
        min="-4"
        max="4"
        step="0.5"
        value={ramp[end]}
        disabled={isFrozen}
        title={logit(ramp[end], style)}
        aria-valuetext="{difficultyWord(ramp[end])}, {logit(ramp[end], style)}"
        onchange={(event) => {
          const value = event.currentTarget.valueAsNumber;
          editor.change((paper) => ({ ...paper, ramp: { ...paper.ramp, [end]: value } }));
        }}
      />
    </label>
  {/each}
  {#if !isFrozen}
    <Button disabled={isBusy} onclick={() => void editor.fit()}>Fit the items to this</Button>
    <p class="faint small">
      Each rung keeps its controls and what is kept of it; its other items are put in order or drawn
      anew. Undo takes it back.
    </p>
  {/if}
  {#if editor.fitProblem}<Problem isUrgent>{editor.fitProblem}</Problem>{/if}
</div>
<table class="visually-hidden">
  <caption>Predicted difficulty by item</caption>
  <tbody>
    {#each items as { number, facts } (number)}<tr
        ><th>{number}</th><td
          >{difficultyWord(facts.difficulty)}, {logit(facts.difficulty, style)}</td
        ></tr
      >{/each}
  </tbody>
</table>

<style>
  .wanted {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-5);
    align-items: center;
  }
  label {
    display: flex;
    flex-direction: column;
  }
  input {
    width: 11rem;
    accent-color: var(--accent);
  }
</style>
