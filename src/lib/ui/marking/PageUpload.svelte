<script lang="ts">
  import Fileupload from 'flowbite-svelte/Fileupload.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import type { ScriptPages } from './script-pages.svelte';

  /** Adds a picture or a PDF of a page to a script. */
  let { pages, scriptId }: { pages: ScriptPages; scriptId: number } = $props();
</script>

<div class="upload">
  <Label for="script-page">Add a page of this script</Label>
  <Fileupload
    id="script-page"
    accept="image/png,image/jpeg,application/pdf"
    disabled={pages.isBusy}
    aria-describedby="page-problem"
    onchange={async (event: Event) => {
      const input = event.currentTarget as HTMLInputElement;
      const [file] = input.files ?? [];
      if (file) await pages.add(scriptId, file);
      input.value = '';
    }}
  />
  <Problem id="page-problem">{pages.problem ?? ''}</Problem>
</div>

<style>
  .upload {
    margin-top: var(--space-3);
    font-size: var(--text-sm);
  }
</style>
