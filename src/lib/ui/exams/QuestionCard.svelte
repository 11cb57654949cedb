<script lang="ts">
  import { entered } from '../entered';
  import {
    joinToBefore,
    movePart,
    moveQuestion,
    removePart,
    splitAt,
    withQuestion,
    type ExamQuestion,
    type OutlinedPart
  } from '@zealous-quill/core/exams';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { dragHandle } from 'svelte-dnd-action';
  import { keepFocus } from '../focus';
  import type { ExamEditor } from './exam-editor.svelte';
  import PartRow from './PartRow.svelte';
  import TypedText from './TypedText.svelte';

  interface Props {
    editor: ExamEditor;
    question: ExamQuestion;
    parts: readonly OutlinedPart[];
    titles: Readonly<Record<string, string>>;
    style: HouseStyle;
    isFrozen: boolean;
    /** Stands first in its section: there is none before it to join. */
    isFirst: boolean;
    /** The page it begins on, where that is another than the one before. */
    page: number | null;
  }

  let { editor, question, parts, titles, style, isFrozen, isFirst, page }: Props = $props();

  const number = $derived(parts[0]?.number ?? 0);
  let open = $state<{ part: string; what: 'own' | 'scheme' } | null>(null);
  let isStemOpen = $state(false);

  const change = (next: Partial<ExamQuestion>) =>
    editor.change((exam) => withQuestion(exam, question.id, (old) => [{ ...old, ...next }]));

  const move = (by: -1 | 1) =>
    keepFocus(
      () => editor.change((exam) => moveQuestion(exam, question.id, by)),
      [`[data-question="${question.id}"] .grip`]
    );

  function keys(event: KeyboardEvent) {
    const by = ({ ArrowUp: -1, ArrowDown: 1 } as const)[event.key as 'ArrowUp' | 'ArrowDown'];
    if (!event.altKey || event.shiftKey || isFrozen || by === undefined) return;
    event.preventDefault();
    void move(by);
  }
</script>

{#snippet acts()}
  <button
    type="button"
    class="turns"
    aria-pressed={question.startsPage}
    title="Whether the question begins a page"
    onclick={() => change({ startsPage: !question.startsPage })}
    >{question.startsPage ? 'begins a page' : 'new page'}<span class="visually-hidden">
      at question {number}</span
    ></button
  >
  {#if question.stem === ''}
    <button type="button" onclick={() => (isStemOpen = true)}
      >text above<span class="visually-hidden"> question {number}</span></button
    >
  {/if}
  {#if !isFirst}
    <button
      type="button"
      title="Its parts become parts of the question before"
      onclick={() => editor.change((exam) => joinToBefore(exam, question.id))}
      >join to {number - 1}</button
    >
  {/if}
{/snippet}

{#if page !== null}
  <p class="page" aria-label="Page {page} begins here"><span>page {page}</span></p>
{/if}
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
  class="question"
  role="group"
  aria-label="Question {number}"
  data-question={question.id}
  onkeydown={keys}
>
  {#if !isFrozen}
    <span
      class="grip"
      use:dragHandle
      aria-label="Move question {number}"
      title="Drag, or Alt with ↑ ↓">⠿</span
    >
  {/if}
  <span class="number figures">{number}</span>
  <div class="body">
    {#if isStemOpen}
      <!-- svelte-ignore a11y_autofocus -->
      <textarea
        autofocus
        rows="2"
        maxlength="2000"
        value={question.stem}
        aria-label="Text above the parts of question {number}"
        placeholder="What stands above the parts; maths between $ signs"
        onchange={(event) => change({ stem: entered(event) })}
        onblur={() => (isStemOpen = false)}
        onkeydown={(event) => event.stopPropagation()}></textarea>
    {:else if question.stem !== ''}
      {#if isFrozen}<p><TypedText text={question.stem} {style} /></p>
      {:else}
        <button type="button" class="stem" onclick={() => (isStemOpen = true)}
          ><TypedText text={question.stem} {style} /></button
        >
      {/if}
    {/if}
    {#each parts as outlined, at (outlined.part.id)}
      <PartRow
        {editor}
        {outlined}
        title={titles[outlined.part.skill] ?? ''}
        {style}
        {isFrozen}
        isOpen={open?.part === outlined.part.id ? open.what : null}
        onopen={(what) => (open = what && { part: outlined.part.id, what })}
        onremove={() => editor.change((exam) => removePart(exam, outlined.part.id))}
        onsplit={at > 0 ? () => editor.change((exam) => splitAt(exam, outlined.part.id)) : null}
        onmove={(by) => editor.change((exam) => movePart(exam, outlined.part.id, by))}
        ofQuestion={at === parts.length - 1 ? acts : undefined}
      />
      {#if open?.part === outlined.part.id}
        {#if open.what === 'own'}
          {#await import('./OwnQuestionForm.svelte') then { default: OwnQuestionForm }}
            <OwnQuestionForm {editor} {outlined} {style} onclose={() => (open = null)} />
          {/await}
        {:else}
          {#await import('./SchemeForm.svelte') then { default: SchemeForm }}
            <SchemeForm {editor} {outlined} {isFrozen} onclose={() => (open = null)} />
          {/await}
        {/if}
      {/if}
    {/each}
  </div>
</div>

<style>
  .page {
    display: flex;
    align-items: center;
    gap: var(--space-2);
    font-size: var(--text-xs);
    color: var(--faint);
  }
  .page::before,
  .page::after {
    content: '';
    flex: 1;
    border-top: 1px dashed var(--faint);
  }
  .question {
    display: flex;
    gap: var(--space-2);
    align-items: start;
    padding: var(--space-1) var(--space-2) var(--space-1) var(--space-1);
    border-top: 1px solid var(--rule);
    background: var(--leaf);
  }
  .grip,
  .number {
    padding-top: var(--space-1);
  }
  .grip {
    cursor: grab;
    color: var(--faint);
  }
  .number {
    min-width: 1.6rem;
    line-height: 1.4;
    font-weight: 700;
  }
  .body {
    flex: 1;
    min-width: 0;
  }
  textarea {
    width: 100%;
    padding: var(--space-1);
  }
  .stem {
    text-align: left;
  }
  .stem:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  .turns[aria-pressed='true'] {
    color: var(--lamp);
    font-weight: 700;
  }
</style>
