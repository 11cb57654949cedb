<script lang="ts">
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';

  let { data, form } = $props();

  const columns = [{ title: 'Pupil' }, { title: 'Print' }, { title: 'Time' }];
  const submit = (event: Event & { currentTarget: HTMLInputElement | HTMLSelectElement }) =>
    event.currentTarget.form?.requestSubmit();
</script>

<svelte:head
  ><title>{data.group.name}: large print and extra time · Zealous Quill</title></svelte:head
>

<p><a class="quiet-link" href="/classes/{data.group.id}">{data.group.name}</a></p>
<h1>Large print and extra time</h1>
<p class="faint">
  Who needs large print or extra time in exams. The order of prints counts them; the questions are
  the same. What is chosen is saved at once.
</p>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
<div class="list">
  <DataTable {columns}>
    {#each data.group.pupils as { id, name, largePrint, extraTime } (id)}
      <tr>
        <td>{name}</td>
        <td colspan="2">
          <form
            method="POST"
            action="?/set"
            use:enhance={() =>
              async ({ result, update }) => {
                await update({ reset: false });
                // What was chosen in another window is shown.
                if (result.type === 'failure') await invalidateAll();
              }}
          >
            <input type="hidden" name="pupil" value={id} />
            <input type="hidden" name="was-print" value={largePrint} />
            <input type="hidden" name="was-time" value={extraTime ? 'yes' : ''} />
            <select
              name="print"
              value={String(largePrint)}
              aria-label="Print of {name}"
              onchange={submit}
            >
              <option value="0">usual</option>
              <option value="18">18 point</option>
              <option value="24">24 point</option>
            </select>
            <label class="tick">
              <input
                type="checkbox"
                name="time"
                value="yes"
                checked={extraTime}
                onchange={submit}
                aria-label="Extra time for {name}"
              />
              extra time
            </label>
          </form>
        </td>
      </tr>
    {/each}
  </DataTable>
</div>

<style>
  .list {
    max-width: 38rem;
    margin-top: var(--space-3);
  }
  form {
    display: flex;
    gap: var(--space-5);
    align-items: baseline;
  }
  select {
    padding: 0 1.6rem 0 var(--space-2);
  }
</style>
