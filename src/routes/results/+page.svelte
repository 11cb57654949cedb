<script lang="ts">
  import SittingList from '$lib/ui/marking/SittingList.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Results · Zealous Quill</title></svelte:head>

<h1>Results</h1>
{#if data.sittings.length === 0}
  <p class="leaf empty">
    Results appear as soon as the first script is marked: see the <a
      class="quiet-link"
      href="/marking">pile</a
    >.
  </p>
{:else}
  <div class="list"><SittingList sittings={data.sittings} to="results" /></div>
{/if}

<style>
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
    margin-top: var(--space-4);
  }
  .list {
    margin-top: var(--space-4);
  }
</style>
