<script lang="ts">
  import { type MarkingDesk } from './desk.svelte';
  import { keyOf } from './pile';

  let { desk, by }: { desk: MarkingDesk; by: 'script' | 'question' } = $props();

  const standings = {
    right: { sign: '●', word: 'full marks' },
    partly: { sign: '◐', word: 'some marks' },
    wrong: { sign: '✗', word: 'no marks' },
    begun: { sign: '…', word: 'begun' },
    waiting: { sign: '○', word: 'waiting' }
  } as const;
</script>

<ol aria-label="The pile">
  {#each desk.pile as place, at (keyOf(place))}
    {@const standing = desk.marks.standing(place)}
    {@const name = by === 'script' ? place.item.label : place.script.name}
    <li>
      <button
        type="button"
        class={standing}
        tabindex="-1"
        aria-current={at === desk.at ? 'true' : undefined}
        title="{name}: {standings[standing].word}"
        onclick={() => desk.go(at)}
      >
        <span aria-hidden="true">{standings[standing].sign}</span>
        <span class="visually-hidden">{name}, {standings[standing].word}</span>
      </button>
    </li>
  {/each}
</ol>

<style>
  ol {
    display: flex;
    flex-wrap: wrap;
  }
  button {
    width: 1.5rem;
    height: 1.5rem;
    border: 1px solid var(--grid);
    background: var(--leaf);
    margin: 0 0 -1px -1px;
    font-size: var(--text-xs);
    line-height: 1;
    color: var(--faint);
  }
  .right {
    color: var(--right);
  }
  .partly {
    color: var(--lamp);
  }
  .wrong {
    color: var(--slip);
  }
  [aria-current] {
    outline: 2px solid var(--accent);
    outline-offset: -2px;
  }
</style>
