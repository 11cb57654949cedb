<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { difficultyShare, difficultyWord, logit } from '../format';

  interface Props {
    /** In logits, 0 for an average item. */
    value: number;
    style: HouseStyle;
  }

  let { value, style }: Props = $props();

  /** The number is shown on asking. */
  let isAsked = $state(false);
  const number = $derived(logit(value, style));
</script>

<button
  type="button"
  title="Predicted difficulty {number}, where 0 is an average item"
  aria-label="Difficulty: {difficultyWord(value)}, {number}"
  aria-pressed={isAsked}
  onclick={() => (isAsked = !isAsked)}
>
  <span class="bar"><span style:width="{100 * difficultyShare(value)}%"></span></span>
  <span class="word">{isAsked ? number : difficultyWord(value)}</span>
</button>

<style>
  button {
    display: inline-flex;
    gap: var(--space-1);
    align-items: center;
    font-size: var(--text-sm);
    white-space: nowrap;
    text-align: left;
  }
  button:hover {
    color: var(--accent);
  }
  .bar {
    width: 2rem;
    height: 0.5rem;
    border: 1px solid var(--faint);
  }
  .bar span {
    display: block;
    height: 100%;
    background: var(--faint);
  }
  .word {
    min-width: 3.9em;
    font-variant-numeric: tabular-nums;
  }
</style>
