<script lang="ts">
  import { writeNumeral, writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import { spreadCount, type ItemFacts, type Rung, type Spread } from '@zealous-quill/core/papers';
  import type { Controls } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import Input from 'flowbite-svelte/Input.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { withControl } from '../controls/choices';
  import ControlsPanel from '../controls/ControlsPanel.svelte';
  import type { Possibilities } from '../controls/possibilities.svelte';
  import { tooHard } from '../controls/words';
  import MathText from '../sheet/MathText.svelte';
  import SpreadPlan from './SpreadPlan.svelte';

  interface Props {
    rung: Rung;
    /** The rung as it is called: `Rung 2: Fill the gaps`. */
    name: string;
    skill: SkillDescription;
    style: HouseStyle;
    possibilities: Possibilities;
    /** A few items under some controls. */
    sample: (controls: Controls) => Promise<readonly ItemFacts[]>;
    ondraw: (plan: Pick<Rung, 'controls' | 'count' | 'school' | 'spread' | 'simplestForm'>) => void;
    onclose: () => void;
  }

  let { rung, name, skill, style, possibilities, sample, ondraw, onclose }: Props = $props();

  let controls = $state.raw(untrack(() => rung.controls as Controls));
  let count = $state(untrack(() => rung.count));
  let school = $state(untrack(() => rung.school));
  let spread = $state.raw<Spread | undefined>(untrack(() => rung.spread));
  let simplestForm = $state(untrack(() => rung.simplestForm));
  let shown = $state.raw<{ of: Controls; items: readonly ItemFacts[] } | null>(null);
  const total = $derived(spread ? spreadCount(spread) : count);
  const isTooFew = $derived(
    possibilities.usable !== null && possibilities.usable < BigInt(total || 0)
  );
  const isWrong = $derived(!Number.isInteger(total) || total < 1 || total > 40);

  $effect(() => {
    void possibilities.ask(skill, controls);
  });
  $effect(() => {
    const of = controls;
    void sample(of).then((items) => {
      if (of === controls) shown = { of, items };
    });
  });

  function draw() {
    ondraw({ controls: controls as Rung['controls'], count: total, school, spread, simplestForm });
    onclose();
  }

  function keys(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    onclose();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section class="plan" aria-label="What {name} draws" onkeydown={keys}>
  <div class="row">
    <label>
      Items
      {#if spread}
        <strong class="figures">{total}</strong>
      {:else}
        <Input
          type="number"
          min="1"
          max="40"
          bind:value={count}
          aria-invalid={isWrong}
          classes={{ input: 'w-18' }}
        />
      {/if}
    </label>
    <span class:few={isTooFew} aria-live="polite">
      {possibilities.usable === null
        ? possibilities.isCounting
          ? '…'
          : ''
        : `from ${writeNumeral(possibilities.usable.toString(), style)} that differ`}
    </span>
    {#if Object.keys(skill.schools).length > 1}
      <label>
        Worked by
        <Select
          placeholder=""
          bind:value={school}
          items={Object.entries(skill.schools).map(([value, title]) => ({
            value,
            name: title.toLowerCase()
          }))}
        />
      </label>
    {/if}
    {#if skill.family === 'fractions'}
      <label>
        Simplest form is
        <Select
          placeholder=""
          value={simplestForm ?? ''}
          onchange={(event) =>
            (simplestForm = (event.currentTarget.value || undefined) as typeof simplestForm)}
        >
          <option value="">as the house style says</option>
          <option value="asked">asked for</option>
          <option value="open">not asked for</option>
        </Select>
      </label>
    {/if}
  </div>
  {#if isWrong}<Problem>A rung has 1 to 40 items.</Problem>{/if}
  <p class="such" aria-live="polite">
    {#each shown?.items ?? [] as { line } (line)}
      <span class="figures"><MathText text={writeText(line, style)} /></span>
    {:else}
      {possibilities.isTooHard
        ? tooHard(controls)
        : possibilities.count === 0n
          ? 'No item has all of this.'
          : '…'}
    {/each}
  </p>
  <SpreadPlan
    {skill}
    {spread}
    possible={possibilities.possible}
    onchange={(next) => (spread = next)}
    onfeature={(feature) => (controls = withControl(controls, feature, undefined))}
  />
  <div class="controls">
    <ControlsPanel {skill} {controls} {possibilities} onchange={(next) => (controls = next)} />
  </div>
  <div class="row foot">
    <Button kind="main" disabled={isTooFew || isWrong} onclick={draw}>Draw</Button>
    <Button onclick={onclose}>Leave as it was</Button>
  </div>
</section>

<style>
  .plan {
    padding: var(--space-2) var(--space-3) var(--space-3);
    border-left: 3px solid var(--accent);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    align-items: center;
  }
  .foot {
    position: sticky;
    bottom: 0;
    padding: var(--space-2) 0;
    background: var(--leaf);
  }
  label {
    display: flex;
    gap: var(--space-2);
    align-items: center;
  }
  .such {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-4);
    min-height: 1.6em;
    padding: var(--space-1) 0;
    color: var(--faint);
  }
  .controls {
    columns: 2 15rem;
    column-gap: var(--space-5);
  }
  .controls > :global(fieldset) {
    break-inside: avoid;
  }
  .few {
    color: var(--slip);
  }
</style>
