<script lang="ts">
  interface Props {
    /** Right answers a minute on each sheet, null where it is not noted. */
    rates: readonly (number | null)[];
    /** The largest of all pupils, so that lines can be compared. */
    most: number;
  }

  let { rates, most }: Props = $props();

  const [WIDTH, HEIGHT, EDGE] = [64, 20, 3];
  const points = $derived(
    rates.flatMap((rate, at) =>
      rate === null
        ? []
        : [
            {
              x: EDGE + (at * (WIDTH - 2 * EDGE)) / Math.max(1, rates.length - 1),
              y: HEIGHT - EDGE - (rate / most) * (HEIGHT - 2 * EDGE)
            }
          ]
    )
  );
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} aria-hidden="true">
  <polyline points={points.map(({ x, y }) => `${x},${y}`).join(' ')} />
  {#each points as { x, y }, at (at)}
    <circle cx={x} cy={y} r={at === points.length - 1 ? 2.6 : 1.6} />
  {/each}
</svg>

<style>
  polyline {
    fill: none;
    stroke: var(--faint);
    stroke-width: 1.2;
  }
  circle {
    fill: var(--accent);
  }
</style>
