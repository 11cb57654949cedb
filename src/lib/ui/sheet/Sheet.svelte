<script lang="ts">
  import {
    isStruck,
    spacedFigures,
    textIn,
    type Layout,
    type StepCell
  } from '@zealous-quill/core/working';
  import type { Snippet } from 'svelte';
  import MathText from './MathText.svelte';

  interface Props {
    layout: Layout;
    /** What stands at the steps that are written. */
    texts?: Readonly<Record<string, string>>;
    /** Side of a square in rem. */
    square?: number;
    /** Step to point at. */
    current?: string | null;
    /** Draws the written steps as a pupil's hand would. */
    handwritten?: boolean;
    /** What to put in the square of a step instead of its text. */
    cell?: Snippet<[StepCell]>;
    label: string;
  }

  let {
    layout,
    texts = {},
    square = 2,
    current = null,
    handwritten = false,
    cell: inner,
    label
  }: Props = $props();

  const columns = $derived(Array.from({ length: Math.floor(layout.width) + 1 }, (_, at) => at));
  const rows = $derived(Array.from({ length: Math.floor(layout.height) + 1 }, (_, at) => at));

  /** A hand does not write twice alike; the same place always leans the same way. */
  function lean(x: number, y: number): string {
    const turn = ((x * 37 + y * 59) % 13) - 6;
    return `rotate(${turn}deg) translate(${((x * 17 + y * 7) % 5) - 2}px, ${((x * 5 + y * 11) % 5) - 2}px)`;
  }
</script>

<div
  class="sheet"
  class:handwritten
  style:--square="{square}rem"
  style:width="calc({layout.width} * var(--square))"
  style:height="calc({layout.height} * var(--square))"
  role={inner ? 'group' : 'img'}
  aria-label={label}
>
  <svg viewBox="0 0 {layout.width} {layout.height}" aria-hidden="true">
    {#each columns as x (x)}<line class="grid" x1={x} y1="0" x2={x} y2={rows.length - 1} />{/each}
    {#each rows as y (y)}<line class="grid" x1="0" y1={y} x2={layout.width} y2={y} />{/each}
    {#each layout.rules as rule, at (at)}<line class="rule" {...rule} />{/each}
    {#each layout.arcs ?? [] as { x1, x2, y, height }, at (at)}
      <path class="arc" d="M {x1} {y} Q {(x1 + x2) / 2} {y - 2 * height} {x2} {y}" />
    {/each}
  </svg>
  {#each layout.cells as cell, at (at)}
    {@const text = textIn(cell, texts)}
    {@const figures = spacedFigures(cell, text)}
    <span
      class="mark {cell.role}"
      class:current={cell.type === 'step' && cell.step === current}
      class:crossed={isStruck(cell, texts)}
      class:long={text.length > 1 && !figures}
      style:left="calc({cell.x} * var(--square))"
      style:top="calc({cell.y} * var(--square))"
      class:wide={cell.width !== undefined && !figures}
      style:--side="calc({cell.size} * var(--square))"
      style:height="calc({cell.height ?? cell.size} * var(--square))"
      style:width="calc({cell.width ?? cell.size} * var(--square))"
      style:transform={handwritten && cell.type === 'step' ? lean(cell.x, cell.y) : undefined}
    >
      {#if inner && cell.type === 'step'}{@render inner(cell)}{:else if figures}<span class="spaced"
          >{#each figures as { x, figure } (x)}<span>{figure}</span>{/each}</span
        >{:else if cell.width}<span><MathText {text} /></span>{:else}{text}{/if}
    </span>
  {/each}
</div>

<style>
  .sheet {
    position: relative;
    background: var(--leaf);
    flex: none;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
  }
  line {
    vector-effect: non-scaling-stroke;
  }
  .grid {
    stroke: var(--grid);
    stroke-width: 1;
  }
  .rule {
    stroke: var(--ink);
    stroke-width: 2;
    stroke-linecap: round;
  }
  .mark {
    position: absolute;
    display: grid;
    place-items: center;
    font-family: var(--font-figures);
    font-size: calc(var(--side) * 0.62);
    line-height: 1;
  }
  .digit,
  .carry {
    font-family: var(--font-hand);
    font-size: calc(var(--side) * 0.86);
    color: var(--pen);
  }
  .heading {
    font-family: var(--font-sans);
    font-size: calc(var(--side) * 0.4);
    color: var(--faint);
  }
  .long:not(.heading) {
    font-size: calc(var(--side) * 0.55);
  }
  .wide.wide {
    font-size: calc(var(--side) * 0.62);
    white-space: nowrap;
  }
  .spaced {
    justify-self: end;
    display: flex;
  }
  .spaced span {
    width: var(--square);
    text-align: center;
  }
  .arc {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .current {
    background: var(--lamp-soft);
    box-shadow: inset 0 0 0 2px var(--lamp);
  }
  .crossed::after {
    content: '';
    position: absolute;
    width: 120%;
    border-top: 1.5px solid var(--pen);
    transform: rotate(-38deg);
  }
  .handwritten .digit {
    font-size: calc(var(--side) * 0.95);
  }
</style>
