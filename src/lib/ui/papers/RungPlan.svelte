<script lang="ts">
  import type { Rung } from '@zealous-quill/core/papers';
  import { skillOf, type Controls } from '@zealous-quill/core/skills';
  import { Modal } from 'flowbite-svelte';
  import { untrack } from 'svelte';
  import ControlsPanel from '../controls/ControlsPanel.svelte';
  import type { Possibilities } from '../controls/possibilities.svelte';
  import { groupDigits } from '../format';

  interface Props {
    rung: Rung;
    possibilities: Possibilities;
    ondraw: (plan: { controls: Controls; count: number }) => void;
    onclose: () => void;
  }

  let { rung, possibilities, ondraw, onclose }: Props = $props();

  const skill = $derived(skillOf(rung.skill));
  let controls = $state.raw(untrack(() => rung.controls as Controls));
  let count = $state(untrack(() => rung.count));
  let open = $state(true);
  const isTooFew = $derived(
    possibilities.usable !== null && possibilities.usable < BigInt(count || 0)
  );
  const isWrong = $derived(!Number.isInteger(count) || count < 1 || count > 40);

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
        Items <input type="number" min="1" max="40" bind:value={count} aria-invalid={isWrong} />
      </label>
      <p class:few={isTooFew} aria-live="polite">
        {possibilities.usable === null
          ? '…'
          : `from ${groupDigits(possibilities.usable)} that differ`}
      </p>
    </div>
    {#if isWrong}<p class="few">A rung has 1 to 40 items.</p>{/if}
    <ControlsPanel
      {skill}
      {controls}
      possible={possibilities.possible}
      conflict={possibilities.conflict?.conflict ?? []}
      onchange={(next) => (controls = next)}
    />
  </div>
  {#snippet footer()}
    <button
      type="button"
      class="main-button"
      disabled={isTooFew || isWrong}
      onclick={() => {
        ondraw({ controls, count });
        open = false;
      }}>Draw</button
    >
    <button type="button" class="side-button" onclick={() => (open = false)}>Leave as it was</button
    >
  {/snippet}
</Modal>

<style>
  .plan {
    color: var(--ink);
  }
  .row {
    display: flex;
    gap: 1rem;
    align-items: baseline;
  }
  input {
    width: 4.5rem;
    padding: 0.15rem 0.4rem;
  }
  .few {
    color: var(--slip);
  }
</style>
