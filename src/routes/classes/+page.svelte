<script lang="ts">
  import { plural } from '$lib/ui/format';

  let { data, form } = $props();
</script>

<svelte:head><title>Classes · Zealous Quill</title></svelte:head>

<div class="head">
  <h1>Classes</h1>
  <a class="main-button" href="/classes/import">Import a class list</a>
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
    <input
      name="name"
      value={form?.name ?? ''}
      maxlength="80"
      placeholder="7 Amber"
      aria-describedby="problem"
      autocomplete="off"
    />
  </label>
  <button type="submit" class="side-button">Make it</button>
  <p id="problem" class="problem" aria-live="polite">{form?.problem ?? ''}</p>
</form>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 1rem;
  }
  .classes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 0.8rem;
  }
  .classes li {
    padding: 0.8rem 1rem;
  }
  .classes a:hover {
    color: var(--accent);
  }
  .empty {
    padding: 1.4rem;
    max-width: 40rem;
  }
  .create {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: end;
    margin-top: 1.4rem;
  }
  .create input {
    display: block;
    padding: 0.3rem 0.6rem;
  }
  .problem {
    color: var(--slip);
  }
</style>
