<script lang="ts">
  import SittingList from '$lib/ui/marking/SittingList.svelte';

  let { data } = $props();

  const open = $derived(data.sittings.filter(({ marked, toMark }) => marked < toMark));
  const done = $derived(data.sittings.filter(({ marked, toMark }) => marked >= toMark));
</script>

<svelte:head><title>Marking · Zealous Quill</title></svelte:head>

<h1>Marking</h1>
{#if data.sittings.length === 0}
  <p class="leaf empty">
    No scripts yet. Open a <a class="quiet-link" href="/papers">paper</a> and let a class sit it: each
    pupil gets a script in the pile.
  </p>
{:else}
  <h2>To mark</h2>
  {#if open.length === 0}<p class="faint">Nothing waits.</p>{/if}
  <SittingList sittings={open} to="marking" />
  {#if done.length > 0}
    <h2>Marked</h2>
    <SittingList sittings={done} to="marking" />
  {/if}
{/if}

<style>
  h2 {
    margin: var(--space-4) 0 var(--space-2);
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
    margin-top: var(--space-4);
  }
</style>
