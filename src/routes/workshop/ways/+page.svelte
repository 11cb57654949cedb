<script lang="ts">
  import { afterNavigate, goto } from '$app/navigation';
  import { usualAdvice, writeText } from '@zealous-quill/core/house-style';
  import Input from 'flowbite-svelte/Input.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { duration } from '$lib/ui/format';
  import MathText from '$lib/ui/sheet/MathText.svelte';
  import WorkedSheet from '$lib/ui/workshop/WorkedSheet.svelte';

  let { data } = $props();

  let typed = $state('');
  afterNavigate(() => (typed = data.typed));
  let chosen = $state('');
  const keyOf = (way: { skill: string; school: string }) => `${way.skill}/${way.school}`;
  const cheapest = $derived(data.ways.filter(({ isCheapest }) => isCheapest));
  const groups = $derived(
    [
      { title: 'In the head', ways: data.ways.filter(({ isInHead }) => isInHead) },
      { title: 'On paper', ways: data.ways.filter(({ isInHead }) => !isInHead) }
    ].filter(({ ways }) => ways.length > 0)
  );
  const shown = $derived(
    data.ways.find((way) => keyOf(way) === chosen) ?? cheapest[0] ?? data.ways[0]
  );

  const counted = { digits: 'digits', 'without-zeros': 'figures', values: 'values' };
  const rule = $derived(
    `The fewest ${counted[data.style.advice.held]} held, then the fewest steps` +
      (data.style.advice.onPaper === 'last'
        ? '; on paper only where no way in the head suits.'
        : '.')
  );

  const isUsual = $derived(JSON.stringify(data.style.advice) === JSON.stringify(usualAdvice));

  const columns = $derived([
    { title: 'Way' },
    { title: 'Steps', isNumber: true },
    {
      ...{ title: 'Held', isNumber: true },
      meaning: `${counted[data.style.advice.held]} held at once, at the most; on paper: as if worked in the head`
    },
    { title: 'Time', isNumber: true, meaning: 'an estimate, for one who knows the method' }
  ]);
  const countColumns = $derived([
    { title: 'Way' },
    { title: 'Of its items', isNumber: true },
    { title: 'Suit', isNumber: true }
  ]);

  /** `12 %`, `below 1 %`; nothing of nothing. */
  function share(suit: string, all: string): string {
    if (all === '0') return '';
    const percent = (100 * Number(suit)) / Number(all);
    return percent > 0 && percent < 1 ? 'below 1 %' : `${Math.round(percent)} %`;
  }

  function ask(event: SubmitEvent) {
    event.preventDefault();
    void goto(`?sum=${encodeURIComponent(typed)}`, { keepFocus: true });
  }
</script>

<svelte:head><title>Ways of working · Workshop · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/workshop">Workshop</a></p>
<h1>Ways of working</h1>
<form onsubmit={ask} class="asked">
  <label for="sum" class="faint small">Any sum of whole numbers</label>
  <Input
    id="sum"
    class="figures"
    bind:value={typed}
    placeholder="198 + 57"
    aria-invalid={!data.isRead}
    aria-describedby="sum-problem"
  />
  <Problem id="sum-problem">
    {#if !data.isRead}Write whole numbers with +, −, × or ÷ between them, or a square: 65².{/if}
  </Problem>
</form>

{#if data.isRead}
  <div class="columns">
    <div>
      {#if data.ways.length === 0}
        <p class="leaf nothing">No way of working here takes these numbers.</p>
      {:else}
        <p class="said">
          {#if cheapest.length === 1}
            Cheapest is <strong>{cheapest[0]!.title.toLowerCase()}</strong>.
          {:else if cheapest.length > 1}
            {#each cheapest as { title }, at (title)}
              {at === 0 ? '' : at === cheapest.length - 1 ? 'and' : ','}
              <strong>{at === 0 ? title : title.toLowerCase()}</strong>
            {/each}
            tie, and none costs less.
          {:else}
            None of these suits the numbers.
          {/if}
          <span class="faint">{rule}</span>
        </p>
        <DataTable {columns}>
          {#each groups as { title, ways } (title)}
            <tr class="group"><th scope="rowgroup" colspan="4">{title}</th></tr>
            {#each ways as way (keyOf(way))}
              <tr class:chosen={way === shown}>
                <td>
                  <button
                    type="button"
                    class="way"
                    aria-pressed={way === shown}
                    onclick={() => (chosen = keyOf(way))}>{way.title}</button
                  >
                  {#if way.isCheapest}<strong class="best"
                      >{cheapest.length > 1 ? 'ties' : 'cheapest'}</strong
                    >{/if}
                  <span class="why" class:faint={way.applies}>
                    {way.applies ? '' : '✗ '}<MathText text={writeText(way.because, data.style)} />
                  </span>
                </td>
                <td class="number">{way.steps}</td>
                <td class="number">{way.held}</td>
                <td class="number">{duration(way.seconds)}</td>
              </tr>
            {/each}
          {/each}
        </DataTable>
      {/if}

      <h2>How many sums suit</h2>
      {#await data.counts}
        <p class="faint" role="status">Counting …</p>
      {:then counts}
        {@const some = counts.filter(({ all }) => all !== '0')}
        {#if some.length === 0}
          <p class="faint">No way in the head has items of this size.</p>
        {:else}
          <p class="faint">
            Of the items of each way with numbers of {data.digits}
            {data.digits === 1 ? 'digit' : 'digits'}, exactly{isUsual
              ? ''
              : ', by the usual distances'}.
          </p>
          <DataTable columns={countColumns}>
            {#each some as { id, title, all, suit } (id)}
              <tr>
                <td><a class="quiet-link" href="/workshop/{id}">{title}</a></td>
                <td class="number">{writeText(all, data.style)}</td>
                <td class="number">
                  {writeText(suit, data.style)}
                  <span class="faint share">{share(suit, all)}</span>
                </td>
              </tr>
            {/each}
          </DataTable>
        {/if}
      {/await}
    </div>
    {#if shown}
      <section class="leaf picture" aria-label="Worked by {shown.title}">
        <h2>{shown.title}</h2>
        <WorkedSheet view={shown.view} holds={shown.isInHead} />
        <p class="small">
          <a class="quiet-link" href="/workshop/{shown.skill}?item={encodeURIComponent(shown.line)}"
            >its items, and wrong answers to this one</a
          >
        </p>
      </section>
    {/if}
  </div>
{/if}

<style>
  .asked {
    max-width: 22rem;
    margin: var(--space-2) 0 var(--space-4);
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
    gap: var(--space-5);
    align-items: start;
  }
  .nothing {
    padding: var(--space-4);
  }
  .said {
    font-size: var(--text-lg);
    margin-bottom: var(--space-2);
  }
  .said .faint {
    font-size: var(--text-base);
  }
  .group th {
    padding-top: var(--space-3);
    text-align: left;
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .chosen {
    background: var(--leaf);
    box-shadow: inset 3px 0 0 var(--accent);
  }
  .chosen td:first-child {
    padding-left: var(--space-2);
  }
  .way {
    font-weight: 700;
    text-align: left;
    text-decoration: underline;
    text-decoration-thickness: 1px;
    text-underline-offset: 3px;
    color: var(--accent);
  }
  .best {
    color: var(--right);
  }
  .why {
    display: block;
    font-size: var(--text-sm);
  }
  .share {
    display: inline-block;
    min-width: 4.5em;
    font-size: var(--text-sm);
  }
  h2 {
    margin-top: var(--space-4);
  }
  .picture {
    position: sticky;
    top: 1rem;
    padding: var(--space-3) var(--space-4);
  }
  .picture h2 {
    margin-top: 0;
  }
  @media (max-width: 1080px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .picture {
      position: static;
    }
  }
</style>
