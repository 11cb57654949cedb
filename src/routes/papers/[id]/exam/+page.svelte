<script lang="ts">
  import { partsIn, type Exam, type ExamOutline } from '@zealous-quill/core/exams';
  import { onMount, untrack } from 'svelte';
  import type { lackingIn } from '$lib/ui/exams/lacking';
  import { askExam } from '$lib/ui/exams/ask-exam';
  import CoverForm from '$lib/ui/exams/CoverForm.svelte';
  import { ExamEditor } from '$lib/ui/exams/exam-editor.svelte';
  import ExamHead from '$lib/ui/exams/ExamHead.svelte';
  import { saveExam } from '$lib/ui/exams/save-exam';
  import SectionCard from '$lib/ui/exams/SectionCard.svelte';
  import { Draft, tabKeeper } from '$lib/ui/draft.svelte';
  import DraftClash from '$lib/ui/DraftClash.svelte';
  import { plural } from '$lib/ui/format';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import Problem from '$lib/ui/kit/Problem.svelte';

  let { data, form } = $props();

  /** What checks the plan is not loaded with the page. */
  let check: typeof lackingIn | undefined;
  onMount(async () => {
    if (data.plan) ({ lackingIn: check } = await import('$lib/ui/exams/lacking'));
  });
  const lacking = (outline: ExamOutline) =>
    (data.plan && check?.(data.plan, outline, data.titles)) ?? [];

  function makeEditor(): ExamEditor {
    const { id, exam, version, isSat } = data;
    const keeper = isSat ? undefined : tabKeeper(`exam/${id}`);
    const draft = new Draft<Exam>({
      value: exam,
      version,
      save: (value, over) => saveExam(id, value, over),
      ...(keeper && { keeper })
    });
    return new ExamEditor(draft, data, askExam(id), lacking);
  }
  let editor = $state.raw(untrack(makeEditor));
  let editedId = untrack(() => data.id);
  let pages = $state.raw<Readonly<Record<string, number>>>({});
  let isSitting = $state(untrack(() => form?.sitProblem !== undefined));

  $effect(() => {
    if (data.id === editedId) return;
    editedId = data.id;
    editor.draft.end();
    editor = untrack(makeEditor);
    pages = {};
  });

  // An exam of another window, or one kept over a reload, may hold what is not known here.
  $effect(() => {
    void editor.exam;
    untrack(() => void editor.learn());
  });

  guardLeaving({
    isSaved: () => editor.draft.state === 'saved',
    settle: () => editor.draft.settle()
  });

  function keys(event: KeyboardEvent) {
    const isTyping = (event.target as HTMLElement).matches('input, textarea');
    if (!(event.ctrlKey || event.metaKey) || isTyping) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) editor.draft.undo();
    else if (key === 'y' || (key === 'z' && event.shiftKey)) editor.draft.redo();
    else return;
    event.preventDefault();
  }

  const inShort = ({ title, sections }: Exam) =>
    `“${title}”, ${plural(partsIn({ sections }).length, 'part')}`;
</script>

<svelte:head><title>{editor.exam.title} · Papers · Zealous Quill</title></svelte:head>
<svelte:window onkeydown={keys} />

<ExamHead
  {editor}
  paperId={data.id}
  edition={data.edition}
  isSat={data.isSat}
  state={data.state}
  onsit={() => (isSitting = true)}
/>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
{#if data.isSat}
  <p class="frozen">
    This exam has been sat, so its questions stay as they were; a new edition can be changed.
  </p>
{/if}
{#each data.damage as text (text)}<p class="damage" role="alert">✗ {text}</p>{/each}
<DraftClash draft={editor.draft} text={inShort}>
  This exam was saved in another window since it was opened here. Nothing has been overwritten, and
  undoing brings back the one that is not taken.
</DraftClash>

<div class="columns">
  <div>
    <CoverForm {editor} style={data.style} isFrozen={data.isSat} />
    {#each editor.exam.sections as section (section.id)}
      <SectionCard
        {editor}
        {section}
        titles={data.titles}
        style={data.style}
        isFrozen={data.isSat}
        isOnly={editor.exam.sections.length === 1}
        {pages}
      />
    {/each}
    {#if !data.isSat}
      {#await import('$lib/ui/exams/AddQuestion.svelte') then { default: AddQuestion }}
        <AddQuestion {editor} skills={data.skills} />
      {/await}
    {/if}
  </div>
  <div class="side">
    {#await import('$lib/ui/exams/ExamSide.svelte') then { default: ExamSide }}
      <ExamSide
        {editor}
        paperId={data.id}
        plan={data.plan}
        forms={data.forms}
        classes={data.classes}
        titles={data.titles}
        style={data.style}
        isFrozen={data.isSat}
        onplaces={(found) => (pages = found)}
      />
    {/await}
  </div>
</div>

{#if isSitting}
  {#await import('$lib/ui/exams/SitExam.svelte') then { default: SitExam }}
    <SitExam
      bind:open={isSitting}
      classes={data.classes}
      forms={data.forms}
      notReady={data.notReady}
      problem={form?.sitProblem}
    />
  {/await}
{/if}

<style>
  .frozen {
    background: var(--lamp-soft);
    color: var(--lamp);
    padding: var(--space-1) var(--space-3);
    margin-bottom: var(--space-3);
  }
  .damage {
    background: var(--slip-soft);
    color: var(--slip);
    padding: var(--space-1) var(--space-3);
    margin-bottom: var(--space-2);
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: var(--space-5);
    align-items: start;
  }
  .side {
    position: sticky;
    top: 6rem;
  }
  @media (max-width: 980px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .side {
      position: static;
    }
  }
</style>
