<script lang="ts">
  import type { SaveState } from './paper-editor.svelte';

  let { state, problem }: { state: SaveState; problem: string | null } = $props();

  const words = {
    saved: 'Saved',
    waiting: 'Not saved yet',
    saving: 'Saving',
    problem: 'Not saved'
  };
</script>

<p class={state} role="status">
  {state === 'saved' ? '● ' : state === 'problem' ? '✗ ' : '○ '}{words[state]}{problem &&
  state === 'problem'
    ? `: ${problem}`
    : ''}
</p>

<style>
  p {
    font-size: 0.92rem;
    color: var(--faint);
    max-width: 22rem;
  }
  .saved {
    color: var(--right);
  }
  .problem {
    color: var(--slip);
  }
</style>
