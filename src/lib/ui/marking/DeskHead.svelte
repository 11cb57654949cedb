<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import type { MarkingDesk } from './desk.svelte';

  interface Props {
    desk: MarkingDesk;
    className: string;
    title: string;
    sittingId: number;
    by: 'question' | 'script';
    /** What the pile can be opened at: the questions, or the scripts. */
    sheaves: readonly { id: number; word: string }[];
    sheafId: number;
    onorder: (by: 'question' | 'script') => void;
    onsheaf: (id: number) => void;
  }

  let { desk, className, title, sittingId, by, sheaves, sheafId, onorder, onsheaf }: Props =
    $props();
</script>

<div class="head">
  <div>
    <h1>{className} <span class="faint">{title}</span></h1>
    <div class="modes">
      <Choice
        label="Order of marking"
        options={[
          ['question', 'by question'],
          ['script', 'by script']
        ]}
        value={by}
        onpick={onorder}
      />
      <Select
        class="max-w-70"
        placeholder=""
        value={sheafId}
        aria-label={by === 'script' ? 'Script' : 'Question'}
        onchange={(event) => onsheaf(Number(event.currentTarget.value))}
      >
        {#each sheaves as { id, word } (id)}<option value={id}>{word}</option>{/each}
      </Select>
      <a class="quiet-link" href="/marking/{sittingId}/grid">marks alone</a>
      <a class="quiet-link" href="/results/{sittingId}">results</a>
      {#if desk.pile.length > 0}
        <a class="quiet-link" href="/records?script={desk.place.script.id}">log of this script</a>
      {/if}
    </div>
  </div>
  <p class="left">
    <strong class="figures">{desk.left}</strong> of {desk.pile.length} left
    <span class="state" role="status">
      {#if desk.problem}✗ {desk.problem}{:else if desk.unsaved.length > 0}○ saving{:else}● saved{/if}
    </span>
  </p>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: flex-end;
    gap: var(--space-1) var(--space-4);
    margin-bottom: var(--space-2);
  }
  h1 {
    font-size: var(--text-xl);
  }
  h1 .faint {
    font-weight: 400;
    font-size: var(--text-lg);
  }
  .modes {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    margin-top: var(--space-1);
  }
  .left strong {
    font-size: var(--text-2xl);
  }
  .state {
    margin-left: var(--space-4);
    color: var(--faint);
  }
</style>
