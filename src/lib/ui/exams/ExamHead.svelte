<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '../format';
  import SaveMark from '../papers/SaveMark.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    paperId: number;
    edition: number;
    isSat: boolean;
    state: 'draft' | 'checked' | 'approved';
    onsit: () => void;
  }

  let { editor, paperId, edition, isSat, state, onsit }: Props = $props();

  const totals = $derived(editor.outline.totals);
  /** An edit makes a draft of it again. */
  const now = $derived(editor.draft.state === 'saved' ? state : 'draft');
  const next = $derived(
    { draft: 'checked', checked: 'approved', approved: 'draft' }[now] as typeof state
  );
  const acts = { checked: 'say it is checked', approved: 'approve it', draft: 'a draft again' };
</script>

<div class="head">
  <div class="title">
    {#if isSat}
      <h1>{editor.exam.title}</h1>
    {:else}
      <input
        class="bare"
        value={editor.exam.title}
        aria-label="Title of the exam"
        maxlength="120"
        onchange={(event) => {
          const title = event.currentTarget.value.trim();
          if (title) editor.change((exam) => ({ ...exam, title }));
          else event.currentTarget.value = editor.exam.title;
        }}
      />
    {/if}
    <div class="about faint">
      <span>
        Exam · {plural(editor.outline.parts.length, 'part')} ·
        <strong>{plural(totals.marks, 'mark')}</strong>
        · about {plural(Math.ceil(totals.minutes), 'minute')} · edition {edition} · seed {editor
          .exam.seed} ·
      </span>
      {#if isSat}<strong>{state}</strong>{:else}
        <form method="POST" action="?/state" use:enhance>
          <input type="hidden" name="state" value={next} />
          <input type="hidden" name="version" value={editor.draft.version} />
          <strong>{now}</strong>,
          <Button type="submit" kind="quiet" disabled={editor.draft.state !== 'saved'}
            >{acts[next]}</Button
          >
        </form>
      {/if}
      <form method="POST" action="?/plan">
        <Button type="submit" kind="quiet">make a plan of it</Button>
      </form>
      <a class="quiet-link" href="/papers/{paperId}/exam/order">print order</a>
      <a class="quiet-link" href="/records?paper={paperId}">log</a>
    </div>
  </div>
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
        if (isSat || (await editor.draft.settle())) onsit();
      }}>Classes sit it</Button
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
  .about,
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: center;
  }
</style>
