<script lang="ts">
  import { onMount } from 'svelte';

  interface Props {
    href: string;
    /** Degrees it is turned clockwise. */
    turn: number;
    ondrawn: () => void;
  }

  let { href, turn, ondrawn }: Props = $props();

  let host: HTMLDivElement;
  let problem = $state<string | null>(null);

  onMount(() => {
    void draw().catch(() => (problem = 'This PDF cannot be shown.'));
  });

  /** Draws every page of the file, one under the other, as wide as there is room. */
  async function draw() {
    const pdfjs = await import('pdfjs-dist');
    const worker = await import('pdfjs-dist/build/pdf.worker.min.mjs?url');
    pdfjs.GlobalWorkerOptions.workerSrc = worker.default;
    const file = await pdfjs.getDocument(href).promise;
    for (let number = 1; number <= file.numPages; number++) {
      const page = await file.getPage(number);
      // Sharp enough to be looked at closely.
      const scale =
        (2 * host.clientWidth * devicePixelRatio) /
        page.getViewport({ scale: 1, rotation: page.rotate + turn }).width;
      const viewport = page.getViewport({ scale, rotation: page.rotate + turn });
      const canvas = document.createElement('canvas');
      canvas.width = viewport.width;
      canvas.height = viewport.height;
      canvas.style.width = '100%';
      await page.render({ canvasContext: canvas.getContext('2d')!, viewport }).promise;
      // The host has no children of its own, so nothing here is Svelte's.
      // eslint-disable-next-line svelte/no-dom-manipulating
      host.append(canvas);
    }
    ondrawn();
  }
</script>

<div bind:this={host} role="img" aria-label="Page of the script"></div>
{#if problem}<p role="alert">{problem}</p>{/if}

<style>
  div {
    border: 1px solid var(--rule);
  }
</style>
