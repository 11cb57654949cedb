<script lang="ts">
  import type { DraftState } from '../draft.svelte';

  let { state, problem }: { state: DraftState; problem: string | null } = $props();

  const words = {
    saved: 'Saved',
    waiting: 'Not saved yet',
    saving: 'Saving',
    problem: 'Not saved',
    clash: 'Changed elsewhere'
  };
</script>

<p class={state} role="status">
  {state === 'saved' ? '● ' : state === 'problem' || state === 'clash' ? '✗ ' : '○ '}{words[
    state
  ]}{problem && state === 'problem' ? `: ${problem}` : ''}
</p>

<style>
  p {
    font-size: var(--text-sm);
    color: var(--faint);
    max-width: 22rem;
  }
  .saved {
    color: var(--right);
  }
  .problem,
  .clash {
    color: var(--slip);
  }
</style>
