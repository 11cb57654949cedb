<script lang="ts">
  import { day, plural } from '$lib/ui/format';
  import { untrack } from 'svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';

  let { data, form } = $props();
  let skill = $state(untrack(() => data.skills[0]!.id));
</script>

<svelte:head><title>Papers · Zealous Quill</title></svelte:head>

<div class="head">
  <h1>Papers</h1>
  <form method="POST" action="?/start">
    <SkillPicker
      name="skill"
      skills={data.skills}
      value={skill}
      label="Skill of the new paper"
      onpick={(id) => (skill = id)}
    />
    <button type="submit" class="main-button" name="with" value="ladder">New practice ladder</button
    >
  </form>
</div>
{#if form?.problem}<p class="problem" role="alert">{form.problem}</p>{/if}

{#if data.papers.length === 0}
  <p class="leaf empty">
    No papers yet. A practice ladder draws a worked example, one with gaps and rising questions; you
    can change every part of it.
  </p>
{:else}
  <table class="plain-table">
    <thead>
      <tr>
        <th>Paper</th><th>State</th><th class="number">Items</th><th class="number">Marks</th>
        <th class="number">Minutes</th><th>Last change</th><th
          ><span class="visually-hidden">Actions</span></th
        >
      </tr>
    </thead>
    <tbody>
      {#each data.papers as paper (paper.id)}
        <tr>
          <td>
            <a class="title" href="/papers/{paper.id}">{paper.title}</a>
            {#if paper.edition > 1}<span class="faint">edition {paper.edition}</span>{/if}
          </td>
          <td>{paper.isSat ? 'sat' : 'draft'}</td>
          <td class="number">{paper.itemCount}</td>
          <td class="number">{paper.marks}</td>
          <td class="number">{paper.minutes}</td>
          <td>{day(paper.updatedAt)}</td>
          <td class="actions">
            <a href="/papers/{paper.id}/print?kind=paper" class="quiet-link">PDF</a>
            {#if !paper.isSat}
              <form method="POST" action="?/remove">
                <input type="hidden" name="id" value={paper.id} />
                <button type="submit" class="quiet-link"
                  >remove<span class="visually-hidden"> {paper.title}</span></button
                >
              </form>
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="faint small">{plural(data.papers.length, 'paper')}, newest first.</p>
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1rem;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 1rem;
  }
  .head form {
    display: flex;
    align-items: flex-end;
    gap: 0.5rem;
  }
  .title {
    font-weight: 700;
    font-size: 1.08rem;
  }
  .title:hover {
    color: var(--accent);
  }
  .actions,
  .actions form {
    display: flex;
    gap: 0.8rem;
    justify-content: flex-end;
  }
  .problem {
    color: var(--slip);
  }
  .empty {
    padding: 1.4rem;
    max-width: 40rem;
  }
</style>
