<script lang="ts">
  import type { DraftState } from '../draft.svelte';
  import { TypedFields } from '../typed-fields.svelte';

  let { state, problem }: { state: DraftState; problem: string | null } = $props();

  const fields = new TypedFields();
  $effect(() => fields.watch(document));
  /** What stands in a field, and is in no draft yet, is not saved either. */
  const now = $derived(state === 'saved' && fields.isOpen ? 'waiting' : state);

  const words = {
    saved: 'Saved',
    waiting: 'Not saved yet',
    saving: 'Saving',
    problem: 'Not saved',
    clash: 'Changed elsewhere'
  };
</script>

<p class={now} role="status">
  {now === 'saved' ? '● ' : now === 'problem' || now === 'clash' ? '✗ ' : '○ '}{words[
    now
  ]}{problem && now === 'problem' ? `: ${problem}` : ''}
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
