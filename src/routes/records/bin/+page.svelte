<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { day } from '$lib/ui/format';
  import { heldWords } from '$lib/ui/records/held-words';

  let { data, form } = $props();

  const columns = [
    { title: 'What' },
    { title: 'Comes back with' },
    { title: 'Removed' },
    { title: 'Days left', isNumber: true },
    { title: 'Actions', isHidden: true }
  ];
  const left = (at: string) =>
    Math.max(0, data.days - Math.floor((Date.now() - Date.parse(at)) / 86_400_000));
</script>

<svelte:head><title>Bin · Records · Zealous Quill</title></svelte:head>

<p class="faint">What was removed is kept here for {data.days} days and comes back whole.</p>
{#if form?.restored}<p class="said" role="status">● {form.restored} is back.</p>{/if}
{#if data.entries.length === 0}
  <p class="leaf empty">The bin is empty.</p>
{:else}
  <DataTable {columns}>
    {#each data.entries as { id, kind, title, at, holds } (id)}
      <tr>
        <td>
          <strong>{title}</strong> <span class="faint">{kind}</span>
          {#if form?.problem && form.id === id}<Problem isUrgent>{form.problem}</Problem>{/if}
        </td>
        <td>{heldWords(holds, kind)}</td>
        <td>{day(at)}</td>
        <td class="number">{left(at)}</td>
        <td>
          <form method="POST" action="?/restore" use:enhance>
            <input type="hidden" name="id" value={id} />
            <Button type="submit">Bring back<span class="visually-hidden"> {title}</span></Button>
          </form>
        </td>
      </tr>
    {/each}
  </DataTable>
{/if}

<style>
  .said {
    color: var(--right);
    margin: var(--space-2) 0;
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
    margin-top: var(--space-3);
  }
  form {
    display: flex;
    justify-content: flex-end;
  }
</style>
