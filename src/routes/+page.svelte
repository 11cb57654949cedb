<script lang="ts">
  import { day, plural } from '$lib/ui/format';
  import Log from '$lib/ui/desk/Log.svelte';
  import NextWork from '$lib/ui/desk/NextWork.svelte';
  import { byTurn, nextWork } from '$lib/ui/desk/next-work';
  import { waitedSince } from '$lib/ui/marking/waiting-words';

  let { data } = $props();

  const next = $derived(nextWork(data));
  const later = $derived(byTurn(data.open).slice(1));
  const marked = $derived(data.done.slice(0, 4));
  const drafts = $derived(data.papers.filter(({ isSat }) => !isSat));
  const isEmpty = $derived(data.papers.length === 0 && !data.steps.class);

  /** From nothing to results and an exam. */
  const steps = [
    {
      id: 'class',
      href: '/classes/import',
      act: 'Import a class list',
      rest: ', or type the names of a class.'
    },
    {
      id: 'practice',
      href: '/workshop',
      act: 'Choose a skill',
      rest: ', set what its items should have, and start a practice.'
    },
    {
      id: 'marked',
      href: '/papers',
      act: 'Print it',
      rest: ', let the class sit it, and mark the pile with the keyboard.'
    },
    {
      id: 'results',
      href: '/results',
      act: 'Look at the results',
      rest: ' once the pile is marked: who needs to practise what.'
    },
    {
      id: 'exam',
      href: '/papers',
      act: 'Make an exam',
      rest: ' from a plan: how many marks, for what, and how hard.'
    }
  ] as const;
</script>

<svelte:head><title>Desk · Zealous Quill</title></svelte:head>

<h1>Desk</h1>
{#if next}<NextWork {next} waiting={data.waiting} today={data.today} />{/if}
{#if !data.steps.results}
  <section class="leaf start">
    <h2>From a class list to results</h2>
    <ol>
      {#each steps as { id, href, act, rest } (id)}
        {@const isDone = data.steps[id]}
        <li class:done={isDone}>
          <span class="tick" aria-hidden="true">{isDone ? '✓' : ''}</span>
          <span>
            {#if isDone}<span class="visually-hidden">Done: </span>{/if}
            <a class="quiet-link" {href}>{act}</a>{rest}
          </span>
        </li>
      {/each}
    </ol>
  </section>
{/if}
{#if !isEmpty}
  <div class="columns">
    <section>
      {#if later.length > 0}
        <h2>Also to mark</h2>
        <ul class="lines">
          {#each later as { id, className, title, satOn, marked, toMark } (id)}
            <li>
              <a href="/marking/{id}"><strong>{className}</strong> {title}</a>
              <span class="faint">
                {plural(toMark - marked, 'answer')} left · {waitedSince(satOn, data.today)}
              </span>
            </li>
          {/each}
        </ul>
      {/if}
      <h2>Marked</h2>
      {#if marked.length === 0}<p class="faint">No sitting is marked as a whole.</p>{/if}
      <ul class="lines">
        {#each marked as { id, className, title, satOn, scripts } (id)}
          <li>
            <a href="/results/{id}"><strong>{className}</strong> {title}</a>
            <span class="faint">{day(satOn)} · results of {plural(scripts, 'script')}</span>
          </li>
        {/each}
      </ul>
    </section>
    <section>
      <h2>Drafts</h2>
      {#if drafts.length === 0}<p class="faint">
          None. <a class="quiet-link" href="/workshop">Start one in the workshop.</a>
        </p>{/if}
      <ul class="lines">
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
    margin-top: var(--space-2);
  }
  .start li {
    display: flex;
    gap: var(--space-2);
    padding: var(--space-1) 0;
  }
  .tick {
    flex: none;
    width: 1.4rem;
    height: 1.4rem;
    line-height: 1.3rem;
    text-align: center;
    border: 1px solid var(--rule);
    color: var(--right);
    font-weight: 700;
  }
  .done {
    color: var(--faint);
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
  ul.lines li {
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
    display: flex;
    flex-direction: column;
  }
  ul.lines a:hover {
    color: var(--accent);
  }
  @media (max-width: 760px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
