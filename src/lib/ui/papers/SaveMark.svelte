<script lang="ts">
  import type { DraftState } from '../draft.svelte';
  import type { TypedFields } from '../typed-fields.svelte';

  let { state: saved, problem }: { state: DraftState; problem: string | null } = $props();

  let fields = $state.raw<TypedFields | null>(null);
  // What listens is not loaded with the page.
  $effect(() => {
    // An editor that is left before it has come is not listened to.
    let isLeft = false;
    let end = () => {};
    void import('../typed-fields.svelte').then(({ TypedFields: Fields }) => {
      if (isLeft) return;
      fields = new Fields();
      end = fields.watch(document);
    });
    return () => {
      isLeft = true;
      end();
    };
  });
  /** What stands in a field, and is in no draft yet, is not saved either. */
  const now = $derived(saved === 'saved' && fields?.isOpen ? 'waiting' : saved);

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
