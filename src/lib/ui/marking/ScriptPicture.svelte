<script lang="ts">
  import {
    ANSWER,
    cellOf,
    spreadAnswer,
    withFurtherLines,
    type Graph
  } from '@zealous-quill/core/working';
  import { spoken, writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import MathText from '../sheet/MathText.svelte';
  import Sheet from '../sheet/Sheet.svelte';
  import type { Place } from './pile';
  import type { ScriptPages } from './script-pages.svelte';

  interface Props {
    place: Place;
    graph: Graph;
    style: HouseStyle;
    /** What a simulated pupil wrote; undefined for a real script. */
    working: Readonly<Record<string, string>> | undefined;
    pages: ScriptPages;
    sittingId: number;
    onremove: (page: number) => void;
  }

  let { place, graph, style, working, pages, sittingId, onremove }: Props = $props();

  const item = $derived(place.item.item);
  const layout = $derived(withFurtherLines(place.item.printed.layout, working ?? {}));
  const isBlank = $derived(working !== undefined && Object.keys(working).length === 0);
  const square = $derived(Math.min(2.3, 15.8 / layout.width));
  /** The answer stands apart where it is not what the sheet says. */
  const answer = $derived.by(() => {
    const written = working?.[ANSWER] ?? '';
    const stands = (id: string, text: string) =>
      text === written && cellOf(layout, id) !== undefined;
    if (Object.entries(working ?? {}).some(([id, text]) => stands(id, text))) return '';
    const squares = written === '' ? undefined : spreadAnswer(graph, written);
    const isShown =
      squares && Object.entries(squares).every(([id, text]) => working?.[id] === text);
    return isShown ? '' : written;
  });
</script>

<div class="picture">
  <p class="figures prompt"><strong>{place.item.number}</strong> <MathText text={item.prompt} /></p>
  {#if pages.of(place.script.id).length > 0}
    {#await import('./PageViewer.svelte') then { default: PageViewer }}
      <PageViewer
        {pages}
        {sittingId}
        {onremove}
        scriptId={place.script.id}
        item={place.item.number}
      />
    {/await}
  {:else if working && isBlank}
    <p class="faint">Nothing is written.</p>
    <Sheet {layout} {square} label="Empty squares" />
  {:else if working}
    <Sheet
      {layout}
      texts={Object.fromEntries(
        Object.entries(working).map(([id, text]) => [id, writeText(text, style)])
      )}
      handwritten
      {square}
      label="Script: {spoken(item.prompt)} answered {working[ANSWER] ?? ''}"
    />
    {#if answer !== ''}
      <p class="answer">
        <span class="faint">Answer</span> <span class="hand">{writeText(answer, style)}</span>
      </p>
    {/if}
  {:else}
    <p class="faint none">No picture of this script. Mark from the paper, or add a page of it.</p>
  {/if}
  {#if !working}
    {#await import('./PageUpload.svelte') then { default: PageUpload }}
      <PageUpload {pages} scriptId={place.script.id} />
    {/await}
  {/if}
</div>

<style>
  .prompt {
    margin-bottom: var(--space-2);
  }
  .prompt strong {
    margin-right: var(--space-2);
  }
  .answer {
    margin-top: var(--space-2);
  }
  .hand {
    font-family: var(--font-hand);
    font-size: var(--text-2xl);
    color: var(--pen);
  }
  .none {
    padding: var(--space-4) 0;
  }
</style>
