<script lang="ts">
  import type { Paper } from '@zealous-quill/core/papers';
  import DraftClash from '../DraftClash.svelte';
  import type { Draft } from '../draft.svelte';
  import { plural } from '../format';

  let { draft }: { draft: Draft<Paper> } = $props();

  const items = ({ rungs }: Paper) => rungs.reduce((sum, rung) => sum + rung.items.length, 0);
  const text = (paper: Paper) =>
    `“${paper.title}”, ${plural(paper.rungs.length, 'rung')}, ${plural(items(paper), 'item')}`;
</script>

<DraftClash {draft} {text}>
  This paper was saved in another window since it was opened here. Nothing has been overwritten, and
  undoing brings back the one that is not taken.
</DraftClash>
