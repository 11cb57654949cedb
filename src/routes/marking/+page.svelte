<script lang="ts">
  import { page } from '$app/state';
  import { plural } from '$lib/ui/format';
  import ListPages from '$lib/ui/kit/ListPages.svelte';
  import ListSearch from '$lib/ui/kit/ListSearch.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';
  import { sittingFilters } from '$lib/ui/marking/sitting-filters';
  import SittingActs from '$lib/ui/marking/SittingActs.svelte';
  import MarkedList from '$lib/ui/marking/MarkedList.svelte';
  import WaitingList, { type WaitingSitting } from '$lib/ui/marking/WaitingList.svelte';
  import { byTurn } from '$lib/ui/desk/next-work';

  let { data, form } = $props();

  const open = $derived(byTurn(data.sittings.rows.filter(({ marked, toMark }) => marked < toMark)));
  const left = $derived(open.reduce((sum, { marked, toMark }) => sum + toMark - marked, 0));
  const done = $derived(data.sittings.rows.filter(({ marked, toMark }) => marked >= toMark));
  const isAsked = $derived(page.url.search !== '');
  const states = [
    ['open', 'to mark'],
    ['done', 'marked']
  ] as const;
</script>

<svelte:head><title>Marking · Zealous Quill</title></svelte:head>

<h1>Marking</h1>
<RemovedNotice removed={form?.removed} />
{#snippet acts(sitting: WaitingSitting)}
  <SittingActs {sitting} />
  {#if form?.problem && form.at === sitting.id}<Problem isUrgent>{form.problem}</Problem>{/if}
{/snippet}
{#if data.sittings.total > 0 || isAsked}
  <ListSearch
    label="Words of a class or title"
    filters={[
      { name: 'state', label: 'State', all: 'marked or not', options: states },
      ...sittingFilters(data.choices)
    ]}
  />
{/if}
{#if data.sittings.total === 0 && isAsked}
  <p class="faint">No sitting has that. Nothing is lost: show all to see the others.</p>
{:else if data.sittings.total === 0}
  <p class="leaf empty">
    No scripts yet. Open a <a class="quiet-link" href="/papers">paper</a> and let a class sit it: each
    pupil gets a script in the pile.
  </p>
{:else}
  {#if open.length > 0 || !isAsked}<h2>
      {open.length === 0 ? 'To mark' : `To mark: ${plural(left, 'answer')}`}
    </h2>{/if}
  {#if open.length === 0 && !isAsked}<p class="faint">Nothing waits.</p>{/if}
  <WaitingList sittings={open} waiting={data.waiting} today={data.today} {acts} />
  {#if done.length > 0}
    <h2>Marked</h2>
    <MarkedList sittings={done} {acts} />
  {/if}
  <ListPages {...data.sittings} noun="sitting" />
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
