<script lang="ts">
  import { spoken, writeNumeral, type HouseStyle } from '@zealous-quill/core/house-style';
  import type { Layout } from '@zealous-quill/core/working';
  import MathText from '../sheet/MathText.svelte';
  import Sheet from '../sheet/Sheet.svelte';

  interface Sample {
    readonly id: string;
    readonly title: string;
    readonly prompt: string;
    readonly layout: Layout;
    readonly steps: readonly { id: string; text: string; explanation: string }[];
  }

  /** Items worked as the department works and writes them. */
  let { samples, style }: { samples: readonly Sample[]; style: HouseStyle } = $props();
</script>

<div class="samples">
  {#each samples as sample (sample.id)}
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
    top: 1rem;
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
