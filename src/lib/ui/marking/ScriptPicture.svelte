<script lang="ts">
  import { ANSWER } from '@zealous-quill/core/working';
  import MathText from '../sheet/MathText.svelte';
  import Sheet from '../sheet/Sheet.svelte';
  import type { Place } from './desk.svelte';
  import PdfPage from './PdfPage.svelte';

  interface Props {
    place: Place;
    /** What a simulated pupil wrote; undefined for a real script. */
    working: Readonly<Record<string, string>> | undefined;
    pages: readonly { id: number; mediaType: string }[];
    sittingId: number;
  }

  let { place, working, pages, sittingId }: Props = $props();

  const item = $derived(place.item.item);
  const layout = $derived(place.item.printed.layout);
  const isBlank = $derived(working !== undefined && Object.keys(working).length === 0);
  let shown = $state(0);
  const page = $derived(pages[Math.min(shown, pages.length - 1)]);
</script>

<div class="picture">
  <p class="figures prompt"><strong>{place.item.number}</strong> <MathText text={item.prompt} /></p>
  {#if page}
    {#if pages.length > 1}
      <div class="tabs" role="group" aria-label="Pages">
        {#each pages as { id }, at (id)}
          <button type="button" aria-pressed={at === shown} onclick={() => (shown = at)}
            >page {at + 1}</button
          >
        {/each}
      </div>
    {/if}
    {#if page.mediaType === 'application/pdf'}
      <PdfPage href="/marking/{sittingId}/pages/{page.id}" />
    {:else}
      <img src="/marking/{sittingId}/pages/{page.id}" alt="Page {shown + 1} of the script" />
    {/if}
  {:else if working && isBlank}
    <p class="faint">Nothing is written.</p>
    <Sheet {layout} square={Math.min(2.3, 15.8 / layout.width)} label="Empty squares" />
  {:else if working}
    <Sheet
      {layout}
      texts={working}
      handwritten
      square={Math.min(2.3, 15.8 / layout.width)}
      label="Script: {item.prompt} answered {working[ANSWER] ?? ''}"
    />
    <p class="answer">
      <span class="faint">Answer</span> <span class="hand">{working[ANSWER] ?? ''}</span>
    </p>
  {:else}
    <p class="faint none">No picture of this script. Mark from the paper, or add a page of it.</p>
  {/if}
  {#if !working}
    <form method="POST" action="?/page" enctype="multipart/form-data">
      <input type="hidden" name="script" value={place.script.id} />
      <input
        type="file"
        name="file"
        accept="image/png,image/jpeg,application/pdf"
        aria-label="Add a page of this script"
        onchange={(event) => event.currentTarget.form?.requestSubmit()}
      />
    </form>
  {/if}
</div>

<style>
  .prompt {
    margin-bottom: var(--space-2);
  }
  .prompt strong {
    margin-right: var(--space-2);
  }
  img {
    max-width: 100%;
    border: 1px solid var(--rule);
  }
  .answer {
    margin-top: var(--space-2);
  }
  .hand {
    font-family: var(--font-hand);
    font-size: var(--text-2xl);
    color: var(--pen);
  }
  .tabs button {
    border: 1px solid var(--rule);
    padding: 0 var(--space-2);
    font-size: var(--text-sm);
  }
  .tabs button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }
  .none {
    padding: var(--space-4) 0;
  }
  form {
    margin-top: var(--space-3);
    font-size: var(--text-sm);
  }
</style>
