<script lang="ts">
  import FilePick from '$lib/ui/kit/FilePick.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { enhance } from '$app/forms';
  import { plural } from '$lib/ui/format';
  import { untrack } from 'svelte';

  let { data, form } = $props();

  let source: HTMLFormElement;
  /** The coding that was chosen for the file; empty for the one that is found. */
  let coding = $state('');
  let files = $state<FileList>();
  // Another file is read anew.
  $effect(() => {
    if (files) coding = '';
  });
  let pasted = $state(untrack(() => (form && !('coding' in form && form.coding) ? form.csv : '')));

  /** The file stays chosen, so that it can be read otherwise. */
  const keep = () => {
    return ({ update }: { update: (how: { reset: boolean }) => Promise<void> }) =>
      update({ reset: false });
  };

  // What could not be read of a list stands in the field, to be mended, and not in its file any more.
  $effect(() => {
    if (!form || !('added' in form)) return;
    pasted = form.csv ?? '';
    const file = source.querySelector<HTMLInputElement>('input[type=file]');
    if (file) file.value = '';
  });

  const preview = $derived(form && 'preview' in form ? form.preview : undefined);
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

  const columns = [
    { title: 'Line', isNumber: true },
    { title: 'Name' },
    { title: 'Surname' },
    { title: 'Class' },
    { title: 'Then' }
  ];
</script>

<svelte:head><title>Import a class list · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/classes">Classes</a></p>
<h1>Import a class list</h1>
<p class="faint">
  Names one a line, as they come from a register or a spreadsheet. Surname and forename, and the
  class, may stand in columns of their own. You see how it is understood before anything is kept.
</p>

<form
  method="POST"
  action="?/preview"
  enctype="multipart/form-data"
  class="source"
  bind:this={source}
  use:enhance={keep}
>
  <div class="into">
    <label>
      Into the class
      <Select placeholder="" name="class" value={String(chosen)}>
        <option value="">that the list names</option>
        {#each data.classes as { id, name } (id)}<option value={String(id)}>{name}</option>{/each}
      </Select>
    </label>
    <label>
      or a new one
      <Input
        name="newClass"
        autocomplete="off"
        maxlength={80}
        defaultValue={form?.newClass ?? ''}
      />
    </label>
  </div>
  <FilePick
    label="File of a class list"
    name="file"
    accept=".csv,.txt,.tsv,text/csv,text/plain"
    bind:files
  />
  {#if form && 'coding' in form && form.coding}
    <label>
      The file is read as
      <Select
        placeholder=""
        name="coding"
        value={coding || form.coding}
        onchange={(event) => {
          coding = event.currentTarget.value;
          source.requestSubmit();
        }}
      >
        {#each data.codings as [value, word] (value)}<option {value}>{word}</option>{/each}
      </Select>
    </label>
  {/if}
  <label class="paste">
    or its text
    <Textarea
      name="csv"
      rows={5}
      class="w-full font-figures"
      bind:value={pasted}
      placeholder={'Oona Fell\nWick, Bram'}
    />
  </label>
  <Button type="submit" kind={preview ? 'side' : 'main'}>Look at it first</Button>
</form>
{#if form && 'problem' in form}<Problem isUrgent>{form.problem}</Problem>{/if}
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
        <input type="hidden" name="newClass" value={form?.newClass} />
        <Button type="submit" kind="main" disabled={fresh.length === 0}>
          Add {plural(fresh.length, 'pupil')}
        </Button>
        {#if preview.lines.length > fresh.length}
          <span class="faint"
            >{plural(preview.lines.length - fresh.length, 'pupil')} already there, left as they are</span
          >
        {/if}
      </form>
    {/if}
    <DataTable {columns}>
      {#each preview.lines as { line, name, surname, className, isKnown, isAgain } (line)}
        <tr>
          <td class="number">{line}</td><td>{name}</td><td>{surname ?? ''}</td>
          <td>{className}</td>
          <td class="faint"
            >{isKnown ? 'already there' : isAgain ? 'another pupil of this name' : 'is added'}</td
          >
        </tr>
      {/each}
    </DataTable>
  </section>
{/if}

<style>
  .source {
    display: grid;
    gap: var(--space-3);
    max-width: 40rem;
    margin: var(--space-4) 0;
    justify-items: start;
  }
  .into {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
  }
  .paste {
    width: 100%;
  }
  .problems {
    background: var(--slip-soft);
    border-left: 3px solid var(--slip);
    padding: var(--space-2) var(--space-4);
    margin: var(--space-2) 0;
  }
  .taken {
    color: var(--right);
  }
  .accept {
    display: flex;
    gap: var(--space-4);
    align-items: center;
    margin: var(--space-2) 0;
  }
</style>
