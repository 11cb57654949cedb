<script lang="ts">
  import type { Control } from '@zealous-quill/core/skill';
  import type { DescribedFeature } from '@zealous-quill/core/catalogue';
  import type { Snippet } from 'svelte';
  import {
    choicesOf,
    controlText,
    endOf,
    isByEnds,
    isChosen,
    press,
    withEnd,
    type Choice
  } from './choices';

  interface Props {
    feature: DescribedFeature;
    control: Control | undefined;
    /** Whether items exist for each choice with all other controls as they are; undefined while unknown. */
    possible?: readonly boolean[] | undefined;
    isInConflict?: boolean;
    onchange: (control: Control | undefined) => void;
    /** An impossible value was pressed. */
    onrefused: (choice: Choice) => void;
    /** What is said of it. */
    children?: Snippet;
  }

  let {
    feature,
    control,
    possible,
    isInConflict = false,
    onchange,
    onrefused,
    children
  }: Props = $props();

  const { title, meaning } = $derived(feature);
  const choices = $derived(choicesOf(feature));
  /** A range over some impossible values is as good as any; one over nothing else is not. */
  const isHopeless = $derived(
    control !== undefined &&
      choices.every(
        ({ control: value }, at) => !isChosen(control, value) || possible?.[at] === false
      )
  );
</script>

<fieldset class:conflict={isInConflict}>
  <legend title={meaning}>
    {title}
    <span class="asked">{control === undefined ? 'any' : controlText(control)}</span>
    <span class="visually-hidden">: {meaning}{isInConflict ? '; part of the conflict' : ''}</span>
  </legend>
  {#if control !== undefined}
    <button type="button" class="clear" onclick={() => onchange(undefined)}>
      any<span class="visually-hidden"> {title}</span>
    </button>
  {/if}
  {#if isByEnds(feature)}
    <div class="ends">
      {#each ['min', 'max'] as const as end (end)}
        <label>
          {end === 'min' ? 'from' : 'to'}
          <input
            type="number"
            min={feature.min}
            max={feature.max}
            value={endOf(control, end) ?? ''}
            placeholder={String(end === 'min' ? (feature.usualMin ?? feature.min) : feature.max)}
            onchange={(event) =>
              onchange(withEnd(feature, control, end, event.currentTarget.value))}
          />
        </label>
      {/each}
    </div>
  {:else}
    <div class="squares">
      {#each choices as choice, at (choice.label)}
        {@const { label, control: value } = choice}
        {@const isImpossible = possible?.[at] === false}
        {@const isPressed = isChosen(control, value)}
        <button
          type="button"
          class:impossible={isImpossible}
          class:hopeless={isPressed && isHopeless}
          aria-pressed={isPressed}
          title={isImpossible
            ? `No item has ${title.toLowerCase()} ${label} with the other controls: press to see what blocks it`
            : undefined}
          onclick={() =>
            isImpossible && !isPressed ? onrefused(choice) : onchange(press(control, value))}
        >
          {label}{#if isImpossible}<span class="visually-hidden"> (impossible)</span>{/if}
        </button>
      {/each}
    </div>
  {/if}
  {@render children?.()}
</fieldset>

<style>
  fieldset {
    padding: var(--space-1) 0 var(--space-1);
    border-bottom: 1px solid var(--rule);
    min-width: 0;
  }
  legend {
    float: left;
    font-weight: 700;
    font-size: var(--text-sm);
    line-height: 1.35;
  }
  .asked {
    font-weight: 400;
    color: var(--faint);
    padding-left: var(--space-2);
  }
  .ends {
    clear: both;
    display: flex;
    gap: var(--space-3);
    font-size: var(--text-sm);
  }
  .ends input {
    width: 4.2rem;
    padding: 0 var(--space-1);
  }
  .squares {
    clear: both;
    display: flex;
    flex-wrap: wrap;
    row-gap: 2px;
  }
  button {
    min-width: 1.3rem;
    height: 1.45rem;
    padding: 0 var(--space-half);
    margin-left: -1px;
    border: 1px solid;
    background: var(--leaf);
    font-family: var(--font-figures);
    font-size: var(--text-xs);
    line-height: 1;
  }
  .squares button {
    border-color: color-mix(in srgb, var(--faint) 45%, var(--leaf));
  }
  button:first-child {
    margin-left: 0;
  }
  button:hover:not(.impossible) {
    background: var(--accent-soft);
  }
  button[aria-pressed='true'] {
    background: var(--accent);
    color: var(--on-accent);
    border-color: var(--accent);
  }
  .impossible {
    color: var(--faint);
    text-decoration: line-through;
    background: repeating-linear-gradient(135deg, var(--raised) 0 3px, var(--leaf) 3px 6px);
  }
  /* Asked for as part of a range, though no item has it as things are. */
  .impossible[aria-pressed='true'] {
    background: repeating-linear-gradient(
      135deg,
      var(--accent) 0 3px,
      color-mix(in srgb, var(--accent) 75%, var(--leaf)) 3px 6px
    );
    text-decoration: none;
  }
  .hopeless[aria-pressed='true'] {
    background: var(--slip-soft);
    color: var(--slip);
    border-color: var(--slip);
  }
  .clear {
    float: right;
    height: auto;
    border-color: transparent;
    background: none;
    color: var(--accent);
    font-family: var(--font-sans);
    font-size: var(--text-sm);
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .conflict legend {
    color: var(--slip);
  }
  .conflict legend::before {
    content: '✗ ';
  }
</style>
