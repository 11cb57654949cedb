<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '../format';
  import EditorHead from './EditorHead.svelte';
  import type { PaperEditor } from './paper-editor.svelte';

  interface Props {
    editor: PaperEditor;
    paperId: number;
    edition: number;
    isSat: boolean;
    /** For whom alone it was made. */
    pupil: { readonly name: string; readonly className: string } | null;
    onsit: () => void;
    ontakeout: () => void;
  }

  let { editor, paperId, edition, isSat, pupil, onsit, ontakeout }: Props = $props();
</script>

<form id="plan-of-paper" method="POST" action="?/plan"></form>
<EditorHead
  draft={editor.draft}
  title={editor.paper.title}
  label="Title of the paper"
  sit="A class sits it"
  {isSat}
  settle={() => editor.settle()}
  onrename={(title) => editor.change((paper) => ({ ...paper, title }))}
  {onsit}
>
  {#snippet about()}
    <p class="faint">
      {#if pupil}for <strong>{pupil.name}</strong>, {pupil.className} ·{/if}
      {plural(editor.outline.items.length, 'item')} ·
      <strong>{plural(editor.outline.marks, 'mark')}</strong>
      · about {plural(editor.outline.minutes, 'minute')} · edition {edition} · seed {editor.paper
        .seed} ·
      <Button kind="quiet" disabled={editor.outline.items.length === 0} onclick={ontakeout}
        >take items out</Button
      > · <Button type="submit" kind="quiet" form="plan-of-paper">make an exam’s plan of it</Button> ·
      <a class="quiet-link" href="/records?paper={paperId}">log</a>
    </p>
  {/snippet}
</EditorHead>
