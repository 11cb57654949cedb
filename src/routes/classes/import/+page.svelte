<script lang="ts">
  import { enhance } from '$app/forms';
  import { plural } from '$lib/ui/format';

  let { data, form } = $props();

  const preview = $derived(form?.preview);
  const added = $derived(form && 'added' in form ? form.added : undefined);
  const fresh = $derived(preview?.lines.filter(({ isKnown }) => !isKnown) ?? []);
  const words = {
    name: 'name',
    surname: 'surname',
    forename: 'forename',
    class: 'class',
    other: 'something passed over'
  };
  const columnWords = $derived((preview?.columns ?? []).map((column) => words[column]).join(', '));
  const chosen = $derived(form?.classId ?? data.chosen ?? '');
</script>

<svelte:head><title>Import a class list · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/classes">Classes</a></p>
<h1>Import a class list</h1>
<p class="faint">
  Names one a line, as they come from a register or a spreadsheet. Surname and forename, and the
  class, may stand in columns of their own. You see how it is understood before anything is kept.
</p>

<form method="POST" action="?/preview" enctype="multipart/form-data" class="source" use:enhance>
  <label>
    Into the class
    <select name="class" value={String(chosen)}>
      <option value="">that the list names</option>
      {#each data.classes as { id, name } (id)}<option value={String(id)}>{name}</option>{/each}
    </select>
  </label>
  <label>
    File
    <input type="file" name="file" accept=".csv,.txt,.tsv,text/csv,text/plain" />
  </label>
  <label class="paste">
    or its text
    <textarea
      name="csv"
      rows="5"
      defaultValue={form?.csv ?? ''}
      placeholder={'Oona Fell\nWick, Bram'}></textarea>
  </label>
  <button type="submit" class={preview ? 'side-button' : 'main-button'}>Look at it first</button>
</form>
{#if form?.problem}<p class="problem" role="alert">{form.problem}</p>{/if}
{#if added !== undefined}
  <p class="taken" role="status">
    ● {plural(added, 'pupil')} added. What could not be read stands above, to be mended.
  </p>
{/if}

{#if preview}
  <section aria-label="Preview">
    <h2>What would happen</h2>
    <p class="faint">Read as {columnWords}.</p>
    {#if preview.problems.length > 0}
      <div class="problems" role="alert">
        <p>
          <strong>{plural(preview.problems.length, 'line')} cannot be read.</strong> The others can be
          taken now; these stay here to be mended.
        </p>
        <ul>
          {#each preview.problems as { line, text } (line)}<li>Line {line}: {text}</li>{/each}
        </ul>
      </div>
    {/if}
    {#if preview.lines.length > 0}
      <form method="POST" action="?/accept" class="accept" use:enhance>
        <input type="hidden" name="csv" value={form?.csv} />
        <input type="hidden" name="class" value={chosen} />
        <button type="submit" class="main-button" disabled={fresh.length === 0}>
          Add {plural(fresh.length, 'pupil')}
        </button>
        {#if preview.lines.length > fresh.length}
          <span class="faint"
            >{plural(preview.lines.length - fresh.length, 'pupil')} already there, left as they are</span
          >
        {/if}
      </form>
    {/if}
    <table class="plain-table">
      <thead
        ><tr
          ><th class="number">Line</th><th>Name</th><th>Surname</th><th>Class</th><th>Then</th></tr
        ></thead
      >
      <tbody>
        {#each preview.lines as { line, name, surname, className, isKnown, isAgain } (line)}
          <tr>
            <td class="number">{line}</td><td>{name}</td><td>{surname ?? ''}</td>
            <td>{className}</td>
            <td class="faint"
              >{isKnown ? 'already there' : isAgain ? 'another pupil of this name' : 'is added'}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  </section>
{/if}

<style>
  .source {
    display: grid;
    gap: 0.7rem;
    max-width: 40rem;
    margin: 1rem 0;
    justify-items: start;
  }
  .source select,
  .source textarea {
    display: block;
    padding: 0.3rem 0.6rem;
  }
  .source select {
    padding-right: 2rem;
  }
  .paste {
    width: 100%;
  }
  .source textarea {
    width: 100%;
    font-family: var(--font-figures);
  }
  .source input {
    display: block;
  }
  .problem {
    color: var(--slip);
  }
  .problems {
    background: var(--slip-soft);
    border-left: 3px solid var(--slip);
    padding: 0.6rem 1rem;
    margin: 0.6rem 0;
  }
  .taken {
    color: var(--right);
  }
  .accept {
    display: flex;
    gap: 1rem;
    align-items: center;
    margin: 0.6rem 0;
  }
  .plain-table {
    max-width: 44rem;
  }
</style>
