<script lang="ts" generics="T">
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
    <button type="button" class="main-button" onclick={() => draft.settleClash('theirs')}
      >Take what is there</button
    >
    <button type="button" class="side-button" onclick={() => draft.settleClash('mine')}
      >Keep what is here</button
    >
  </div>
{/if}

<style>
  .clash {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: 0.6rem 1rem;
    margin: 0.6rem 0;
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0 0.8rem;
    margin: 0.3rem 0 0.5rem;
  }
  button + button {
    margin-left: 0.5rem;
  }
  dt {
    font-weight: 700;
  }
</style>
