<script lang="ts">
  import { writeNumeral } from '@zealous-quill/core/house-style';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import type { Controls } from '@zealous-quill/core/skill';
  import { onMount } from 'svelte';
  import ControlsPanel from '../controls/ControlsPanel.svelte';
  import { Possibilities } from '../controls/possibilities.svelte';
  import { tooHard } from '../controls/words';
  import type { PlanTools } from './plan-tools';

  interface Props {
    skill: string;
    controls: Controls;
    tools: PlanTools;
    onchange: (controls: Controls) => void;
  }

  let { skill, controls, tools, onchange }: Props = $props();

  let described = $state.raw<SkillDescription | null>(null);
  let possibilities = $state.raw<Possibilities | null>(null);

  onMount(() => {
    const [one, other] = [tools.startBench(), tools.startBench()];
    possibilities = new Possibilities(one.bench, other.bench);
    void one.bench.describe(skill, tools.style).then((description) => (described = description));
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
      {writeNumeral(possibilities.usable.toString(), tools.style)} items that differ
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
