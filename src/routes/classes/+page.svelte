<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '$lib/ui/format';

  let { data, form } = $props();
</script>

<svelte:head><title>Classes · Zealous Quill</title></svelte:head>

<div class="head">
  <h1>Classes</h1>
  <Button kind="main" href="/classes/import">Import a class list</Button>
</div>

{#if data.classes.length === 0}
  <p class="leaf empty">
    No classes yet. Import a list (CSV with the columns “name” and “class”), or make a class here
    and type the names.
  </p>
{:else}
  <ul class="classes">
    {#each data.classes as { id, name, pupils, sittings } (id)}
      <li class="leaf">
        <a href="/classes/{id}"><h2>{name}</h2></a>
        <p class="faint">
          {plural(pupils, 'pupil')} · {sittings === 0
            ? 'has sat nothing yet'
            : `has sat ${plural(sittings, 'paper')}`}
        </p>
      </li>
    {/each}
  </ul>
{/if}

<form method="POST" action="?/create" class="create">
  <label>
    New class
    <Input
      name="name"
      value={form?.name ?? ''}
      maxlength={80}
      placeholder="7 Amber"
      aria-describedby="problem"
      autocomplete="off"
    />
  </label>
  <Button type="submit" kind="side">Make it</Button>
  <Problem id="problem">{form?.problem ?? ''}</Problem>
</form>

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
