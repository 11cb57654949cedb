<script lang="ts" generics="T">
  import Button from '$lib/ui/kit/Button.svelte';
  import type { Snippet } from 'svelte';
  import type { Draft } from './draft.svelte';

  interface Props {
    draft: Draft<T>;
    /** A value in a few words. */
    text: (value: T) => string;
    /** What was changed, and by whom. */
    children: Snippet;
  }

  let { draft, text, children }: Props = $props();
</script>

{#if draft.clash}
  <div class="clash" role="alertdialog" aria-label="Changed elsewhere">
    <p>{@render children()}</p>
    <dl>
      <dt>There</dt>
      <dd>{text(draft.clash.theirs)}</dd>
      <dt>Here</dt>
      <dd>{text(draft.value)}</dd>
    </dl>
    <div class="acts">
      <Button kind="main" onclick={() => draft.settleClash('theirs')}>Take what is there</Button>
      <Button kind="side" onclick={() => draft.settleClash('mine')}>Keep what is here</Button>
    </div>
  </div>
{/if}

<style>
  .clash {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-4);
    margin: var(--space-2) 0;
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0 var(--space-3);
    margin: var(--space-1) 0 var(--space-2);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
  }
  dt {
    font-weight: 700;
  }
</style>
