<script lang="ts">
  import { entered } from '../entered';
  import {
    placeQuestion,
    removeSection,
    withSection,
    type ExamQuestion,
    type ExamSection,
    type OutlinedPart
  } from '@zealous-quill/core/exams';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '../format';
  import type { ExamEditor } from './exam-editor.svelte';
  import QuestionCard from './QuestionCard.svelte';

  interface Props {
    editor: ExamEditor;
    section: ExamSection;
    titles: Readonly<Record<string, string>>;
    style: HouseStyle;
    isFrozen: boolean;
    isOnly: boolean;
    /** The page on which each question begins, where that is known. */
    pages: Readonly<Record<string, number>>;
  }

  let { editor, section, titles, style, isFrozen, isOnly, pages }: Props = $props();

  /** While questions are dragged, their order is the drag's. */
  let dragged = $state.raw<ExamQuestion[] | null>(null);
  const questions = $derived(dragged ?? section.questions);
  const parts = $derived(editor.outline.parts.filter((one) => one.section.id === section.id));
  const marks = $derived(parts.reduce((sum, { facts }) => sum + facts.marks, 0));
  const partsOf = (id: string): OutlinedPart[] =>
    parts.filter(({ question }) => question.id === id);

  const change = (next: Partial<ExamSection>) =>
    editor.change((exam) => withSection(exam, section.id, (old) => ({ ...old, ...next })));

  function finish(event: CustomEvent<DndEvent<ExamQuestion>>) {
    const { items, info } = event.detail;
    const at = items.findIndex(({ id }) => id === info.id);
    // A question that left is taken out by the section it came to.
    if (at >= 0 && info.trigger !== TRIGGERS.DRAG_STOPPED) {
      editor.change((exam) => placeQuestion(exam, info.id, section.id, at));
    }
    dragged = null;
  }

  /** The page a question begins, where the one before it stands on another. */
  function pageOf(at: number): number | null {
    const [before, own] = [questions[at - 1], questions[at]].map((one) => one && pages[one.id]);
    return own !== undefined && own !== before ? own : null;
  }
</script>

<section class="leaf" aria-label={section.title || 'Questions'}>
  <header>
    {#if isFrozen}
      <h2>{section.title}</h2>
    {:else}
      <input
        class="bare title"
        value={section.title}
        maxlength="120"
        placeholder={isOnly ? 'no heading' : 'Heading of the section'}
        aria-label="Heading of the section"
        onchange={(event) => change({ title: entered(event) })}
      />
    {/if}
    <span class="faint">{plural(marks, 'mark')}</span>
    {#if !isFrozen}
      <label class="tick">
        <input
          type="checkbox"
          checked={section.calculator}
          onchange={(event) => change({ calculator: event.currentTarget.checked })}
        />
        calculator
      </label>
      {#if !isOnly}
        <Button
          kind="quiet"
          onclick={() => editor.change((exam) => removeSection(exam, section.id))}
          >put with its neighbour<span class="visually-hidden"> {section.title}</span></Button
        >
      {/if}
    {:else if section.calculator}<span class="faint">calculator</span>{/if}
  </header>
  {#if !isFrozen}
    <input
      class="bare instruction"
      value={section.instruction}
      maxlength="1000"
      placeholder="Instruction for the section"
      aria-label="Instruction for the section"
      onchange={(event) => change({ instruction: entered(event) })}
    />
  {:else if section.instruction}<p class="instruction">{section.instruction}</p>{/if}
  <div
    class="questions"
    use:dragHandleZone={{
      items: questions,
      type: 'questions',
      flipDurationMs: 120,
      dropTargetStyle: {},
      dragDisabled: isFrozen
    }}
    onconsider={(event: CustomEvent<DndEvent<ExamQuestion>>) => (dragged = event.detail.items)}
    onfinalize={finish}
  >
    {#each questions as question, at (question.id)}
      <div>
        <QuestionCard
          {editor}
          {question}
          parts={partsOf(question.id)}
          {titles}
          {style}
          {isFrozen}
          isFirst={at === 0}
          page={pageOf(at)}
        />
      </div>
    {/each}
  </div>
</section>

<style>
  section {
    margin-bottom: var(--space-3);
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-3);
    align-items: baseline;
    padding: var(--space-1) var(--space-3);
    background: var(--raised);
  }
  .title {
    flex: 1;
    font-family: var(--font-serif);
    font-weight: 700;
    font-size: var(--text-lg);
    padding: 0 var(--space-1);
  }
  .title::placeholder {
    font-weight: 400;
    font-style: italic;
  }
  .instruction {
    width: 100%;
    padding: 0 var(--space-4);
    font-size: var(--text-sm);
    font-style: italic;
  }
  .questions {
    min-height: 1.5rem;
  }
</style>
