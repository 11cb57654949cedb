<script lang="ts">
  import type { Control, DescribedFeature } from '@zealous-quill/core/skills';
  import { choicesOf, controlText, endOf, isChosen, press, withEnd } from './choices';

  interface Props {
    feature: DescribedFeature;
    control: Control | undefined;
    /** Whether items exist for each choice with all other controls as they are; undefined while unknown. */
    possible?: readonly boolean[] | undefined;
    isInConflict?: boolean;
    onchange: (control: Control | undefined) => void;
  }

  let { feature, control, possible, isInConflict = false, onchange }: Props = $props();

  const { title, meaning } = $derived(feature);
  const choices = $derived(choicesOf(feature));
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
  {#if feature.kind === 'number' && feature.min < 0}
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
      {#each choices as { label, control: value }, at (label)}
        {@const isImpossible = possible?.[at] === false}
        <button
          type="button"
          class:impossible={isImpossible}
          aria-pressed={isChosen(control, value)}
          aria-disabled={isImpossible}
          title={isImpossible
            ? `No item has ${title.toLowerCase()} ${label} with the other controls`
            : undefined}
          onclick={() => {
            if (!isImpossible || isChosen(control, value)) onchange(press(control, value));
          }}
        >
          {label}{#if isImpossible}<span class="visually-hidden"> (impossible)</span>{/if}
        </button>
      {/each}
    </div>
  {/if}
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
    cursor: not-allowed;
    text-decoration: line-through;
    background: repeating-linear-gradient(135deg, var(--raised) 0 3px, var(--leaf) 3px 6px);
  }
  .impossible[aria-pressed='true'] {
    background: var(--slip-soft);
    color: var(--slip);
    border-color: var(--slip);
    text-decoration: none;
    cursor: pointer;
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
