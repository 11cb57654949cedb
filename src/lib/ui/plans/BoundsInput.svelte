<script lang="ts">
  import type { Bounds } from '@zealous-quill/core/exams';
  interface Props {
    /** What is bounded, for those who hear it. */
    label: string;
    value: Bounds | undefined;
    step?: number;
    /** What is typed is so many times the value: 100 for a share in per cent. */
    scale?: number;
    unit?: string;
    onchange: (value: Bounds | undefined) => void;
  }

  let { label, value, step = 1, scale = 1, unit = '', onchange }: Props = $props();

  function change(side: 'min' | 'max', text: string) {
    const number = text.trim() === '' ? undefined : Number(text) / scale;
    const next = { ...value, [side]: Number.isNaN(number) ? undefined : number };
    const { min, max } = next;
    onchange(min === undefined && max === undefined ? undefined : { ...pick({ min, max }) });
  }

  const shown = (number: number | undefined) =>
    number === undefined ? '' : Math.round(number * scale * 100) / 100;

  const pick = (bounds: Bounds) =>
    Object.fromEntries(Object.entries(bounds).filter(([, number]) => number !== undefined));
</script>

<span class="bounds">
  {#each ['min', 'max'] as const as side (side)}
    {#if side === 'max'}<span class="faint">to</span>{/if}
    <input
      type="number"
      {step}
      value={shown(value?.[side])}
      aria-label="{side === 'min' ? 'Least' : 'Most'} {label}"
      onchange={(event) => change(side, event.currentTarget.value)}
    />
  {/each}
  {unit}
</span>

<style>
  .bounds {
    display: inline-flex;
    gap: var(--space-1);
    align-items: baseline;
    white-space: nowrap;
  }
  input {
    width: 2.9em;
    padding: 0 var(--space-1);
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
</style>
