<script lang="ts" generics="T">
  import Button from '$lib/ui/kit/Button.svelte';
  import type { Snippet } from 'svelte';
  import type { Draft } from '../draft.svelte';
  import SaveMark from './SaveMark.svelte';
  import TitleInput from './TitleInput.svelte';

  interface Props {
    draft: Draft<T>;
    title: string;
    /** What the title is called for those who hear it. */
    label: string;
    isSat: boolean;
    /** Waits until all is saved; true if it is. */
    settle: () => Promise<boolean>;
    onrename: (title: string) => void;
    onsit: () => void;
    /** What is said under the title, and what the sitting is begun with. */
    about: Snippet;
    sit: string;
    /** What can be made of a sat paper beside a new edition. */
    again?: Snippet;
  }

  let { draft, title, label, isSat, settle, onrename, onsit, about, sit, again }: Props = $props();
</script>

<div class="head">
  <div class="title">
    {#if isSat}
      <h1>{title}</h1>
    {:else}
      <TitleInput value={title} {label} onchange={onrename} />
    {/if}
    {@render about()}
  </div>
  <div class="acts">
    {#if isSat}
      {@render again?.()}
      <form method="POST" action="?/edition">
        <Button type="submit">Make a new edition</Button>
      </form>
    {:else}
      <SaveMark state={draft.state} problem={draft.problem} />
      <Button disabled={!draft.canUndo} onclick={() => draft.undo()}>Undo</Button>
      <Button disabled={!draft.canRedo} onclick={() => draft.redo()}>Redo</Button>
    {/if}
    <Button
      kind="main"
      onclick={async () => {
        // What is sat is what stands on the server.
        if (isSat || (await settle())) onsit();
      }}>{sit}</Button
    >
  </div>
</div>

<style>
  .head {
    position: sticky;
    top: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-5);
    justify-content: space-between;
    align-items: flex-start;
    margin-bottom: var(--space-2);
    padding: var(--space-2) 0;
    background: var(--paper);
    border-bottom: 1px solid var(--rule);
  }
  .title {
    flex: 1 1 22rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
  }
</style>
