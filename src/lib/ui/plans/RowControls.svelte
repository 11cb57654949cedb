<script lang="ts">
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { Controls } from '@zealous-quill/core/skill';
  import { onMount } from 'svelte';
  import { startBench } from '$lib/workers/bench';
  import ControlsPanel from '../controls/ControlsPanel.svelte';
  import { Possibilities } from '../controls/possibilities.svelte';
  import { tooHard } from '../controls/words';
  import { writeNumeral } from '@zealous-quill/core/house-style';

  interface Props {
    skill: string;
    controls: Controls;
    style: HouseStyle;
    onchange: (controls: Controls) => void;
  }

  let { skill, controls, style, onchange }: Props = $props();

  let described = $state.raw<SkillDescription | null>(null);
  let possibilities = $state.raw<Possibilities | null>(null);

  onMount(() => {
    const [one, other] = [startBench(), startBench()];
    possibilities = new Possibilities(one.bench, other.bench);
    void one.bench.describe(skill, style).then((description) => (described = description));
    return () => [one, other].forEach(({ end }) => end());
  });

  $effect(() => {
    if (described) void possibilities?.ask(described, controls);
  });
</script>

{#if described}
  <p class="faint" aria-live="polite">
    {#if possibilities?.isTooHard}
      {tooHard(controls)}
    {:else if possibilities?.count === 0n}
      No item has all of this.
    {:else if possibilities?.usable}
      {writeNumeral(possibilities.usable.toString(), style)} items that differ
    {/if}
  </p>
  <div class="controls">
    <ControlsPanel skill={described} {controls} {possibilities} {onchange} />
  </div>
{/if}

<style>
  p {
    min-height: 1.6em;
  }
  .controls {
    columns: 2 15rem;
    column-gap: var(--space-5);
  }
  .controls > :global(fieldset) {
    break-inside: avoid;
  }
</style>
