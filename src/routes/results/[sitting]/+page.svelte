<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import SkillTable from '$lib/ui/results/SkillTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Grades from '$lib/ui/results/Grades.svelte';
  import Withdrawn from '$lib/ui/results/Withdrawn.svelte';
  import MarksTable from '$lib/ui/results/MarksTable.svelte';
  import PatternTable from '$lib/ui/results/PatternTable.svelte';
  import { enhance } from '$app/forms';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import { day, plural } from '$lib/ui/format';

  let { data, form } = $props();

  const practising = new Working();

  let pattern = $state<string | null>(null);
  let view = $state<'items' | 'skills'>('items');
  let picked = $state<number[]>([]);
  const isMixed = $derived(data.results.skills.length > 1);
  const results = $derived(data.results);
  const titles = $derived(
    Object.fromEntries(results.patterns.map(({ pattern, label }) => [pattern, label]))
  );
  const scripts = $derived(
    data.isTogether
      ? data.sittings.reduce((sum, one) => sum + one.scripts, 0)
      : data.sitting.scripts
  );
  const absent = $derived(results.pupils.filter(({ isAbsent }) => isAbsent).length);
  const complete = $derived(
    results.pupils.filter(({ isComplete, isAbsent }) => isComplete && !isAbsent).length
  );
  const changed = $derived(results.pupils.reduce((sum, pupil) => sum + pupil.changed, 0));
</script>

<svelte:head
  ><title>{data.sitting.className}: {data.sitting.title} · Results · Zealous Quill</title
  ></svelte:head
>

<div class="head">
  <div>
    <h1>
      {data.isTogether
        ? data.sittings.map(({ className }) => className).join(', ')
        : data.sitting.className}
      <span class="faint">{data.sitting.title}</span>
    </h1>
    <p class="faint">
      {#if !data.isTogether}{day(data.sitting.satOn)} ·{/if}
      {complete} of {plural(scripts, 'script')} all marked{absent > 0
        ? ` · ${absent} absent`
        : ''}{changed > 0 ? ` · ${plural(changed, 'mark')} changed by hand` : ''}
    </p>
  </div>
  <p class="acts">
    <Button kind="side" href="/marking/{data.sitting.id}">To the pile</Button>
    <Button
      kind="side"
      href="/results/{data.sitting.id}/csv{data.isTogether ? '?with=all' : ''}"
      download>CSV</Button
    >
    <Button kind="side" href="/results/{data.sitting.id}/feedback">Feedback slips</Button>
  </p>
</div>
{#if data.sittings.length > 1}
  <nav class="classes" aria-label="Classes that sat it">
    {#each data.sittings as { id, className } (id)}
      <a
        class="quiet-link"
        href="/results/{id}"
        aria-current={!data.isTogether && id === data.sitting.id ? 'page' : undefined}
        >{className}</a
      >
    {/each}
    <a
      class="quiet-link"
      href="/results/{data.sitting.id}?with=all"
      aria-current={data.isTogether ? 'page' : undefined}>together</a
    >
  </nav>
{/if}
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
{#each data.results.damage as said (said)}<Problem>{said}</Problem>{/each}

<div class="columns">
  <section aria-label="Marks">
    {#if isMixed}
      <div class="view">
        <Choice
          label="Columns"
          options={[
            ['items', 'by item'],
            ['skills', 'by skill']
          ]}
          value={view}
          onpick={(next) => (view = next)}
        />
      </div>
    {/if}
    <MarksTable
      items={results.items}
      skills={results.skills}
      {view}
      bind:picked
      pupils={results.pupils}
      available={results.available}
      sittingId={data.sitting.id}
      {titles}
      {pattern}
    />
    <form class="practise" method="POST" action="?/practise" use:enhance={practising.during}>
      {#each picked as script (script)}
        <input type="hidden" name="script" value={script} />
      {/each}
      <Button type="submit">
        Practice of what {picked.length === 0
          ? 'the class needs'
          : picked.length === 1
            ? 'this pupil needs'
            : `these ${picked.length} need`}
      </Button>
      <Stopper working={practising} words="Looking for items" />
      {#if picked.length > 0}
        <Button kind="quiet" onclick={() => (picked = [])}>the whole class again</Button>
      {:else}
        <span class="faint small">Tick pupils to make it for them alone.</span>
      {/if}
    </form>
    <p class="faint small">
      <sup>e</sup> an error pattern explains it, <sup>s</sup> a slip in a choice · dots are not marked
      yet, dashes not attempted · a name opens the script, a number the question
    </p>
  </section>
  <section aria-label="Error patterns">
    <Grades
      boundaries={data.boundaries}
      were={data.boundariesWere}
      pupils={results.pupils}
      available={results.available}
      isShared={data.sittings.length > 1}
      problem={form?.gradeProblem}
    />
    <Withdrawn items={results.items} withdrawn={data.withdrawn} were={data.schemesWere} />
    {#if isMixed}<SkillTable skills={results.skills} {picked} />{/if}
    <PatternTable
      patterns={results.patterns}
      pupils={results.pupils}
      {picked}
      bind:chosen={pattern}
    />
  </section>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: var(--space-2) var(--space-4);
    margin-bottom: var(--space-4);
  }
  h1 .faint {
    font-weight: 400;
    font-size: var(--text-lg);
  }
  .classes {
    display: flex;
    gap: var(--space-4);
    margin-bottom: var(--space-3);
  }
  .classes [aria-current] {
    font-weight: 700;
    color: var(--ink);
    text-decoration: none;
  }
  .acts {
    display: flex;
    gap: var(--space-2);
    align-items: flex-start;
  }
  .columns {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-5);
    align-items: flex-start;
  }
  .practise {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    margin: var(--space-3) 0 var(--space-2);
  }
  /* As wide as the table, however much there is to say. */
  .practise,
  .practise + p {
    width: 0;
    min-width: 100%;
  }
  .view {
    margin-bottom: var(--space-2);
  }
  .columns section {
    min-width: 0;
    max-width: 100%;
  }
  .columns section:last-child {
    flex: 1 1 20rem;
  }
</style>
