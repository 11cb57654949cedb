<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { logit } from '../format';
  import Input from 'flowbite-svelte/Input.svelte';
  import type { NumberedItem, Paper } from '@zealous-quill/core/papers';
  import type { ApexOptions } from 'apexcharts';
  import ApexChart from '../kit/ApexChart.svelte';

  interface Props {
    items: readonly NumberedItem[];
    style: HouseStyle;
    ramp: Paper['ramp'];
    isFrozen: boolean;
    onramp: (ramp: Paper['ramp']) => void;
  }

  let { items, style, ramp, isFrozen, onramp }: Props = $props();

  const wanted = $derived(
    items.map((_, at) => ramp.from + ((ramp.to - ramp.from) * at) / Math.max(1, items.length - 1))
  );

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
    yaxis: {
      min: Math.floor(Math.min(-2, ramp.from, ramp.to)),
      max: Math.ceil(Math.max(2, ramp.from, ramp.to)),
      tickAmount: 4,
      title: { text: 'difficulty, 0 for an average item' },
      labels: { formatter: (value: number) => logit(value, style) }
    },
    legend: { position: 'top', horizontalAlign: 'left' }
  });
</script>

<ApexChart {options} label="Predicted difficulty of each item against the wanted ramp" />
<div class="wanted">
  <label>
    wanted at the first item
    <Input
      type="number"
      step="0.5"
      classes={{ input: 'w-20 py-0' }}
      min="-8"
      max="8"
      value={ramp.from}
      disabled={isFrozen}
      onchange={(event) => onramp({ ...ramp, from: event.currentTarget.valueAsNumber || 0 })}
    />
  </label>
  <label>
    at the last
    <Input
      type="number"
      step="0.5"
      classes={{ input: 'w-20 py-0' }}
      min="-8"
      max="8"
      value={ramp.to}
      disabled={isFrozen}
      onchange={(event) => onramp({ ...ramp, to: event.currentTarget.valueAsNumber || 0 })}
    />
  </label>
</div>
<table class="visually-hidden">
  <caption>Predicted difficulty by item</caption>
  <tbody>
    {#each items as { number, facts } (number)}<tr
        ><th>{number}</th><td>{logit(facts.difficulty, style)}</td></tr
      >{/each}
  </tbody>
</table>

<style>
  .wanted {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    font-size: var(--text-sm);
  }
</style>
