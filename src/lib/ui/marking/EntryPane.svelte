<script lang="ts">
  import { attemptWords, LONGEST_COMMENT } from '@zealous-quill/core/marking';
  import { isTooLong } from '@zealous-quill/core/numbers';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { ANSWER, stepOf } from '@zealous-quill/core/working';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import type { MarkingDesk } from './desk.svelte';
  import SquaresInput from './SquaresInput.svelte';

  interface Props {
    desk: MarkingDesk;
    style: HouseStyle;
    /** Marks of the whole paper. */
    available: number;
    /** Enter was pressed with nothing typed. */
    isMissing: boolean;
    answerInput: HTMLInputElement | undefined;
    commentInput: HTMLInputElement | undefined;
    inputs: Record<string, HTMLInputElement>;
    onsquares: () => void;
    ondone: () => void;
    onkey: () => void;
    onblank: () => void;
    onundo: () => void;
    onabsent: () => void;
  }

  let {
    desk,
    style,
    available,
    isMissing,
    answerInput = $bindable(),
    commentInput = $bindable(),
    inputs = $bindable(),
    onsquares,
    ondone,
    onkey,
    onblank,
    onundo,
    onabsent
  }: Props = $props();

  const ways = ['crossed-out', 'another-method'] as const;
  const keys = { 'crossed-out': 'Alt+X', 'another-method': 'Alt+O' };

  const isNumber = $derived(stepOf(desk.worked.graph, ANSWER).reading.kind === 'number');
  const own = $derived(desk.place.item.kind === 'own');
  const tooLong = $derived(
    Object.keys(desk.state.working).filter((id) => isTooLong(desk.state.working[id]!))
  );
  /** The bars of a problem as they are told, to be filled in beside its squares. */
  const bars = $derived(
    desk.hasSquares ? desk.worked.skill.model(desk.worked.given, style) : undefined
  );
  const isElsewhere = $derived(desk.state.attempt === 'another-method');
</script>

<h2>
  {desk.place.script.name}
  {#if desk.place.script.form}<span class="form">form {desk.place.script.form}</span>{/if}
  <span class="total">
    <strong class="figures">{desk.marks.totalOf(desk.place.script)}</strong>
    <span class="faint">of {available} so far</span>
  </span>
</h2>
{#if own || desk.place.item.options}
  {#await import('./AskedPart.svelte') then { default: AskedPart }}
    <AskedPart {desk} {style} {ondone} />
  {/await}
{/if}
<label class="answer">
  Answer
  <input
    bind:this={answerInput}
    class="figures"
    type="text"
    class:long={!isNumber}
    inputmode={isNumber ? 'numeric' : 'text'}
    autocomplete="off"
    maxlength="100"
    data-digits
    value={desk.state.working[ANSWER] ?? ''}
    oninput={(event) => desk.writeAnswer(event.currentTarget.value)}
    onkeydown={(event) => {
      if (event.key !== 'ArrowDown') return;
      event.preventDefault();
      const beside = inputs[desk.apart[0]?.id ?? ''];
      if (beside) beside.focus();
      else onsquares();
    }}
  />
  {#if desk.state.isMarked}<span class="faint">● marked</span>{/if}
</label>
{#if desk.apart.length > 0}
  {#await import('./BesideAnswer.svelte') then { default: BesideAnswer }}
    <BesideAnswer {desk} {style} bind:inputs onback={() => answerInput?.focus()} />
  {/await}
{/if}
{#if desk.place.item.withdrawn && desk.place.item.withdrawn !== 'no'}
  <p class="elsewhere">
    Withdrawn: {desk.place.item.withdrawn === 'left-out'
      ? 'it is left out'
      : 'everyone has full marks'}, whatever is entered here.
  </p>
{/if}
{#if tooLong.length > 0}
  {#await import('./TooLong.svelte') then { default: TooLong }}
    <TooLong {desk} {style} steps={tooLong} />
  {/await}
{/if}
{#if isMissing && desk.isUntouched}
  <Problem isUrgent>Nothing is typed. If the pupil wrote nothing, press <kbd>#</kbd>.</Problem>
{/if}
{#if desk.isStopped}
  <Problem isUrgent>
    Look at this one: its marks are a proposal. <kbd>Enter</kbd> again keeps them and goes on.
  </Problem>
{/if}
{#if isElsewhere}
  <p class="elsewhere">Another method: give its marks by hand, beside those proposed.</p>
{:else if desk.hasSquares}
  <div class="squares"><SquaresInput {desk} {style} bind:inputs /></div>
  {#if bars}
    {#await import('./DeskBars.svelte') then { default: DeskBars }}
      <DeskBars {desk} {style} model={bars} />
    {/await}
  {/if}
{:else}
  <p class="faint hint">
    <kbd>=</kbd> as the key · {desk.place.item.options ? 'a letter' : 'type the answer'},
    <kbd>Enter</kbd>
    {#if !desk.isAnswerOnly}· without squares <kbd>Shift+Enter</kbd>{/if} · not attempted
    <kbd>#</kbd>
    {#if !desk.isAnswerOnly}· squares <kbd>↓</kbd>{/if}
    {#if own}· marks by hand <kbd>Alt+M</kbd>{/if}
  </p>
{/if}
<p class="buttons">
  <Button onclick={onkey}>As the key</Button>
  <Button onclick={onblank}>Not attempted</Button>
  <Button kind="main" onclick={ondone}>Done, next</Button>
</p>
<p class="buttons ways">
  {#each ways as way (way)}
    <Button
      kind="square"
      title="{attemptWords[way]} ({keys[way]})"
      aria-pressed={desk.state.attempt === way}
      onclick={() => desk.attempt(way)}>{attemptWords[way]}</Button
    >
  {/each}
  <Button kind="square" title="The pupil was not there: the whole script" onclick={onabsent}
    >absent</Button
  >
  <Button kind="quiet" class="ml-auto" onclick={onundo}>undo</Button>
</p>
{#if desk.state.attempt === 'crossed-out'}
  <p class="faint small">
    What is crossed out is marked as far as it can be read, unless something stands in its place.
  </p>
{/if}
<label class="comment">
  Comment to the pupil
  <input
    bind:this={commentInput}
    type="text"
    class="reason"
    autocomplete="off"
    maxlength={LONGEST_COMMENT}
    title="Alt+C"
    value={desk.state.comment}
    oninput={(event) => desk.comment(event.currentTarget.value)}
  />
</label>

<style>
  h2 {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: baseline;
    gap: var(--space-2);
  }
  .form {
    font: 1rem var(--font-sans);
    color: var(--faint);
  }
  .total {
    margin-left: auto;
    font: 1rem var(--font-sans);
  }
  .total strong {
    font-size: var(--text-lg);
  }
  .answer {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
    margin-top: var(--space-2);
  }
  .answer input {
    width: 11rem;
    padding: var(--space-1) var(--space-2);
    font-size: var(--text-xl);
  }
  .answer input.long {
    flex: 1;
    min-width: 0;
    font-size: var(--text-lg);
  }
  .squares {
    margin-top: var(--space-4);
  }
  .hint,
  .elsewhere {
    margin-top: var(--space-3);
  }
  kbd {
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
    background: var(--leaf);
    color: var(--ink);
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    white-space: nowrap;
    margin-top: var(--space-3);
    align-items: center;
  }
  .ways {
    margin-top: var(--space-2);
  }
  .comment {
    display: block;
    margin-top: var(--space-3);
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .comment input {
    display: block;
    width: 100%;
    padding: var(--space-half) var(--space-2);
    color: var(--ink);
    font-size: var(--text-base);
  }
</style>
