<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '../format';
  import type { PaperEditor } from './paper-editor.svelte';
  import SaveMark from './SaveMark.svelte';

  interface Props {
    editor: PaperEditor;
    paperId: number;
    edition: number;
    isSat: boolean;
    onsit: () => void;
    ontakeout: () => void;
  }

  let { editor, paperId, edition, isSat, onsit, ontakeout }: Props = $props();
</script>

<div class="head">
  <div class="title">
    {#if isSat}
      <h1>{editor.paper.title}</h1>
    {:else}
      <input
        class="bare"
        value={editor.paper.title}
        aria-label="Title of the paper"
        maxlength="120"
        onchange={(event) => {
          const title = event.currentTarget.value.trim();
          if (title) editor.change((paper) => ({ ...paper, title }));
          else event.currentTarget.value = editor.paper.title;
        }}
      />
    {/if}
    <p class="faint">
      {plural(editor.outline.items.length, 'item')} ·
      <strong>{plural(editor.outline.marks, 'mark')}</strong>
      · about {plural(editor.outline.minutes, 'minute')} · edition {edition} · seed {editor.paper
        .seed} ·
      <Button kind="quiet" disabled={editor.outline.items.length === 0} onclick={ontakeout}
        >take items out</Button
      > · <Button type="submit" kind="quiet" form="plan-of-paper">make an exam’s plan of it</Button> ·
      <a class="quiet-link" href="/records?paper={paperId}">log</a>
    </p>
  </div>
  <form id="plan-of-paper" method="POST" action="?/plan"></form>
  <div class="acts">
    {#if isSat}
      <form method="POST" action="?/edition">
        <Button type="submit">Make a new edition</Button>
      </form>
    {:else}
      <SaveMark state={editor.draft.state} problem={editor.draft.problem} />
      <Button disabled={!editor.draft.canUndo} onclick={() => editor.draft.undo()}>Undo</Button>
      <Button disabled={!editor.draft.canRedo} onclick={() => editor.draft.redo()}>Redo</Button>
    {/if}
    <Button
      kind="main"
      onclick={async () => {
        // What is sat is what stands on the server.
        if (isSat || (await editor.settle())) onsit();
      }}>A class sits it</Button
    >
  </div>
</div>

<style>
  .head {
    position: sticky;
    top: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-5);
    justify-content: space-between;
    align-items: flex-start;
    margin-bottom: var(--space-2);
    padding: var(--space-2) 0;
    background: var(--paper);
    border-bottom: 1px solid var(--rule);
  }
  .title {
    flex: 1 1 22rem;
  }
  .title input {
    width: 100%;
    font-family: var(--font-serif);
    font-weight: 700;
    font-size: var(--text-2xl);
    padding: 0 var(--space-1);
    margin-left: calc(-1 * var(--space-1));
  }
  @media (max-width: 600px) {
    .title input {
      font-size: var(--text-lg);
    }
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
  }
</style>
