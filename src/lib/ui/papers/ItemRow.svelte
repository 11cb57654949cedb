<script lang="ts">
  import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import { isMarked, type ItemFacts, type NumberedItem } from '@zealous-quill/core/papers';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import { dragHandle } from 'svelte-dnd-action';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { keepFocus } from '../focus';
  import Difficulty from '../kit/Difficulty.svelte';
  import MathText from '../sheet/MathText.svelte';
  import FeatureChips from '../workshop/FeatureChips.svelte';

  type Read = { given: unknown; facts: ItemFacts };

  interface Props {
    numbered: NumberedItem;
    skill: SkillDescription;
    style: HouseStyle;
    isFrozen: boolean;
    onlock: () => void;
    onreplace: () => void;
    onremove: () => void;
    /** Reads what was typed; null if it is no item of the skill. */
    onread: (line: string) => Promise<Read | null>;
    onedit: (read: Read) => void;
    onmove: (by: -1 | 1) => void;
  }

  let {
    numbered,
    skill,
    style,
    isFrozen,
    onlock,
    onreplace,
    onremove,
    onread,
    onedit,
    onmove
  }: Props = $props();

  const line = $derived(numbered.facts.line);
  let typed = $state<string | null>(null);
  /** What was made of a typed line; of an older one it says nothing. */
  let read = $state.raw<{ line: string; found: Read | null } | null>(null);
  const isUnreadable = $derived(read !== null && read.line === typed && read.found === null);
  const facts = $derived(
    read !== null && read.line === typed && read.found ? read.found.facts : numbered.facts
  );

  async function readTyped(): Promise<Read | null> {
    if (typed === null) return null;
    const asked = typed;
    const found = await onread(asked);
    read = { line: asked, found };
    return found;
  }

  /** Takes what was typed, if it can be read and is still what stands there. */
  async function accept() {
    if (typed === null) return;
    if (typed === line) {
      close();
      return;
    }
    const asked = typed;
    const found = await readTyped();
    if (!found || typed !== asked) return;
    onedit(found);
    close();
  }

  /** Shows the item again; the focus goes back to it if it was in the field. */
  const close = () =>
    void keepFocus(() => (typed = null), [`[data-item="${numbered.number}"] .sum`]);

  function editKeys(event: KeyboardEvent) {
    if (event.key === 'Enter') void accept();
    if (event.key === 'Escape') close();
    event.stopPropagation();
  }

  function moveKeys(event: KeyboardEvent) {
    if (!event.altKey || isFrozen) return;
    const by = ({ ArrowUp: -1, ArrowDown: 1 } as const)[event.key as 'ArrowUp' | 'ArrowDown'];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onmove(by);
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
  class="row"
  role="group"
  aria-label="Item {numbered.number}"
  data-item={numbered.number}
  data-id={numbered.entry.id}
  onkeydown={moveKeys}
>
  {#if !isFrozen}
    <span
      class="grip"
      use:dragHandle
      aria-label="Move item {numbered.number}"
      title="Drag, or Alt with ↑ ↓">⠿</span
    >
  {/if}
  <span class="number figures">{numbered.number}</span>
  <div class="body">
    {#if typed !== null}
      <!-- svelte-ignore a11y_autofocus -->
      <input
        class="figures"
        bind:value={typed}
        autofocus
        aria-label="Numbers of item {numbered.number}"
        data-enter
        aria-invalid={isUnreadable}
        oninput={readTyped}
        onkeydown={editKeys}
        onblur={accept}
      />
      {#if isUnreadable}<Problem>{skill.howToType}</Problem>{/if}
    {:else if isFrozen}
      <span class="sum figures"><MathText text={writeText(line, style)} /></span>
    {:else}
      <button
        type="button"
        class="sum figures"
        title="Change the numbers"
        onclick={() => (typed = line)}><MathText text={writeText(line, style)} /></button
      >
    {/if}
    <span class="answer figures"
      ><span class="faint">{skill.answerSign}</span>
      <MathText text={writeText(facts.answer, style)} /></span
    >
    <FeatureChips {skill} features={facts.features} controls={numbered.rung.controls} />
    {#if numbered.entry.edited}<span class="edited">typed by hand</span>{/if}
  </div>
  <Difficulty value={facts.difficulty} {style} />
  <span class="marks">{isMarked(numbered.rung) ? `[${numbered.marks}]` : ''}</span>
  {#if !isFrozen}
    <span class="acts">
      <button
        type="button"
        class="lock"
        aria-pressed={numbered.entry.locked}
        title={numbered.entry.locked ? 'Kept when the rung is drawn again' : 'Keep this one'}
        onclick={onlock}
        >{numbered.entry.locked ? 'kept' : 'keep'}<span class="visually-hidden">
          item {numbered.number}</span
        ></button
      >
      <button
        type="button"
        title="Another one like it"
        data-act="other"
        disabled={numbered.entry.locked}
        onclick={onreplace}
      >
        other<span class="visually-hidden"> for item {numbered.number}</span>
      </button>
      <button type="button" title="Take it off the paper" data-act="remove" onclick={onremove}
        >×<span class="visually-hidden"> remove item {numbered.number}</span></button
      >
    </span>
  {/if}
</div>

<style>
  .row {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
    padding: var(--space-1) var(--space-2) var(--space-1) var(--space-1);
    border-top: 1px solid var(--rule);
    background: var(--leaf);
  }
  .grip {
    cursor: grab;
    color: var(--faint);
    padding: 0 var(--space-half);
  }
  .number {
    min-width: 1.5rem;
    text-align: right;
    font-weight: 700;
  }
  .body {
    flex: 1;
    min-width: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-3);
    align-items: baseline;
  }
  .sum {
    text-align: left;
    overflow-wrap: anywhere;
    min-width: 6.6rem;
  }
  button.sum:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  input {
    flex: 1 1 60%;
    padding: 0 var(--space-1);
  }
  .edited {
    font-size: var(--text-xs);
    color: var(--lamp);
  }
  .marks {
    min-width: 1.6rem;
    text-align: right;
    color: var(--faint);
    font-size: var(--text-sm);
  }
  .acts {
    display: flex;
    gap: var(--space-2);
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .acts button:hover:not(:disabled) {
    color: var(--accent);
    text-decoration: underline;
  }
  .acts button:disabled {
    opacity: 0.4;
  }
  .lock[aria-pressed='true'] {
    color: var(--lamp);
    font-weight: 700;
  }
</style>
