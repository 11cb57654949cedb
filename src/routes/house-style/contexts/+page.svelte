<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import FilePick from '$lib/ui/kit/FilePick.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { day, plural } from '$lib/ui/format';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';

  let { data, form } = $props();

  let files = $state<FileList>();

  const columns = [
    { title: 'Context' },
    { title: 'Stories', isNumber: true },
    { title: 'In problems' },
    { title: 'Last change' },
    { title: 'Actions', isHidden: true }
  ];
  const standing = ({ isTold, isChanged }: { isTold: boolean; isChanged: boolean }) =>
    isTold ? (isChanged ? 'yes, as it was before the last change' : 'yes') : 'not yet';
  const rowProblem = $derived(form && 'rowProblem' in form ? form : null);
</script>

<svelte:head><title>Contexts of word problems · House style · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/house-style">House style</a></p>
<div class="head">
  <h1>Contexts of word problems</h1>
  <form method="POST" action="?/start">
    <label>
      <span class="faint small">Where its stories take place</span>
      <input name="title" maxlength="60" placeholder="The lamp fair" required />
    </label>
    <Button type="submit" kind="main">New context</Button>
  </form>
</div>
{#if form && 'problem' in form}<Problem isUrgent>{form.problem}</Problem>{/if}
<RemovedNotice removed={form && 'removed' in form ? form.removed : null} />

<h2>Your own</h2>
{#if data.own.length === 0}
  <p class="leaf empty">
    None yet. A context has people, things with the numbers that are met of them, and stories:
    sentences with slots for the numbers. Problems are told in it as in those that come with the
    program, with bars, marks and all.
  </p>
{:else}
  <DataTable {columns}>
    {#each data.own as one (one.id)}
      <tr>
        <td><a class="title" href="/house-style/contexts/{one.id}">{one.title}</a></td>
        <td class="number">{one.stories}</td>
        <td>{standing(one)}</td>
        <td class="whitespace-nowrap">{day(one.updatedAt)}</td>
        <td>
          <div class="acts">
            {#if one.isTold && !one.isChanged}
              <form method="POST" action="?/stop" use:enhance>
                <input type="hidden" name="id" value={one.id} />
                <Button type="submit" kind="quiet"
                  >stop using<span class="visually-hidden"> {one.title}</span></Button
                >
              </form>
            {:else}
              <form method="POST" action="?/tell" use:enhance>
                <input type="hidden" name="id" value={one.id} />
                <Button type="submit" kind="quiet"
                  >use{one.isTold ? ' the change' : ''}<span class="visually-hidden">
                    of {one.title}</span
                  ></Button
                >
              </form>
            {/if}
            <Button kind="quiet" href="/house-style/contexts/{one.id}/file" download
              >take out<span class="visually-hidden"> {one.title}</span></Button
            >
            <form method="POST" action="?/remove" use:enhance>
              <input type="hidden" name="id" value={one.id} />
              <Button type="submit" kind="quiet"
                >remove<span class="visually-hidden"> {one.title}</span></Button
              >
            </form>
          </div>
          {#if rowProblem?.at === one.id}<Problem isUrgent>{rowProblem.rowProblem}</Problem>{/if}
        </td>
      </tr>
    {/each}
  </DataTable>
{/if}

<form class="bring" method="POST" action="?/bring" enctype="multipart/form-data">
  <FilePick label="A context from a file" accept=".json" name="file" bind:files />
  <Button type="submit" disabled={!files?.length}>Bring it in</Button>
</form>
{#if form && 'broughtProblem' in form}<Problem isUrgent>{form.broughtProblem}</Problem>{/if}

<h2>Those that come with the program</h2>
<ul class="others">
  {#each data.others as { id, title, stories } (id)}
    <li>
      <a
        class="quiet-link"
        href="/workshop/word-problem?controls={encodeURIComponent(
          JSON.stringify({ context: [id] })
        )}">{title}</a
      >
      <span class="faint small">{plural(stories, 'story', 'stories')}</span>
    </li>
  {/each}
</ul>

<style>
  .head,
  .head form,
  .bring {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    justify-content: space-between;
    align-items: flex-end;
  }
  .head {
    margin-bottom: var(--space-3);
  }
  .head input {
    display: block;
    width: 14rem;
    padding: var(--space-1) var(--space-2);
  }
  h2 {
    margin: var(--space-4) 0 var(--space-2);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-3);
    justify-content: flex-end;
  }
  .title {
    font-weight: 700;
  }
  .title:hover {
    color: var(--accent);
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
  .bring {
    justify-content: flex-start;
    align-items: center;
    margin-top: var(--space-3);
  }
  .others {
    columns: 3 14rem;
  }
  .others li {
    padding: var(--space-half) 0;
  }
</style>
