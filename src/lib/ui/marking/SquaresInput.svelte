<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { verdictWords, type Verdict } from '@zealous-quill/core/marking';
  import { stepOf, withFurtherLines } from '@zealous-quill/core/working';
  import Sheet from '../sheet/Sheet.svelte';
  import type { MarkingDesk } from './desk.svelte';
  import { figureSize, inHandOrder, neighbour, nextSquare } from './squares';

  interface Props {
    desk: MarkingDesk;
    style: HouseStyle;
    inputs: Record<string, HTMLInputElement>;
  }

  let { desk, style, inputs = $bindable() }: Props = $props();

  const layout = $derived(
    inHandOrder(
      desk.worked.graph,
      withFurtherLines(desk.place.item.printed.layout, desk.state.working)
    )
  );
  const square = $derived(Math.min(3, 20.5 / layout.width));
  const verdicts = $derived(new Map(desk.marked.steps.map((step) => [step.id, step.verdict])));

  function focus(step: string | undefined): boolean {
    const input = step === undefined ? undefined : inputs[step];
    input?.focus();
    input?.select();
    return input !== undefined;
  }

  function typed(event: Event, step: string, isSingle: boolean) {
    const { value } = event.currentTarget as HTMLInputElement;
    desk.write(step, value);
    if (isSingle && /^\d$/.test(value) && (event as InputEvent).data !== null) {
      focus(nextSquare(desk.worked.graph, layout, step));
    }
  }

  const directions: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1]
  };

  function keys(event: KeyboardEvent, step: string) {
    const direction = directions[event.key];
    if (!direction || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return;
    if (direction[0] !== 0 && !isAtEdge(event.currentTarget as HTMLInputElement, direction[0]))
      return;
    event.preventDefault();
    focus(neighbour(layout, step, ...direction));
  }

  /** Where there is nothing further to go over in the text itself, an arrow leads to the next square. */
  function isAtEdge(
    { selectionStart, selectionEnd, value }: HTMLInputElement,
    by: number
  ): boolean {
    const isWhole = selectionStart === 0 && selectionEnd === value.length;
    const isCaret = selectionStart === selectionEnd;
    return isWhole || (isCaret && selectionStart === (by < 0 ? 0 : value.length));
  }

  const isNumber = (step: string) => stepOf(desk.worked.graph, step).reading.kind === 'number';

  function label(step: string): string {
    const verdict = verdicts.get(step);
    const name = desk.worked.label(stepOf(desk.worked.graph, step), style);
    return verdict ? `${name}, ${verdictWords[verdict].word}${readAs(step, verdict)}` : name;
  }

  /** How a wrong entry was read, where that is not how it was typed. */
  function readAs(step: string, verdict: Verdict): string {
    const text = desk.state.working[step]?.trim() ?? '';
    const { reading } = stepOf(desk.worked.graph, step);
    const value = verdict === 'slip' ? reading.parse(text) : undefined;
    const read = value === undefined ? text : reading.print(value);
    return read === text ? '' : `, read as ${read}`;
  }
</script>

<Sheet {layout} {square} texts={desk.state.working} label="Squares of item {desk.place.item.label}">
  {#snippet cell({ step, role, width, size })}
    {@const verdict = verdicts.get(step)}
    {@const text = desk.state.working[step] ?? ''}
    <input
      bind:this={inputs[step]}
      class="bare {role} {text !== '' || verdict === 'blank' ? verdict : ''}"
      class:first={desk.marked.firstSlip === step}
      style:--figures={figureSize(text.length, { width, size })}
      type="text"
      inputmode={isNumber(step) ? 'numeric' : 'text'}
      autocomplete="off"
      maxlength="80"
      data-digits
      value={text}
      aria-label={label(step)}
      title={verdict === 'slip' || verdict === 'unreadable' ? label(step) : undefined}
      oninput={(event) => typed(event, step, role === 'digit' && width === undefined)}
      onkeydown={(event) => keys(event, step)}
      onfocus={(event) => event.currentTarget.select()}
    />
    {#if text !== '' && verdict && verdict !== 'correct'}
      <span class="sign {verdict}" aria-hidden="true">{verdictWords[verdict].sign}</span>
    {/if}
  {/snippet}
</Sheet>

<style>
  input {
    width: 100%;
    height: 100%;
    padding: 0;
    text-align: center;
    font-family: var(--font-hand);
    font-size: calc(var(--side) * var(--figures));
    border: 1px solid color-mix(in srgb, var(--faint) 55%, var(--leaf));
    background: var(--leaf);
    color: var(--pen);
  }
  input.carry {
    border-style: dashed;
  }
  input:focus {
    box-shadow: 0 0 0 2px var(--accent);
  }
  input.correct {
    border: 1.5px solid var(--right);
  }
  input.follows-through {
    background: var(--follows-soft);
    border: 1.5px solid var(--follows);
  }
  input.slip,
  input.unreadable {
    background: var(--slip-soft);
    border: 1.5px solid var(--slip);
  }
  input.first {
    border: 3px double var(--slip);
  }
  .sign {
    position: absolute;
    right: 1px;
    bottom: 0;
    font-family: var(--font-sans);
    font-size: var(--text-xs);
    pointer-events: none;
  }
  .sign.slip,
  .sign.unreadable {
    color: var(--slip);
  }
  .sign.follows-through {
    color: var(--follows);
  }
</style>
