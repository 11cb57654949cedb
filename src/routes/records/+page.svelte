<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import ListPages from '$lib/ui/kit/ListPages.svelte';
  import { moment } from '$lib/ui/format';
  import { sameLines } from '$lib/ui/records/same-lines';

  let { data } = $props();

  const lines = $derived(sameLines(data.log.rows));
  const columns = [{ title: 'When' }, { title: 'Who' }, { title: 'What' }, { title: 'About' }];
  const decided = [
    { title: 'When' },
    { title: 'Who' },
    { title: 'Item' },
    { title: 'Mark' },
    { title: 'Given', isNumber: true },
    { title: 'Reason' }
  ];
</script>

<svelte:head><title>Log · Records · Zealous Quill</title></svelte:head>

{#if data.about}
  <p class="about">
    Log of <a class="quiet-link" href={data.about.href}>{data.about.about}</a> ·
    <a class="quiet-link" href="/records">show all</a>
  </p>
{/if}
{#if data.decisions.length > 0}
  <h2>Decisions on marks</h2>
  <DataTable columns={decided}>
    {#each data.decisions as { at, by, item, mark, given, reason }, index (index)}
      <tr>
        <td>{moment(at)}</td><td>{by}</td><td>{item}</td><td>{mark}</td>
        <td class="number">{given ?? 'as proposed'}</td><td>{reason}</td>
      </tr>
    {/each}
  </DataTable>
  <h2>Everything</h2>
{/if}
{#if data.log.total === 0}
  <p class="leaf empty">Nothing yet. Whatever is made, changed, marked or removed is noted here.</p>
{:else}
  <DataTable {columns}>
    {#each lines as { at, by, action, about, href, times }, index (index)}
      <tr>
        <td class="faint">{moment(at)}</td>
        <td>{by}</td>
        <td
          >{action}{#if times > 1}<span class="faint">, {times} times</span>{/if}</td
        >
        <td
          >{#if href}<a class="quiet-link" {href}>{about}</a>{:else}{about}{/if}</td
        >
      </tr>
    {/each}
  </DataTable>
  <ListPages {...data.log} noun="line" />
{/if}

<style>
  .about {
    margin-bottom: var(--space-3);
  }
  h2 {
    margin: var(--space-3) 0 var(--space-2);
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
</style>
