<script lang="ts">
  import type { Bounds } from '@zealous-quill/core/exams';
  import BoundsInput from './BoundsInput.svelte';
  import { difficultyChoices, wordOf } from './difficulty-choices';

  interface Props {
    /** What is so difficult, for those who hear it. */
    label: string;
    value: Bounds | undefined;
    onchange: (value: Bounds | undefined) => void;
  }

  let { label, value, onchange }: Props = $props();

  const ANY = 'any';
  const NUMBERS = 'between two numbers';
  let isByNumbers = $state(false);
  const word = $derived(
    isByNumbers ? NUMBERS : value === undefined ? ANY : (wordOf(value) ?? NUMBERS)
  );

  function choose(chosen: string) {
    isByNumbers = chosen === NUMBERS;
    if (isByNumbers) return;
    onchange(difficultyChoices.find(([one]) => one === chosen)?.[1]);
  }
</script>

<span class="difficulty">
  <select aria-label={label} value={word} onchange={(event) => choose(event.currentTarget.value)}>
    <option value={ANY}>any</option>
    {#each difficultyChoices as [one] (one)}<option value={one}>{one}</option>{/each}
    <option value={NUMBERS}>{NUMBERS}</option>
  </select>
  {#if word === NUMBERS}
    <BoundsInput label={label.toLowerCase()} step={0.1} {value} {onchange} />
    <span class="small">0 is an average item, −1 easy, 1 hard</span>
  {/if}
</span>

<style>
  select {
    padding: var(--space-1) var(--space-5) var(--space-1) var(--space-2);
  }
  .difficulty {
    display: inline-flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: baseline;
  }
</style>
