<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import MarksTable from '$lib/ui/results/MarksTable.svelte';
  import PatternTable from '$lib/ui/results/PatternTable.svelte';
  import { day, plural } from '$lib/ui/format';

  let { data, form } = $props();

  let pattern = $state<string | null>(null);
  const results = $derived(data.results);
  const titles = $derived(
    Object.fromEntries(results.patterns.map(({ pattern, label }) => [pattern, label]))
  );
  const complete = $derived(results.pupils.filter(({ isComplete }) => isComplete).length);
  const changed = $derived(results.pupils.reduce((sum, pupil) => sum + pupil.changed, 0));
</script>

<svelte:head
  ><title>{data.sitting.className}: {data.sitting.title} · Results · Zealous Quill</title
  ></svelte:head
>

<div class="head">
  <div>
    <h1>{data.sitting.className} <span class="faint">{data.sitting.title}</span></h1>
    <p class="faint">
      {day(data.sitting.satOn)} · {complete} of {plural(data.sitting.scripts, 'script')} all marked{changed >
      0
        ? ` · ${plural(changed, 'mark')} changed by hand`
        : ''}
    </p>
  </div>
  <p class="acts">
    <Button kind="side" href="/marking/{data.sitting.id}">To the pile</Button>
    <Button kind="side" href="/results/{data.sitting.id}/csv" download>CSV</Button>
  </p>
</div>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}

<div class="columns">
  <section aria-label="Marks">
    <MarksTable
      items={results.items}
      pupils={results.pupils}
      available={results.available}
      sittingId={data.sitting.id}
      {titles}
      {pattern}
    />
    <p class="faint small">
      <sup>e</sup> an error pattern explains it · dots are not marked yet · a name opens the script, a
      number the question
    </p>
  </section>
  <section aria-label="Error patterns">
    <PatternTable patterns={results.patterns} pupils={results.pupils} bind:chosen={pattern} />
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
  .acts {
    display: flex;
    gap: var(--space-2);
    align-items: flex-start;
  }
  .columns {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-5) var(--space-6);
    align-items: flex-start;
  }
  .columns section:first-child {
    min-width: 0;
    max-width: 100%;
  }
  .columns section:last-child {
    flex: 1 1 24rem;
  }
</style>
