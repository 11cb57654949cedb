<script lang="ts">
  import type { BarField } from './bar-field';
  import {
    drawModel,
    readModel,
    withRoom,
    type BarModel,
    type DrawnBrace
  } from '@zealous-quill/core/bars';

  interface Props {
    model: BarModel;
    /** Rows that are shown; all if absent. */
    rows?: number;
    /** What is written for quantities that are not known, where that can be typed. */
    fields?: ReadonlyMap<string, BarField>;
  }

  let { model, rows = model.rows.length, fields }: Props = $props();

  /** Pixels of the text; the labels are placed for it. */
  const SIZE = 15;

  let width = $state(0);
  const drawing = $derived(
    width > 0 ? drawModel(fields ? withRoom(model) : model, { width: width - 2, size: SIZE }) : null
  );
  const isShown = (row: number) => (row < 0 ? rows >= model.rows.length : row < rows);

  const fieldAt = (text: string, quantity: string | undefined) =>
    text.startsWith('?') && quantity !== undefined ? fields?.get(quantity) : undefined;

  /** A brace: two quarter turns from each end to its point. */
  function bracePath({ x1, x2, y1, y2, isUpright }: DrawnBrace): string {
    const [middleX, middleY] = [(x1 + x2) / 2, (y1 + y2) / 2];
    return isUpright
      ? `M${x1} ${y1} Q${middleX} ${y1} ${middleX} ${y1 + 6} V${middleY - 6} Q${middleX} ${middleY} ${x2} ${middleY} Q${middleX} ${middleY} ${middleX} ${middleY + 6} V${y2 - 6} Q${middleX} ${y2} ${x1} ${y2}`
      : `M${x1} ${y2} Q${x1} ${middleY} ${x1 + 6} ${middleY} H${middleX - 6} Q${middleX} ${middleY} ${middleX} ${y1} Q${middleX} ${middleY} ${middleX + 6} ${middleY} H${x2 - 6} Q${x2} ${middleY} ${x2} ${y2}`;
  }
</script>

<div class="bars" bind:clientWidth={width}>
  {#if drawing}
    <svg
      role="img"
      aria-label={readModel(model).slice(0, rows).join(' ')}
      width={drawing.width + 2}
      height={drawing.height + 2}
      viewBox="-1 -1 {drawing.width + 2} {drawing.height + 2}"
    >
      {#each drawing.boxes as { row, x, y, width, height }, at (at)}
        {#if isShown(row)}<rect {x} {y} {width} {height} class:other={row % 2 === 1} />{/if}
      {/each}
      {#each drawing.braces as brace, at (at)}
        {#if isShown(brace.row)}<path d={bracePath(brace)} />{/if}
      {/each}
      {#each drawing.texts as { row, x, y, text, kind, quantity }, at (at)}
        {#if isShown(row) && !fieldAt(text, quantity)}
          <text {x} {y} font-size={SIZE} class={kind} class:asked={text === '?'}>{text}</text>
        {/if}
      {/each}
    </svg>
    {#each drawing.texts as { x, y, text, width, quantity }, at (at)}
      {@const field = fieldAt(text, quantity)}
      {#if field}
        <input
          aria-label="{field.label}, in the bars"
          autocomplete="off"
          maxlength="40"
          value={field.value}
          style:left="{x - width / 2}px"
          style:top="{y - SIZE * 0.65}px"
          style:height="{SIZE * 1.4}px"
          style:width="{width}px"
          oninput={(event) => field.write(event.currentTarget.value)}
        />
      {/if}
    {/each}
  {/if}
</div>

<style>
  .bars {
    position: relative;
    min-width: 0;
  }
  input {
    position: absolute;
    padding: 0 var(--space-1);
    text-align: center;
    font-family: var(--font-figures);
  }
  svg {
    display: block;
  }
  rect {
    fill: var(--accent-soft);
    stroke: var(--ink);
    stroke-width: 1;
  }
  rect.other {
    fill: var(--lamp-soft);
  }
  path {
    fill: none;
    stroke: var(--faint);
    stroke-width: 1.2;
  }
  text {
    text-anchor: middle;
    dominant-baseline: central;
    fill: var(--ink);
    font-family: var(--font-figures);
  }
  .label {
    font-family: var(--font-sans);
    fill: var(--faint);
  }
  .asked {
    font-weight: 700;
    fill: var(--accent);
  }
</style>
