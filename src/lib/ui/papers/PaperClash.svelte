<script lang="ts">
  import type { Paper } from '@zealous-quill/core/papers';
  import { plural } from '../format';
  import type { Draft } from '../draft.svelte';

  let { draft }: { draft: Draft<Paper> } = $props();

  const items = ({ rungs }: Paper) => rungs.reduce((sum, rung) => sum + rung.items.length, 0);
  const text = (paper: Paper) =>
    `“${paper.title}”, ${plural(paper.rungs.length, 'rung')}, ${plural(items(paper), 'item')}`;
</script>

{#if draft.clash}
  <div class="clash" role="alertdialog" aria-label="Changed elsewhere">
    <p>
      This paper was saved in another window since it was opened here. Nothing has been overwritten,
      and undoing brings back the one that is not taken.
    </p>
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
    border: 2px solid var(--slip);
    background: var(--leaf);
    padding: 0.7rem 1rem;
    margin-bottom: 0.8rem;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.1rem 0.8rem;
    margin: 0.4rem 0 0.6rem;
  }
  button + button {
    margin-left: 0.5rem;
  }
  dt {
    color: var(--faint);
  }
</style>
