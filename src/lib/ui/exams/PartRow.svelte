<script lang="ts">
  import {
    spaceOf,
    type AnswerSpace,
    type OutlinedPart,
    type PaperPart
  } from '@zealous-quill/core/exams';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { Snippet } from 'svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { keepFocus } from '../focus';
  import Difficulty from '../kit/Difficulty.svelte';
  import MathText from '../sheet/MathText.svelte';
  import type { ExamEditor } from './exam-editor.svelte';
  import SpaceFields from './SpaceFields.svelte';
  import TypedText from './TypedText.svelte';
  import { kindWords } from './words';

  interface Props {
    editor: ExamEditor;
    outlined: OutlinedPart;
    /** What the part is about. */
    title: string;
    style: HouseStyle;
    isFrozen: boolean;
    /** Its own question, or its mark scheme, is open. */
    isOpen: 'own' | 'scheme' | null;
    onopen: (what: 'own' | 'scheme' | null) => void;
    onremove: () => void;
    onsplit: (() => void) | null;
    onmove: (by: -1 | 1) => void;
    /** What can be done with its question, beside what can be done with the part. */
    ofQuestion?: Snippet | undefined;
  }

  let {
    editor,
    outlined,
    title,
    style,
    isFrozen,
    isOpen,
    onopen,
    onremove,
    onsplit,
    onmove,
    ofQuestion
  }: Props = $props();

  const part = $derived(outlined.part);
  const facts = $derived(outlined.facts);
  const label = $derived(outlined.label);
  const isOwn = $derived(part.kind === 'own');
  const space = $derived(spaceOf(part));
  let typed = $state<string | null>(null);

  const close = () => void keepFocus(() => (typed = null), [`[data-part="${part.id}"] .asked`]);

  async function accept() {
    if (typed === null) return;
    if (typed === facts.line || (await editor.read(part.id, typed))) close();
  }

  function keys(event: KeyboardEvent) {
    if (event.key === 'Enter') void accept();
    if (event.key === 'Escape') {
      editor.problems[part.id] = '';
      close();
    }
    event.stopPropagation();
  }

  const change = (next: Partial<PaperPart>) =>
    editor.changePart(part.id, (old) => ({ ...old, ...next }));
  const changeSpace = (next: Partial<AnswerSpace>) => change({ space: { ...space, ...next } });

  function moveKeys(event: KeyboardEvent) {
    const by = ({ ArrowUp: -1, ArrowDown: 1 } as const)[event.key as 'ArrowUp' | 'ArrowDown'];
    if (!event.altKey || !event.shiftKey || isFrozen || by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onmove(by);
  }
</script>

{#snippet asks()}{#if isOwn}<TypedText text={facts.line} {style} />{:else}<MathText
      text={facts.prompt}
    />{/if}{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div class="part" role="group" aria-label="Part {label}" data-part={part.id} onkeydown={moveKeys}>
  <span class="letter">{outlined.letter}</span>
  <div class="body">
    <div class="line">
      {#if typed !== null}
        <!-- svelte-ignore a11y_autofocus -->
        <input
          class="figures"
          bind:value={typed}
          autofocus
          aria-label="Numbers of {label}"
          data-enter
          aria-invalid={Boolean(editor.problems[part.id])}
          onkeydown={keys}
          onblur={accept}
        />
      {:else if isFrozen}
        <span class="asked">{@render asks()}</span>
      {:else}
        <button
          type="button"
          class="asked"
          title={isOwn ? 'Change the question' : 'Change the numbers'}
          onclick={() => (isOwn ? onopen(isOpen === 'own' ? null : 'own') : (typed = facts.line))}
          >{@render asks()}</button
        >
      {/if}
      {#if facts.answer !== ''}
        <span class="answer figures"><MathText text={facts.answer} /></span>
      {/if}
      <button
        type="button"
        class="marks"
        title="The mark scheme of this part"
        aria-expanded={isOpen === 'scheme'}
        onclick={() => onopen(isOpen === 'scheme' ? null : 'scheme')}
        >[{facts.marks}]<span class="visually-hidden"> marks of {label}</span></button
      >
    </div>
    {#if editor.problems[part.id]}<Problem isUrgent>{editor.problems[part.id]}</Problem>{/if}
    {#if editor.metBy(part)}<Problem>✗ {editor.metBy(part)}.</Problem>{/if}
    {#if part.kind === 'choice' && !facts.options}
      <Problem>This item has too few wrong answers for a choice of four. Draw another.</Problem>
    {/if}
    {#if editor.toldOf(part)}<p class="told" role="status">{editor.toldOf(part)}</p>{/if}
    <div class="how">
      <span class="title">{title}</span>
      {#if !isFrozen}
        {#if !isOwn}
          <select
            class="bare"
            value={part.kind}
            aria-label="How {label} is presented"
            onchange={(event) =>
              editor.present(part.id, event.currentTarget.value as PaperPart['kind'])}
          >
            {#each kindWords as [kind, word] (kind)}<option value={kind}>{word}</option>{/each}
          </select>
        {/if}
        <SpaceFields {space} {label} onchange={changeSpace} />
      {/if}
      <Difficulty value={facts.difficulty} {style} />
      {#if part.edited}<span class="edited">typed by hand</span>{/if}
    </div>
    {#if !isFrozen}
      <div class="acts">
        {@render ofQuestion?.()}
        <span>
          {#if onsplit}
            <button type="button" title="From here on another question" onclick={onsplit}
              >split<span class="visually-hidden"> before {label}</span></button
            >
          {/if}
          {#if !isOwn}
            <button
              type="button"
              class="lock"
              aria-pressed={part.locked}
              title={part.locked ? 'Stays when others are drawn' : 'Keep this one'}
              onclick={() => change({ locked: !part.locked })}
              >{part.locked ? 'kept' : 'keep'}<span class="visually-hidden"> {label}</span></button
            >
            <button
              type="button"
              data-act="other"
              title="Another item, as hard and worth as much"
              disabled={part.locked || editor.isBusy}
              onclick={() =>
                keepFocus(
                  () => editor.other([part.id]),
                  [`[data-part="${part.id}"] [data-act="other"]`]
                )}>other<span class="visually-hidden"> for {label}</span></button
            >
          {/if}
          <button type="button" title="Take it off the exam" onclick={onremove}
            >×<span class="visually-hidden"> remove {label}</span></button
          >
        </span>
      </div>
    {/if}
  </div>
</div>

<style>
  .part {
    display: flex;
    gap: var(--space-2);
    padding: var(--space-1) 0;
  }
  .letter:not(:empty) {
    min-width: 1.4rem;
  }
  .body {
    flex: 1;
    min-width: 0;
  }
  .line,
  .how {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-3);
    align-items: baseline;
  }
  .line input {
    flex: 1;
    padding: 0 var(--space-1);
  }
  .asked {
    text-align: left;
    overflow-wrap: anywhere;
  }
  button.asked:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  .answer {
    color: var(--faint);
  }
  .marks {
    margin-left: auto;
    font-weight: 700;
  }
  .marks:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  .how {
    font-size: var(--text-sm);
    color: var(--faint);
    gap: 0 var(--space-2);
  }
  .how select {
    padding: 0 1.3rem 0 var(--space-1);
    font-size: var(--text-sm);
    color: var(--faint);
    background-position: right 0.3rem center;
  }
  .edited,
  .told {
    color: var(--lamp);
  }
  .told {
    font-size: var(--text-sm);
  }
  .acts,
  .acts span {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-3);
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .acts > span {
    margin-left: auto;
  }
  .acts :global(button:hover:not(:disabled)) {
    color: var(--accent);
    text-decoration: underline;
  }
  .acts button:disabled {
    opacity: 0.45;
  }
  .lock[aria-pressed='true'] {
    color: var(--lamp);
    font-weight: 700;
  }
</style>
