<script lang="ts">
  import { enhance } from '$app/forms';
  import Input from 'flowbite-svelte/Input.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { day, plural } from '$lib/ui/format';
  import { SvelteSet } from 'svelte/reactivity';

  let { data, form } = $props();

  const chosen = new SvelteSet<number>();
  let isAsked = $state(false);
  const pupils = $derived(
    data.old.filter(({ classId }) => chosen.has(classId)).reduce((sum, one) => sum + one.pupils, 0)
  );
  const columns = [
    { title: 'Class' },
    { title: 'Year' },
    { title: 'Last paper' },
    { title: 'Pupils', isNumber: true }
  ];
</script>

<svelte:head><title>Old names · Records · Zealous Quill</title></svelte:head>

<form method="POST" action="?/years" class="years" use:enhance>
  <label>
    Names are kept for
    <Input type="number" name="years" min={1} max={30} value={data.years} class="w-20" />
  </label>
  <span>years after the last paper that a class sat.</span>
  <Button type="submit">Set</Button>
</form>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
{#if form?.erased !== undefined}
  <p class="said" role="status">● The names of {plural(form.erased, 'pupil')} are erased.</p>
{/if}

{#if data.old.length === 0}
  <p class="leaf empty">No class has names that are older than that.</p>
{:else}
  <p class="faint">
    These classes have older names. Erasing takes away names, pages of scripts and comments for
    good; marks stay without a name, so that what a class could do is still known.
  </p>
  <form
    method="POST"
    action="?/erase"
    use:enhance={() =>
      async ({ update }) => {
        await update();
        chosen.clear();
        isAsked = false;
      }}
  >
    <DataTable {columns}>
      {#each data.old as { classId, name, year, lastOn, pupils } (classId)}
        <tr>
          <td>
            <label>
              <input
                type="checkbox"
                name="class"
                value={classId}
                checked={chosen.has(classId)}
                onchange={(event) =>
                  event.currentTarget.checked ? chosen.add(classId) : chosen.delete(classId)}
              />
              {name}
            </label>
          </td>
          <td>{year}</td>
          <td>{day(lastOn)}</td>
          <td class="number">{pupils}</td>
        </tr>
      {/each}
    </DataTable>
    {#if isAsked}
      <div class="ask" role="alertdialog" aria-label="Erase names">
        Erase the names of <strong>{plural(pupils, 'pupil')}</strong>? This cannot be undone.
        <Button type="submit">Erase them</Button>
        <Button kind="quiet" onclick={() => (isAsked = false)}>keep them</Button>
      </div>
    {:else}
      <Button class="mt-2" disabled={chosen.size === 0} onclick={() => (isAsked = true)}>
        Erase the names of {plural(pupils, 'pupil')} …
      </Button>
    {/if}
  </form>
{/if}

<style>
  .years {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
    margin-bottom: var(--space-3);
  }
  .years label {
    white-space: nowrap;
    display: flex;
    gap: var(--space-2);
    align-items: center;
  }
  .said {
    color: var(--right);
    margin: var(--space-2) 0;
  }
  .ask {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-3);
    margin: var(--space-2) 0;
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
</style>
