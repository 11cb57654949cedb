<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { day } from '$lib/ui/format';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import { untrack } from 'svelte';

  let { data, form } = $props();

  let skill = $state(untrack(() => data.skills[0]!.id));

  const columns = [
    { title: 'Plan' },
    { title: 'Marks', isNumber: true },
    { title: 'Rows', isNumber: true },
    { title: 'Last change' },
    { title: 'Actions', isHidden: true }
  ];
</script>

<svelte:head><title>Plans · Papers · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/papers">Papers</a></p>
<div class="head">
  <h1>Plans of exams</h1>
  <form method="POST" action="?/start">
    <SkillPicker
      name="skill"
      skills={data.skills}
      value={skill}
      label="Skill it starts with"
      onpick={(id) => (skill = id)}
    />
    <Button type="submit" kind="main">New plan</Button>
  </form>
</div>
{#if form && 'problem' in form && !('at' in form)}<Problem isUrgent>{form.problem}</Problem>{/if}
<RemovedNotice removed={form && 'removed' in form ? form.removed : null} />

{#if data.plans.length === 0}
  <p class="leaf empty">
    No plans yet. A plan says how many marks an exam has, what they are for and how hard they may
    be; it is kept, copied and used again every year.
  </p>
{:else}
  <DataTable {columns}>
    {#each data.plans as plan (plan.id)}
      <tr>
        <td><a class="title" href="/papers/plans/{plan.id}">{plan.name}</a></td>
        <td class="number">{plan.total}</td>
        <td class="number">{plan.rows}</td>
        <td class="whitespace-nowrap">{day(plan.updatedAt)}</td>
        <td>
          <div class="acts">
            <form method="POST" action="?/copy">
              <input type="hidden" name="id" value={plan.id} />
              <Button type="submit" kind="quiet"
                >copy<span class="visually-hidden"> {plan.name}</span></Button
              >
            </form>
            <form method="POST" action="?/remove" use:enhance>
              <input type="hidden" name="id" value={plan.id} />
              <Button type="submit" kind="quiet"
                >remove<span class="visually-hidden"> {plan.name}</span></Button
              >
            </form>
          </div>
          {#if form && 'at' in form && form.at === plan.id}
            <Problem isUrgent>{form.problem}</Problem>
          {/if}
        </td>
      </tr>
    {/each}
  </DataTable>
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
  .head form,
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-3);
    align-items: flex-end;
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
</style>
