<script lang="ts">
  import { tick, untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import PdfPage from './PdfPage.svelte';
  import type { ScriptPages } from './script-pages.svelte';

  interface Props {
    pages: ScriptPages;
    scriptId: number;
    sittingId: number;
    /** Number of the item that is looked for. */
    item: number;
    onremove: (page: number) => void;
  }

  let { pages, scriptId, sittingId, item, onremove }: Props = $props();

  const ZOOMS = [100, 140, 200, 280];
  let at = $state(0);
  let zoom = $state(0);
  let ratio = $state(1);
  let view = $state<HTMLElement>();

  const all = $derived(pages.of(scriptId));
  const shown = $derived(Math.min(at, all.length - 1));
  const page = $derived(all[shown]);
  const isTurned = $derived(page !== undefined && page.turn % 180 !== 0);
  const href = $derived(page && `/marking/${sittingId}/pages/${page.id}`);

  // Another item or another script: to where the item stands on the pages.
  $effect(() => {
    void scriptId;
    const spot = pages.spotOf(item);
    at = spot.page;
    void tick().then(() => scrollTo(spot.top));
  });

  function scrollTo(top: number) {
    if (view) view.scrollTop = top * view.scrollHeight;
  }

  const remember = () =>
    pages.remember(item, {
      page: shown,
      top: view ? view.scrollTop / Math.max(1, view.scrollHeight) : 0
    });

  function show(next: number) {
    at = next;
    pages.remember(item, { page: next, top: 0 });
  }

  function move(by: number) {
    if (!page) return;
    void pages.move(scriptId, page, shown + by).then(() => show(shown + by));
  }
</script>

{#if page && href}
  <div class="tools" role="toolbar" aria-label="Pages of the script">
    {#each all as { id }, index (id)}
      <Button kind="square" aria-pressed={index === shown} onclick={() => show(index)}
        ><span class="visually-hidden">page </span>{index + 1}</Button
      >
    {/each}
    <span class="gap"></span>
    <Button
      kind="square"
      aria-label="Larger"
      title="Larger"
      disabled={zoom === ZOOMS.length - 1}
      onclick={() => zoom++}>+</Button
    >
    <Button
      kind="square"
      aria-label="Smaller"
      title="Smaller"
      disabled={zoom === 0}
      onclick={() => zoom--}>−</Button
    >
    <Button kind="square" title="A quarter turn" onclick={() => pages.turn(scriptId, page)}
      >turn</Button
    >
    {#if all.length > 1}
      <Button kind="square" disabled={shown === 0} onclick={() => move(-1)}>earlier</Button>
      <Button kind="square" disabled={shown === all.length - 1} onclick={() => move(1)}
        >later</Button
      >
    {/if}
    <Button kind="square" onclick={() => onremove(page.id)}
      >remove<span class="visually-hidden"> page {shown + 1}</span></Button
    >
  </div>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div
    class="view"
    tabindex="0"
    role="region"
    aria-label="Page {shown + 1} of {all.length}"
    bind:this={view}
    onscrollend={remember}
  >
    <div class="sheet" style:width="{ZOOMS[zoom]}%">
      {#if page.mediaType === 'application/pdf'}
        {#key `${page.id}/${page.turn}`}
          <PdfPage
            {href}
            turn={page.turn}
            ondrawn={() => scrollTo(untrack(() => pages.spotOf(item).top))}
          />
        {/key}
      {:else}
        <div class="frame" style:aspect-ratio={isTurned ? 1 / ratio : ratio}>
          <img
            src={href}
            alt="Page {shown + 1} of the script"
            style:width={isTurned ? `${100 * ratio}%` : '100%'}
            style:transform="translate(-50%, -50%) rotate({page.turn}deg)"
            onload={async (event) => {
              const { naturalWidth, naturalHeight } = event.currentTarget as HTMLImageElement;
              ratio = naturalWidth / naturalHeight;
              await tick();
              scrollTo(pages.spotOf(item).top);
            }}
          />
        </div>
      {/if}
    </div>
  </div>
{/if}

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1);
    margin-bottom: var(--space-2);
  }
  .gap {
    margin-right: auto;
  }
  .view {
    max-height: 68vh;
    overflow: auto;
    border: 1px solid var(--rule);
  }
  .frame {
    position: relative;
    overflow: hidden;
  }
  img {
    position: absolute;
    top: 50%;
    left: 50%;
    max-width: none;
  }
</style>
