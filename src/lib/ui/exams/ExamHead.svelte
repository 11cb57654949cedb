<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import { plural } from '../format';
  import EditorHead from '../papers/EditorHead.svelte';
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
  const working = new Working();
  const acts = { checked: 'say it is checked', approved: 'approve it', draft: 'a draft again' };
</script>

<EditorHead
  draft={editor.draft}
  title={editor.exam.title}
  label="Title of the exam"
  sit="Classes sit it"
  {isSat}
  settle={() => editor.draft.settle()}
  onrename={(title) => editor.change((exam) => ({ ...exam, title }))}
  {onsit}
>
  {#snippet about()}
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
  {/snippet}
  {#snippet again()}
    <form method="POST" action="?/repeat" use:enhance={working.during} class="contents">
      <Button type="submit" disabled={working.isBusy} title="Other items, as hard and worth as much"
        >Make a repeat</Button
      >
    </form>
    <Stopper {working} words="Drawing other items" />
  {/snippet}
</EditorHead>

<style>
  .about {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: center;
  }
</style>
