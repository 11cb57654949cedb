<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { spreadCount, type Rung, type Spread } from '@zealous-quill/core/papers';
  import type { Controls, SkillDescription } from '@zealous-quill/core/skills';
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { untrack } from 'svelte';
  import { withControl } from '../controls/choices';
  import ControlsPanel from '../controls/ControlsPanel.svelte';
  import type { Possibilities } from '../controls/possibilities.svelte';
  import { groupDigits } from '../format';
  import SpreadPlan from './SpreadPlan.svelte';

  interface Props {
    rung: Rung;
    skill: SkillDescription;
    possibilities: Possibilities;
    ondraw: (plan: Pick<Rung, 'controls' | 'count' | 'school' | 'spread'>) => void;
    onclose: () => void;
  }

  let { rung, skill, possibilities, ondraw, onclose }: Props = $props();

  let controls = $state.raw(untrack(() => rung.controls as Controls));
  let count = $state(untrack(() => rung.count));
  let school = $state(untrack(() => rung.school));
  let spread = $state.raw<Spread | undefined>(untrack(() => rung.spread));
  const total = $derived(spread ? spreadCount(spread) : count);
  let open = $state(true);
  const isTooFew = $derived(
    possibilities.usable !== null && possibilities.usable < BigInt(total || 0)
  );
  const isWrong = $derived(!Number.isInteger(total) || total < 1 || total > 40);

  $effect(() => {
    void possibilities.ask(skill, controls);
  });
  $effect(() => {
    if (!open) onclose();
  });
</script>

<Modal bind:open title="What this rung draws" size="sm">
  <div class="plan">
    <div class="row">
      <label>
        Items
        {#if spread}
          <strong class="figures">{total}</strong>
        {:else}
          <input type="number" min="1" max="40" bind:value={count} aria-invalid={isWrong} />
        {/if}
      </label>
      <p class:few={isTooFew} aria-live="polite">
        {possibilities.usable === null
          ? '…'
          : `from ${groupDigits(possibilities.usable)} that differ`}
      </p>
    </div>
    {#if isWrong}<p class="few">A rung has 1 to 40 items.</p>{/if}
    {#if Object.keys(skill.schools).length > 1}
      <label class="way">
        Worked by
        <select bind:value={school}>
          {#each Object.entries(skill.schools) as [id, title] (id)}
            <option value={id}>{title.toLowerCase()}</option>
          {/each}
        </select>
      </label>
    {/if}
    <SpreadPlan
      {skill}
      {spread}
      possible={possibilities.possible}
      onchange={(next) => (spread = next)}
      onfeature={(feature) => (controls = withControl(controls, feature, undefined))}
    />
    <ControlsPanel {skill} {controls} {possibilities} onchange={(next) => (controls = next)} />
  </div>
  {#snippet footer()}
    <Button
      kind="main"
      disabled={isTooFew || isWrong}
      onclick={() => {
        ondraw({ controls: controls as Rung['controls'], count: total, school, spread });
        open = false;
      }}>Draw</Button
    >
    <Button kind="side" onclick={() => (open = false)}>Leave as it was</Button>
  {/snippet}
</Modal>

<style>
  .plan {
    color: var(--ink);
  }
  .row {
    display: flex;
    gap: var(--space-4);
    align-items: baseline;
  }
  input {
    width: 4.5rem;
    padding: var(--space-half) var(--space-2);
  }
  .way {
    display: block;
    padding-top: var(--space-2);
  }
  .way select {
    padding: var(--space-half) var(--space-5) var(--space-half) var(--space-2);
    margin-left: var(--space-1);
  }
  .few {
    color: var(--slip);
  }
</style>
