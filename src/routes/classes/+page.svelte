<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '$lib/ui/format';
  import { groupBy } from '$lib/ui/group-by';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';

  let { data, form } = $props();

  const years = $derived(groupBy(data.classes, ({ year }) => year));
  const hasYears = $derived(data.classes.some(({ year }) => year !== ''));
</script>

<svelte:head><title>Classes · Zealous Quill</title></svelte:head>

<div class="head">
  <h1>Classes</h1>
  <Button kind="main" href="/classes/import">Import a class list</Button>
</div>

<RemovedNotice removed={data.removed} />
{#if form && 'archived' in form}
  <p class="said" role="status">● {plural(form.archived ?? 0, 'class', 'classes')} archived.</p>
{/if}
{#if data.isArchived}
  <p>
    Archived classes. What they sat is in the lists of marking and results when the archive is asked
    for. <a class="quiet-link" href="/classes">To the present classes</a>
  </p>
{/if}
{#if data.classes.length === 0 && data.isArchived}
  <p class="leaf empty">No class is archived.</p>
{:else if data.classes.length === 0}
  <p class="leaf empty">
    No classes yet. Import a list (CSV with the columns “name” and “class”), or make a class here
    and type the names.
  </p>
{:else}
  {#each years as [year, classes] (year)}
    {#if hasYears}
      <div class="year">
        <h2>{year || 'No year given'}</h2>
        {#if !data.isArchived && year !== ''}
          <form method="POST" action="?/archive">
            <input type="hidden" name="year" value={year} />
            <Button type="submit" kind="quiet"
              >archive<span class="visually-hidden"> the classes of {year}</span></Button
            >
          </form>
        {/if}
      </div>
    {/if}
    <ul class="classes">
      {#each classes as { id, name, pupils, sittings } (id)}
        <li class="leaf">
          <a href="/classes/{id}"><h3>{name}</h3></a>
          <p class="faint">
            {plural(pupils, 'pupil')} · {sittings === 0
              ? 'has sat nothing yet'
              : `has sat ${plural(sittings, 'paper')}`}
          </p>
        </li>
      {/each}
    </ul>
  {/each}
{/if}

<form method="POST" action="?/create" class="create">
  <label>
    New class
    <Input
      name="name"
      value={form && 'name' in form ? form.name : ''}
      maxlength={80}
      placeholder="7 Amber"
      aria-describedby="problem"
      autocomplete="off"
    />
  </label>
  <Button type="submit" kind="side">Make it</Button>
  <Problem id="problem">{form && 'problem' in form ? form.problem : ''}</Problem>
</form>
{#if data.archived > 0 && !data.isArchived}
  <p class="archive">
    <a class="quiet-link" href="/classes?archived=yes"
      >{plural(data.archived, 'archived class', 'archived classes')}</a
    >
  </p>
{/if}

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: var(--space-4);
  }
  .classes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: var(--space-3);
  }
  .classes li {
    padding: var(--space-3) var(--space-4);
  }
  .classes a:hover {
    color: var(--accent);
  }
  .year {
    display: flex;
    gap: var(--space-4);
    align-items: baseline;
    margin: var(--space-4) 0 var(--space-2);
  }
  h3 {
    font-size: var(--text-lg);
  }
  .said {
    color: var(--right);
  }
  .archive {
    margin-top: var(--space-4);
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
  .create {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: end;
    margin-top: var(--space-5);
  }
</style>
