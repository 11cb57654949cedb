<script lang="ts">
  import FilePick from '$lib/ui/kit/FilePick.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import type { ScriptPages } from './script-pages.svelte';

  /** Adds pictures or PDFs of pages to a script. */
  let { pages, scriptId }: { pages: ScriptPages; scriptId: number } = $props();
</script>

<div class="upload">
  <FilePick
    label="Add pages of this script"
    accept="image/png,image/jpeg,application/pdf"
    isSeveral
    disabled={pages.isBusy || pages.sending !== null}
    describedBy="page-problem"
    onfiles={(files) => void pages.add(scriptId, files)}
  />
  {#if pages.sending}
    {@const { at, of, name } = pages.sending}
    <p role="status">
      <progress value={at - 1} max={of} aria-label="Pages that are there"></progress>
      Page {at} of {of}: {name}
    </p>
  {/if}
  <Problem id="page-problem">{pages.problem ?? ''}</Problem>
</div>

<style>
  .upload {
    margin-top: var(--space-3);
    font-size: var(--text-sm);
  }
</style>
