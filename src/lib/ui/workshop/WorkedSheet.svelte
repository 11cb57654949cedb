<script lang="ts">
  import { spoken } from '@zealous-quill/core/house-style';
  import type { ItemView } from '@zealous-quill/core/skill';
  import MathText from '../sheet/MathText.svelte';
  import Sheet from '../sheet/Sheet.svelte';
  import { Stepper } from './stepper.svelte';

  interface Props {
    view: ItemView;
    /** It is worked in the head: what is held is said at each step. */
    holds: boolean;
  }

  let { view, holds }: Props = $props();

  const stepper = $derived(new Stepper(view));
  const square = $derived(Math.min(2.1, 19 / view.layout.width));
  /** The bars are built up row by row as one steps on. */
  const barRows = $derived(
    Math.min(view.model?.told.rows.length ?? 0, stepper.isWhole ? Infinity : stepper.shown + 1)
  );
  const digits = $derived(stepper.held.join('').replace(/\D/g, '').length);

  function keys(event: KeyboardEvent) {
    if ((event.target as HTMLElement).matches('input, textarea, select')) return;
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const to = {
      ArrowRight: stepper.shown + 1,
      ArrowLeft: stepper.shown - 1,
      Home: 0,
      End: view.steps.length
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    stepper.go(to);
  }
</script>

<svelte:window onkeydown={keys} />

{#if view.model}
  {@const model = stepper.isWhole ? view.model.solved : view.model.told}
  <div class="model">
    {#await import('../bars/Bars.svelte') then { default: Bars }}
      <Bars {model} rows={barRows} />
    {/await}
  </div>
{/if}
<div class="sheet">
  <Sheet
    layout={view.layout}
    texts={stepper.texts}
    current={stepper.current}
    {square}
    label="{spoken(view.item.prompt)} {stepper.shown} of {view.steps.length} steps shown"
  />
</div>
<div class="stepper">
  <button
    type="button"
    aria-label="Empty sheet"
    disabled={stepper.shown === 0}
    onclick={() => stepper.go(0)}>⇤</button
  >
  <button
    type="button"
    aria-label="Step back"
    disabled={stepper.shown === 0}
    onclick={() => stepper.go(stepper.shown - 1)}>←</button
  >
  <span class="figures">{stepper.shown} / {view.steps.length}</span>
  <button
    type="button"
    aria-label="Next step"
    disabled={stepper.isWhole}
    onclick={() => stepper.go(stepper.shown + 1)}>→</button
  >
  <button
    type="button"
    aria-label="Whole working"
    disabled={stepper.isWhole}
    onclick={() => stepper.go(view.steps.length)}>⇥</button
  >
</div>
<div aria-live="polite">
  <p class="explanation"><MathText text={stepper.explanation} /></p>
  {#if holds}
    <p class="held">
      {#if stepper.held.length === 0}
        <span class="faint">Nothing is held.</span>
      {:else}
        <span class="faint">Held now</span>
        {#each stepper.held as value, at (at)}
          <span class="value"><MathText text={value} /></span>
        {/each}
        <span class="faint">{digits === 1 ? '1 digit' : `${digits} digits`}</span>
      {/if}
    </p>
  {/if}
</div>

<style>
  .model {
    padding: var(--space-3) 0 var(--space-1);
  }
  .sheet {
    display: flex;
    justify-content: center;
    padding: var(--space-2) 0 var(--space-2);
    overflow-x: auto;
  }
  .stepper {
    display: flex;
    justify-content: center;
    align-items: center;
    gap: var(--space-1);
  }
  .stepper button {
    border: 1px solid var(--rule);
    width: 2rem;
    height: 1.8rem;
  }
  .stepper button:disabled {
    color: var(--rule);
  }
  .stepper button:hover:not(:disabled) {
    background: var(--accent-soft);
  }
  .explanation {
    text-align: center;
    min-height: 1.5em;
    padding: var(--space-1) 0;
  }
  .held {
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
    align-items: baseline;
    gap: var(--space-1) var(--space-2);
    min-height: 2rem;
    padding-bottom: var(--space-1);
  }
  .value {
    font-family: var(--font-figures);
    padding: 0 var(--space-2);
    border: 1px solid var(--lamp);
    background: var(--lamp-soft);
  }
</style>
