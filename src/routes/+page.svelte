<script lang="ts">
  import { day, plural } from '$lib/ui/format';
  import Log from '$lib/ui/desk/Log.svelte';
  import SittingList from '$lib/ui/marking/SittingList.svelte';

  let { data } = $props();

  const waiting = $derived(data.sittings.filter(({ marked, toMark }) => marked < toMark));
  const done = $derived(data.sittings.filter(({ marked, toMark }) => marked >= toMark).slice(0, 4));
  const drafts = $derived(data.papers.filter(({ isSat }) => !isSat));
  const left = $derived(waiting.reduce((sum, { marked, toMark }) => sum + toMark - marked, 0));
  const isEmpty = $derived(data.papers.length === 0 && data.classes.length === 0);
</script>

<svelte:head><title>Desk · Zealous Quill</title></svelte:head>

<h1>Desk</h1>
{#if isEmpty}
  <section class="leaf start">
    <h2>Three steps to the first marked script</h2>
    <ol>
      <li>
        <a class="quiet-link" href="/classes/import">Import a class list</a>, or type the names of a
        class.
      </li>
      <li>
        <a class="quiet-link" href="/workshop">Choose a skill</a>, set what its items should have,
        and start a practice ladder.
      </li>
      <li>Print it, let the class sit it, and mark the pile with the keyboard.</li>
    </ol>
  </section>
{:else}
  <div class="columns">
    <section>
      <h2>{left === 0 ? 'Nothing waits to be marked' : `${plural(left, 'response')} to mark`}</h2>
      <SittingList sittings={waiting} to="marking" />
      {#if done.length > 0}
        <h2>Marked</h2>
        <SittingList sittings={done} to="results" />
      {/if}
    </section>
    <section>
      <h2>Drafts</h2>
      {#if drafts.length === 0}<p class="faint">
          None. <a class="quiet-link" href="/workshop">Start one in the workshop.</a>
        </p>{/if}
      <ul>
        {#each drafts as { id, title, edition, itemCount, marks, updatedAt } (id)}
          <li>
            <a href="/papers/{id}"><strong>{title}</strong></a>
            <span class="faint">
              {plural(itemCount, 'item')}, {plural(marks, 'mark')}{edition > 1
                ? `, edition ${edition}`
                : ''} · {day(updatedAt)}
            </span>
          </li>
        {/each}
      </ul>
      <h2>What changed</h2>
      <Log lines={data.log} />
    </section>
  </div>
{/if}

<style>
  .start {
    margin-top: var(--space-4);
    padding: var(--space-4) var(--space-5);
    max-width: 40rem;
  }
  .start ol {
    list-style: decimal;
    padding-left: var(--space-5);
    margin-top: var(--space-2);
  }
  .start li {
    padding: var(--space-1) 0;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
    gap: var(--space-6);
    margin-top: var(--space-3);
  }
  h2 {
    margin-bottom: var(--space-2);
  }
  section > h2:not(:first-child) {
    margin-top: var(--space-5);
  }
  section > ul li {
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
    display: flex;
    flex-direction: column;
  }
  section > ul a:hover {
    color: var(--accent);
  }
  @media (max-width: 760px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
