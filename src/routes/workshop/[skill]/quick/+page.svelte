<script lang="ts">
  import { afterNavigate, goto } from '$app/navigation';
  import { untrack } from 'svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Difficulty from '$lib/ui/kit/Difficulty.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { duration, plural } from '$lib/ui/format';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import { quickQuery } from '$lib/ui/workshop/quick-query';
  import MathText from '$lib/ui/sheet/MathText.svelte';

  let { data, form } = $props();

  /** What is chosen, also while the sheets of it are still on their way. */
  let asked = $state.raw(untrack(() => data.asked));
  afterNavigate(() => (asked = data.asked));
  const query = $derived(quickQuery(asked));
  let set = $state(0);
  const items = $derived(data.sheets?.sets[set] ?? data.sheets?.sets[0] ?? []);

  function change(next: Partial<typeof asked>) {
    asked = { ...asked, ...next };
    void goto(`?${query}`, { keepFocus: true, noScroll: true });
  }

  const prints = [
    ['sheets', 'Sheets, answers on the fold'],
    ['reader', 'To be read out'],
    ['strips', 'Answer strips']
  ] as const;
</script>

<svelte:head><title>Quick practice: {data.skill.title} · Zealous Quill</title></svelte:head>

<p>
  <a
    class="quiet-link"
    href="/workshop/{data.skill.id}?controls={encodeURIComponent(JSON.stringify(asked.controls))}"
    >{data.skill.title} in the workshop</a
  >
</p>
<h1>Quick practice</h1>
<div class="columns">
  <section class="leaf chosen" aria-label="What is practised">
    <label>
      Items on a sheet
      <NumberInput
        value={asked.count}
        min={5}
        max={data.limits.items}
        onchange={(count) => change({ count: count! })}
      />
    </label>
    <label>
      Minutes
      <NumberInput
        value={asked.minutes}
        min={1}
        max={60}
        onchange={(minutes) => change({ minutes: minutes! })}
      />
    </label>
    <label>
      Sheets as hard as each other
      <Select
        placeholder=""
        class="w-20"
        value={asked.sets}
        onchange={(event) => change({ sets: Number(event.currentTarget.value) })}
      >
        {#each Array.from({ length: data.limits.sets }, (_, at) => at + 1) as count (count)}
          <option value={count}>{count}</option>
        {/each}
      </Select>
    </label>
    <Button onclick={() => change({ seed: (asked.seed + 1) % 100_000 })}>Other items</Button>
    {#if data.sheets}
      <p>
        About {duration(data.sheets.seconds)} for one who knows the method; on average
        <Difficulty value={data.sheets.difficulty} style={data.style} />
        <span class="faint">Both are estimates.</span>
      </p>
      {#if items.length < asked.count}
        <p class="faint">
          These are all: no more than {plural(items.length, 'item')} of this kind differ.
        </p>
      {/if}
      {#if data.sheets.repeated > 0}
        <p class="faint">
          In {plural(data.sheets.repeated, 'place')} the sheets share an item: there are not so many as
          hard and with the same to go wrong.
        </p>
      {/if}
      <h2>Print</h2>
      <ul>
        {#each prints as [what, words] (what)}
          <li>
            <a
              class="quiet-link"
              href="/workshop/{data.skill.id}/quick/print?{query}&what={what}"
              target="_blank">{words}</a
            >
          </li>
        {/each}
      </ul>
      <h2>Beat your time</h2>
      {#if data.classes.length === 0}
        <p class="faint">
          <a class="quiet-link" href="/classes">Enter a class</a> to note scores and times.
        </p>
      {:else}
        <form method="POST" action="?{query}&/keep" class="keep">
          <label>
            <span class="visually-hidden">Class</span>
            <Select
              placeholder=""
              class="w-32"
              name="class"
              value={data.classes[0]!.id}
              items={data.classes.map(({ id, name }) => ({ value: id, name }))}
            />
          </label>
          <Button type="submit">Note scores and times</Button>
        </form>
        {#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
      {/if}
    {/if}
  </section>
  <div>
    {#if data.problem}<Problem isUrgent>{data.problem}</Problem>
    {:else if !data.sheets}<Problem isUrgent>No item meets these controls.</Problem>
    {:else}
      {#if data.sheets.sets.length > 1}
        <p class="sets" role="group" aria-label="Sheet shown">
          {#each data.sheets.sets as _, at (at)}
            <Button kind="square" aria-pressed={set === at} onclick={() => (set = at)}
              >{'ABCD'[at]}</Button
            >
          {/each}
        </p>
      {/if}
      <ol class="items leaf">
        {#each items as { line, answer }, at (at)}
          <li>
            <span class="faint number">{at + 1}</span>
            <span class="figures"><MathText text={line} /> =</span>
            <span class="figures answer"><MathText text={answer} /></span>
          </li>
        {/each}
      </ol>
    {/if}
  </div>
</div>

<style>
  .columns {
    display: grid;
    grid-template-columns: 20rem minmax(0, 1fr);
    gap: var(--space-5);
    align-items: start;
    margin-top: var(--space-3);
  }
  .chosen {
    display: grid;
    gap: var(--space-3);
    padding: var(--space-4);
  }
  .chosen label {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-3);
  }
  .keep {
    display: flex;
    gap: var(--space-2);
  }
  .items {
    columns: 16rem auto;
    column-gap: var(--space-5);
    padding: var(--space-4);
  }
  .items li {
    display: grid;
    grid-template-columns: 2rem 1fr auto;
    gap: var(--space-2);
    align-items: baseline;
    break-inside: avoid;
    padding: var(--space-half) 0;
    border-bottom: 1px solid var(--rule);
  }
  .answer {
    color: var(--written);
  }
  .sets {
    display: flex;
    gap: var(--space-1);
    margin-bottom: var(--space-2);
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
