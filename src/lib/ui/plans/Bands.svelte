<script lang="ts">
  interface Props {
    totals: {
      readonly marks: number;
      readonly easy: number;
      readonly middling: number;
      readonly hard: number;
    };
  }

  let { totals }: Props = $props();

  const bands = ['easy', 'middling', 'hard'] as const;
  const marksOf = (band: (typeof bands)[number]) => Math.round(totals[band] * totals.marks);
</script>

<div
  class="shares"
  role="img"
  aria-label="Marks by predicted difficulty: {bands
    .map((band) => `${band} ${marksOf(band)}`)
    .join(', ')}"
>
  {#each bands as band (band)}
    {#if totals[band] > 0}
      <span class={band} style:flex-grow={totals[band]}>{band} {marksOf(band)}</span>
    {/if}
  {/each}
</div>

<style>
  .shares {
    display: flex;
    gap: 2px;
    margin: var(--space-2) 0 var(--space-1);
  }
  .shares span {
    flex-basis: 0;
    min-width: max-content;
    padding: 0 var(--space-2);
    border: 1px solid var(--ink);
  }
  .easy {
    background: var(--leaf);
  }
  .middling {
    background: var(--raised);
  }
  .hard {
    background: var(--ink);
    color: var(--paper);
  }
</style>
