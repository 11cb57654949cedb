<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import { onMount } from 'svelte';

  interface Props {
    /** What is drawn, with the colours of the theme by their names. */
    options: (colour: (name: string) => string) => ApexOptions;
    label: string;
  }

  let { options, label }: Props = $props();

  let host: HTMLElement;
  let chart = $state.raw<{ updateOptions(options: ApexOptions): void; destroy(): void } | null>(
    null
  );

  /** The options with what all charts have in common: the type, no motion, no tools. */
  function drawn(): ApexOptions {
    const css = getComputedStyle(document.documentElement);
    const colour = (name: string) => css.getPropertyValue(name).trim();
    const own = options(colour);
    return {
      grid: { borderColor: colour('--rule') },
      tooltip: { theme: document.documentElement.classList.contains('dark') ? 'dark' : 'light' },
      ...own,
      chart: {
        toolbar: { show: false },
        animations: { enabled: false },
        fontFamily: 'Alegreya Sans',
        foreColor: colour('--faint'),
        zoom: { enabled: false },
        ...own.chart
      }
    };
  }

  onMount(() => {
    let gone = false;
    void import('apexcharts').then(({ default: ApexCharts }) => {
      if (gone) return;
      const made = new ApexCharts(host, drawn());
      void made.render();
      chart = made;
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  });

  $effect(() => {
    // Read here, so that the chart follows it.
    const next = typeof document === 'undefined' ? null : drawn();
    if (next) chart?.updateOptions(next);
  });
</script>

<div bind:this={host} role="img" aria-label={label}></div>
