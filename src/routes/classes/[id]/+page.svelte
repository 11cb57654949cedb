<script lang="ts">
  import { enhance } from '$app/forms';
  import { plural } from '$lib/ui/format';

  let { data, form } = $props();
</script>

<svelte:head><title>{data.group.name} · Classes · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/classes">Classes</a></p>
<h1>{data.group.name}</h1>
<p class="faint">{plural(data.group.pupils.length, 'pupil')}</p>

<form method="POST" action="?/add" use:enhance class="add">
  <label>
    Add a pupil
    <!-- svelte-ignore a11y_autofocus -->
    <input
      name="name"
      autocomplete="off"
      maxlength="80"
      value={form?.name ?? ''}
      autofocus
      aria-describedby="problem"
    />
  </label>
  <button type="submit" class="side-button">Add</button>
  <a class="quiet-link" href="/classes/import?class={data.group.id}">or import a list</a>
</form>
<p id="problem" class="problem" aria-live="polite">{form?.problem ?? ''}</p>

{#if data.group.pupils.length === 0}
  <p class="leaf empty">
    Nobody yet. Type a name and press Enter; the field is ready for the next one.
  </p>
{:else}
  <ol>
    {#each data.group.pupils as { id, name } (id)}
      <li>
        <span>{name}</span>
        <form method="POST" action="?/remove" use:enhance>
          <input type="hidden" name="pupil" value={id} />
          <button type="submit">remove<span class="visually-hidden"> {name}</span></button>
        </form>
      </li>
    {/each}
  </ol>
{/if}

<style>
  .add {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
    margin-top: 0.9rem;
  }
  .add input {
    display: block;
    padding: 0.3rem 0.6rem;
    width: 18rem;
  }
  .problem {
    color: var(--slip);
    min-height: 1.4em;
  }
  .empty {
    padding: 1.2rem;
    max-width: 34rem;
  }
  ol {
    columns: 17rem 3;
    column-gap: 2rem;
    list-style: decimal;
    padding-left: 1.8rem;
    margin-top: 0.4rem;
  }
  li {
    break-inside: avoid;
    border-bottom: 1px solid var(--rule);
    padding: 0.28rem 0;
  }
  li::marker {
    color: var(--faint);
  }
  li form {
    float: right;
  }
  li button {
    color: var(--faint);
    font-size: 0.86rem;
  }
  li button:hover {
    color: var(--slip);
    text-decoration: underline;
  }
</style>
