<script lang="ts">
  import { page } from '$app/state';
  import ListPages from '$lib/ui/kit/ListPages.svelte';
  import ListSearch from '$lib/ui/kit/ListSearch.svelte';
  import { sittingFilters } from '$lib/ui/marking/sitting-filters';
  import ResultList from '$lib/ui/results/ResultList.svelte';

  let { data } = $props();

  const isAsked = $derived(page.url.search !== '');
</script>

<svelte:head><title>Results · Zealous Quill</title></svelte:head>

<h1>Results</h1>
{#if data.sittings.total > 0 || isAsked}
  <ListSearch label="Words of a class or title" filters={sittingFilters(data.choices)} />
{/if}
{#if data.sittings.total === 0 && isAsked}
  <p class="faint">No results have that. Nothing is lost: show all to see the others.</p>
{:else if data.sittings.total === 0}
  <p class="leaf empty">
    Results appear as soon as the first script is marked: see the <a
      class="quiet-link"
      href="/marking">pile</a
    >.
  </p>
{:else}
  <div class="list"><ResultList sittings={data.sittings.rows} results={data.results} /></div>
  <ListPages {...data.sittings} noun="sitting" />
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
