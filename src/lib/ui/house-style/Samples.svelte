<script lang="ts">
  import { spoken, writeNumeral, type HouseStyle } from '@zealous-quill/core/house-style';
  import type { Layout } from '@zealous-quill/core/working';
  import { untrack } from 'svelte';
  import Button from '../kit/Button.svelte';
  import { plural } from '../format';
  import { changedSamples } from './changed-samples';
  import MathText from '../sheet/MathText.svelte';
  import Sheet from '../sheet/Sheet.svelte';

  interface Sample {
    readonly id: string;
    readonly title: string;
    readonly prompt: string;
    readonly layout: Layout;
    readonly steps: readonly { id: string; text: string; explanation: string }[];
  }

  /** Items worked as the department works and writes them: those that the last choice changed, or all. */
  let { samples, style }: { samples: readonly Sample[]; style: HouseStyle } = $props();

  let isAll = $state(false);
  let before = untrack(() => samples);
  let changed = $state.raw<readonly Sample[] | null>(null);

  $effect(() => {
    const now = samples;
    const others = changedSamples(before, now);
    // Every save brings all samples anew; only the first time nothing was chosen yet.
    if (now !== before) changed = others;
    before = now;
  });

  const shown = $derived(isAll ? samples : (changed ?? samples.slice(0, 1)));
</script>

<div class="samples">
  <p class="which faint">
    {#if isAll}All samples
    {:else if changed === null}A sample; a choice shows those that it changes
    {:else if changed.length === 0}No sample is changed by that choice
    {:else}Changed by the last choice: {plural(changed.length, 'sample')}{/if}
    <Button kind="quiet" onclick={() => (isAll = !isAll)}
      >{isAll ? 'only what a choice changes' : `all ${samples.length} samples`}</Button
    >
  </p>
  {#each shown as sample (sample.id)}
    <section class="leaf" aria-label="Sample of {sample.title}">
      <h2>{sample.title}</h2>
      <p class="figures"><MathText text={sample.prompt} /></p>
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="sample" role="group" aria-label="{sample.title} on squares" tabindex="0">
        <Sheet
          layout={sample.layout}
          texts={Object.fromEntries(sample.steps.map(({ id, text }) => [id, text]))}
          square={1.4 + (style.squares - 5) * 0.18}
          label="{spoken(sample.prompt)} worked"
        />
        <ol>
          {#each sample.steps as { id, explanation } (id)}<li>
              <MathText text={explanation} />
            </li>{/each}
        </ol>
      </div>
    </section>
  {/each}
  <p class="faint numbers">
    Numbers: <span class="figures">{writeNumeral('1234567', style)}</span>,
    <span class="figures">{writeNumeral('9408', style)}</span>,
    <span class="figures">{writeNumeral('3.75', style)}</span>
  </p>
</div>

<style>
  h2 {
    margin-bottom: var(--space-1);
  }
  section + section {
    margin-top: var(--space-4);
  }
  .samples .leaf {
    padding: var(--space-4) var(--space-4);
  }
  .samples {
    position: sticky;
    top: 4rem;
    max-height: calc(100vh - 5rem);
    overflow-y: auto;
  }
  .which {
    margin-bottom: var(--space-2);
  }
  .sample {
    position: relative;
    overflow-x: auto;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-4) var(--space-5);
    margin-top: var(--space-3);
    align-items: flex-start;
  }
  ol {
    list-style: decimal;
    padding-left: var(--space-5);
  }
  .numbers {
    margin-top: var(--space-2);
  }
</style>
