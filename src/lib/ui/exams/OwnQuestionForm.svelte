<script lang="ts">
  import type { OutlinedPart } from '@zealous-quill/core/exams';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import {
    answerOfSteps,
    areWorked,
    type OwnQuestion
  } from '@zealous-quill/core/skills/own-question';
  import Button from '$lib/ui/kit/Button.svelte';
  import FilePick from '$lib/ui/kit/FilePick.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { untrack } from 'svelte';
  import { askServer } from '../ask-server';
  import type { ExamEditor } from './exam-editor.svelte';
  import OwnSteps from './OwnSteps.svelte';
  import TypedText from './TypedText.svelte';

  interface Props {
    editor: ExamEditor;
    outlined: OutlinedPart;
    style: HouseStyle;
    onclose: () => void;
  }

  let { editor, outlined, style, onclose }: Props = $props();

  /** What is typed; it goes to the exam when it can be read. */
  let own = $state<OwnQuestion>(untrack(() => ({ ...(outlined.part.given as OwnQuestion) })));
  let problem = $state('');
  let isSending = $state(false);

  const kinds = [
    ['none', 'nothing to compare'],
    ['number', 'a number'],
    ['fraction', 'a fraction'],
    ['expression', 'an expression in x'],
    ['text', 'words']
  ] as const;

  /** A question whose steps give its answer and its marks, as far as they can be worked out. */
  function withSteps(typed: OwnQuestion): OwnQuestion {
    const { steps = [] } = typed;
    if (!areWorked(steps)) {
      return { ...typed, answer: typed.answerKind === 'none' ? '' : typed.answer };
    }
    const marks = steps.reduce((sum, step) => sum + step.marks, 0);
    return { ...typed, marks, answerKind: 'number', answer: answerOfSteps(steps) };
  }

  const hasSteps = $derived(areWorked(own.steps ?? []));

  /** Keeps what is written so far; an answer may be missing until the exam is sat. */
  function put() {
    problem = own.text.trim() === '' ? 'Write what is asked.' : '';
    if (problem) return false;
    const given = withSteps($state.snapshot(own));
    editor.changePart(outlined.part.id, (part) => ({ ...part, given, edited: true }));
    return true;
  }

  async function addPicture(file: File | undefined) {
    if (!file) return;
    isSending = true;
    problem = '';
    const advice = 'Choose the picture again.';
    const answer = await askServer('pictureKept', '/papers/pictures', { bytes: file, advice });
    if (answer.ok) own.picture = { name: answer.reply.name, alt: own.picture?.alt ?? '' };
    else problem = answer.message;
    isSending = false;
    if (!problem) put();
  }

  function done() {
    if (!put()) return;
    if ((own.steps ?? []).length > 0 && !hasSteps) {
      problem = 'Write a calculation for each step, or remove the step.';
    } else if (!hasSteps && own.answerKind !== 'none' && own.answer.trim() === '') {
      problem = 'Write the answer, or say that there is nothing to compare.';
    } else onclose();
  }
</script>

<form
  class="own"
  aria-label="Question {outlined.label}"
  onsubmit={(event) => {
    event.preventDefault();
    done();
  }}
  onchange={put}
>
  <label class="wide">
    What is asked
    <!-- svelte-ignore a11y_autofocus -->
    <textarea rows="3" maxlength="2000" autofocus bind:value={own.text}></textarea>
  </label>
  <p class="wide small faint">
    Maths stands between $ signs: $3/4 + x^2$ <span aria-hidden="true">→</span>
    <TypedText text="$3/4 + x^2$" {style} />
  </p>
  <p class="wide shown"><TypedText text={own.text} {style} /></p>
  <div class="wide">
    <FilePick
      label="Picture, PNG or SVG"
      accept="image/png,image/svg+xml"
      disabled={isSending}
      onfiles={([file]) => void addPicture(file)}
    />
  </div>
  {#if own.picture}
    <img src="/papers/pictures/{own.picture.name}" alt={own.picture.alt} />
    <label class="wide">
      What it shows, for those who do not see it
      <input maxlength="300" bind:value={own.picture.alt} />
    </label>
    <Button
      kind="quiet"
      onclick={() => {
        own.picture = undefined;
        put();
      }}>without the picture</Button
    >
  {/if}
  <div class="wide">
    <OwnSteps bind:steps={own.steps} onchange={put} />
  </div>
  {#if hasSteps}
    <label>Unit <input class="short" maxlength="20" bind:value={own.unit} /></label>
  {:else}
    <label>
      Answer
      <select bind:value={own.answerKind}>
        {#each kinds as [kind, word] (kind)}<option value={kind}>{word}</option>{/each}
      </select>
    </label>
    {#if own.answerKind !== 'none'}
      <label>which is <input class="figures" maxlength="200" bind:value={own.answer} /></label>
      <label>unit <input class="short" maxlength="20" bind:value={own.unit} /></label>
    {/if}
    <label>Marks <input type="number" min="1" max="50" required bind:value={own.marks} /></label>
  {/if}
  <label
    >Minutes <input type="number" min="0" max="120" step="0.5" required bind:value={own.minutes} />
  </label>
  <label
    >Difficulty, 0 for an average item
    <input type="number" min="-4" max="4" step="0.1" required bind:value={own.difficulty} />
  </label>
  <label class="wide">
    Guidance for those who mark it
    <textarea rows="2" maxlength="2000" bind:value={own.guidance}></textarea>
  </label>
  {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
  <Button type="submit">Done</Button>
</form>

<style>
  .own {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    align-items: baseline;
    padding: var(--space-3);
    margin-bottom: var(--space-2);
    background: var(--raised);
  }
  .wide {
    flex: 1 0 100%;
  }
  textarea,
  .wide input:not([type='file']) {
    display: block;
    width: 100%;
    padding: var(--space-1) var(--space-2);
  }
  input[type='number'],
  .short {
    width: 4em;
    padding: 0 var(--space-1);
  }
  .figures {
    padding: 0 var(--space-1);
    max-width: 10em;
  }
  .shown {
    padding: var(--space-1) var(--space-2);
    background: var(--leaf);
  }
  img {
    max-width: 14rem;
    max-height: 10rem;
    background: white;
    border: 1px solid var(--rule);
  }
</style>
