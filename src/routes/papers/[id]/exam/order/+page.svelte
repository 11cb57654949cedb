<script lang="ts">
  import DealingSelect from '$lib/ui/exams/DealingSelect.svelte';
  import { plural } from '$lib/ui/format';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';

  let { data } = $props();

  const columns = [
    { title: 'Form' },
    { title: 'Print' },
    { title: 'Copies', isNumber: true },
    { title: 'For' },
    { title: 'File', isHidden: true }
  ];
  const copies = $derived(data.order.prints.reduce((sum, one) => sum + one.copies, 0));
  const printOf = (form: string, size: number) =>
    `/papers/${data.id}/print?form=${encodeURIComponent(form)}${size > 0 ? `&size=${size}` : ''}`;
  const namedOf = (size: number) => {
    const asked = [
      ...data.classIds.map((id) => `class=${id}`),
      `forms=${data.dealing}`,
      ...(size > 0 ? [`size=${size}`] : [])
    ];
    return `/papers/${data.id}/print?${asked.join('&')}`;
  };
</script>

<svelte:head><title>Print order of {data.title} · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/papers/{data.id}/exam">{data.title}</a></p>
<h1>Print order</h1>
<form method="GET" class="asked">
  <fieldset>
    <legend>Classes</legend>
    {#each data.classes as { id, name, pupils } (id)}
      <label class="tick">
        <input type="checkbox" name="class" value={id} checked={data.classIds.includes(id)} />
        {name} <span class="faint">{pupils}</span>
      </label>
    {/each}
  </fieldset>
  <DealingSelect forms={data.forms} value={data.dealing} />
  <Button type="submit">Count the prints</Button>
</form>

{#if data.classIds.length === 0}
  <p class="leaf empty">
    Choose the classes that will sit the exam; large print and extra time are counted.
  </p>
{:else}
  <p>
    <strong>{plural(copies, 'copy', 'copies')}</strong> · {data.order.minutes} minutes
  </p>
  <DataTable {columns}>
    {#each data.order.prints as { form, size, copies: count, pupils } (`${form}/${size}`)}
      <tr>
        <td>{form}</td>
        <td>{size === 0 ? 'usual size' : `${size} point`}</td>
        <td class="number">{count}</td>
        <td>{pupils.length > 0 ? pupils.join(', ') : 'everyone else'}</td>
        <td><a class="quiet-link" href={printOf(form, size)}>PDF</a></td>
      </tr>
    {/each}
  </DataTable>
  <h2>With names on them</h2>
  <p class="faint">
    One file with a script for each pupil, in the order of the list. A class that has sat the exam
    gets the forms that it had.
  </p>
  <ul class="named">
    {#each data.order.named as { size, scripts } (size)}
      <li>
        <a class="quiet-link" href={namedOf(size)}
          >{plural(scripts, 'script')}, {size === 0 ? 'usual size' : `${size} point`}</a
        >
      </li>
    {/each}
  </ul>
  <h2>Extra time</h2>
  {#if data.order.extraTime.length === 0}
    <p class="faint">Nobody. A class’s page says who needs large print or extra time.</p>
  {:else}
    <p>{data.order.minutesWithExtra} minutes, a quarter more, for:</p>
    <ul>
      {#each data.order.extraTime as { name, group } (`${group}/${name}`)}
        <li>{name} <span class="faint">{group}</span></li>
      {/each}
    </ul>
  {/if}
{/if}

<style>
  .asked {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-5);
    align-items: flex-end;
    margin: var(--space-3) 0;
  }
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-4);
  }
  .empty {
    padding: var(--space-4);
    max-width: 34rem;
  }
  h2 {
    margin-top: var(--space-4);
  }
  ul:not(.named) {
    columns: 16rem 3;
  }
</style>
