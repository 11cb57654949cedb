<script lang="ts">
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
    <a class="side-button" href="/marking/{data.sitting.id}">To the pile</a>
    <a class="side-button" href="/results/{data.sitting.id}/csv" download>CSV</a>
  </p>
</div>
{#if form?.problem}<p class="problem" role="alert">{form.problem}</p>{/if}

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
    gap: 0.5rem 1rem;
    margin-bottom: 1rem;
  }
  h1 .faint {
    font-weight: 400;
    font-size: 1.2rem;
  }
  .acts {
    display: flex;
    gap: 0.6rem;
    align-items: flex-start;
  }
  .columns {
    display: flex;
    flex-wrap: wrap;
    gap: 1.4rem 2.4rem;
    align-items: flex-start;
  }
  .columns section:first-child {
    min-width: 0;
    max-width: 100%;
  }
  .columns section:last-child {
    flex: 1 1 24rem;
  }
  .problem {
    color: var(--slip);
  }
</style>
