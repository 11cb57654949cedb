<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import ListPages from '$lib/ui/kit/ListPages.svelte';
  import ListSearch from '$lib/ui/kit/ListSearch.svelte';
  import { enhance } from '$app/forms';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import { day } from '$lib/ui/format';
  import Along from '$lib/ui/records/Along.svelte';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';
  import { page } from '$app/state';
  import { untrack } from 'svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';

  let { data, form } = $props();
  const isAsked = $derived(page.url.search !== '');
  /** The sat paper that would be removed, once that is said again. */
  let doomed = $state<number | null>(null);
  const working = new Working();
  let skill = $state(untrack(() => data.skills[0]!.id));

  const close = () => {
    return async ({ update }: { update: () => Promise<void> }) => {
      await update();
      doomed = null;
    };
  };

  const columns = [
    { title: 'Paper' },
    { title: 'Kind' },
    { title: 'State' },
    { title: 'Items', isNumber: true },
    { title: 'Marks', isNumber: true },
    { title: 'Minutes', isNumber: true },
    { title: 'Last change' },
    { title: 'Actions', isHidden: true }
  ];
</script>

<svelte:head><title>Papers · Zealous Quill</title></svelte:head>

<div class="head">
  <div class="name">
    <h1>Papers</h1>
    <a class="quiet-link" href="/papers/plans">plans of exams</a>
  </div>
  <form method="POST" action="?/start" use:enhance={working.during}>
    <SkillPicker
      name="skill"
      skills={data.skills}
      value={skill}
      label="Skill it starts with"
      onpick={(id) => (skill = id)}
    />
    <Button type="submit" kind="main" name="with" value="ladder" disabled={working.isBusy}
      >New practice</Button
    >
    <Button
      type="submit"
      kind="main"
      formaction="/papers/plans?/start"
      title="An exam is planned first: its marks, rows and difficulty"
      disabled={working.isBusy}>New exam</Button
    >
    <Stopper {working} words="Drawing a ladder" />
  </form>
</div>
{#if form?.problem && !('at' in form)}<Problem isUrgent>{form.problem}</Problem>{/if}
<RemovedNotice removed={form?.removed} />

{#if data.papers.total > 0 || isAsked}
  <ListSearch
    label="Words of a title"
    filters={[
      {
        name: 'state',
        label: 'Show',
        all: 'all papers',
        options: [
          ['practice', 'practices'],
          ['exam', 'exams'],
          ['draft', 'drafts'],
          ['sat', 'sat papers']
        ]
      }
    ]}
  />
{/if}
{#if data.papers.total === 0 && isAsked}
  <p class="faint">No paper has that. Nothing is lost: show all to see the others.</p>
{:else if data.papers.total === 0}
  <p class="leaf empty">
    No papers yet. A practice ladder draws a worked example, one with gaps and rising questions; you
    can change every part of it.
  </p>
{:else}
  <DataTable {columns} stacks>
    {#each data.papers.rows as paper (paper.id)}
      <tr>
        <td>
          <a class="title" href="/papers/{paper.id}">{paper.title}</a>
          {#if paper.pupil}<span class="faint">for {paper.pupil}</span>{/if}
          {#if paper.edition > 1}<span class="faint">edition {paper.edition}</span>{/if}
        </td>
        <td>{paper.kind}</td>
        <td>{paper.isSat ? 'sat' : 'draft'}</td>
        <td class="number" data-label="items">{paper.itemCount}</td>
        <td class="number" data-label="marks">{paper.marks}</td>
        <td class="number" data-label="min">{paper.minutes}</td>
        <td class="whitespace-nowrap">{day(paper.updatedAt)}</td>
        <td
          ><div class="actions">
            <a href="/papers/{paper.id}/print?kind=paper" class="quiet-link">PDF</a>
            <form method="POST" action="?/copy">
              <input type="hidden" name="id" value={paper.id} />
              <Button type="submit" kind="quiet"
                >copy<span class="visually-hidden"> {paper.title}</span></Button
              >
            </form>
            {#if doomed === paper.id}
              <form method="POST" action="?/remove" class="ask" use:enhance={close}>
                <input type="hidden" name="id" value={paper.id} />
                <input type="hidden" name="marks" value="go" />
                <span>Remove it <Along kind="paper" id={paper.id} except="part" />?</span>
                <Button type="submit" kind="quiet">remove all of it</Button>
                <Button kind="quiet" onclick={() => (doomed = null)}>keep it</Button>
              </form>
            {:else if paper.isSat}
              <Button kind="quiet" onclick={() => (doomed = paper.id)}
                >remove<span class="visually-hidden"> {paper.title}</span></Button
              >
            {:else}
              <form method="POST" action="?/remove" use:enhance>
                <input type="hidden" name="id" value={paper.id} />
                <Button type="submit" kind="quiet"
                  >remove<span class="visually-hidden"> {paper.title}</span></Button
                >
              </form>
            {/if}
          </div>
          {#if form && 'at' in form && form.at === paper.id}
            <Problem isUrgent>{form.problem}</Problem>
          {/if}</td
        >
      </tr>
    {/each}
  </DataTable>
  <ListPages {...data.papers} noun="paper" />
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    justify-content: space-between;
    align-items: center;
    margin-bottom: var(--space-4);
  }
  .head form {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: var(--space-2);
  }
  .name {
    display: flex;
    gap: var(--space-4);
    align-items: baseline;
  }
  .title {
    font-weight: 700;
    font-size: var(--text-base);
  }
  .title:hover {
    color: var(--accent);
  }
  .actions,
  .actions form {
    display: flex;
    gap: var(--space-3);
    justify-content: flex-end;
  }
  .actions .ask {
    flex-wrap: wrap;
    max-width: 20rem;
    background: var(--lamp-soft);
    padding: var(--space-1) var(--space-2);
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
</style>
