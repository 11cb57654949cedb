<script lang="ts">
  import { percent } from './table';
  import { tenths } from './spread';

  let { shares }: { shares: readonly number[] } = $props();

  const bars = $derived(tenths(shares));
  const most = $derived(Math.max(1, ...bars));
  const label = $derived(
    `From ${percent(Math.min(...shares))} to ${percent(Math.max(...shares))} % of the marks`
  );
</script>

<svg viewBox="0 0 100 24" role="img" aria-label={label}>
  <title>{label}</title>
  {#each bars as bar, at (at)}
    <rect x={at * 10 + 1} y={23 - (22 * bar) / most} width="8" height={(22 * bar) / most} />
  {/each}
  <line x1="0" y1="23.5" x2="100" y2="23.5" />
</svg>

<style>
  svg {
    width: 7rem;
    height: 1.7rem;
    display: block;
  }
  rect {
    fill: var(--accent);
  }
  line {
    stroke: var(--rule);
    stroke-width: 1;
  }
</style>
