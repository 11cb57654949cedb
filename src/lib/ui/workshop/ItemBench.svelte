<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import {
    isInHead,
    isOfShortItems,
    type ItemView,
    type Calculation
  } from '@zealous-quill/core/skill';
  import { type SkillDescription, type Strategy } from '@zealous-quill/core/catalogue';
  import Meaning from '$lib/ui/kit/Meaning.svelte';
  import Difficulty from '../kit/Difficulty.svelte';
  import { duration } from '../format';
  import MathText from '../sheet/MathText.svelte';
  import FeatureChips from './FeatureChips.svelte';
  import Ways from './Ways.svelte';
  import WorkedSheet from './WorkedSheet.svelte';

  interface Props {
    skill: SkillDescription;
    view: ItemView;
    style: HouseStyle;
    /** Finds the ways of working some numbers. */
    strategiesOf: (sum: Calculation) => Promise<readonly Strategy[]>;
  }

  let { skill, view, style, strategiesOf }: Props = $props();

  const reading = $derived(
    Object.fromEntries(skill.patterns.map(({ id, reading }) => [id, reading]))
  );
  const longest = $derived(
    Math.max(0, ...view.item.errorPatterns.map(({ answer }) => answer.length))
  );
</script>

<section class="leaf bench" aria-label="Worked sheet">
  <p class="prompt figures"><MathText text={view.item.prompt} /></p>
  <WorkedSheet {view} holds={isInHead(skill) && view.steps.some(({ held }) => held.length > 0)} />
  <dl class="facts">
    <div>
      <dt>Difficulty</dt>
      <dd class="figures">
        <Difficulty value={view.item.difficulty} {style} />
      </dd>
    </div>
    <div>
      <dt>Time</dt>
      <dd class="figures">{duration(view.item.seconds)}</dd>
    </div>
    <div>
      <dt>Steps</dt>
      <dd class="figures">{view.steps.length}</dd>
    </div>
  </dl>
  <div class="faint small meaning">
    <Meaning
      term={skill.origin === 'starting estimate'
        ? 'Starting estimates: what they say'
        : 'Estimated from marked scripts: what they say'}
    >
      Press the word to see its number. A pupil for whom half of all average items come right gets
      this one right as often if its difficulty is 0, rather more often at −1 (three in four),
      rather less at +1 (one in four). The unit is the logit. Time is for a pupil who knows the
      method.
    </Meaning>
  </div>

  <p class="features"><FeatureChips {skill} features={view.item.features} /></p>
  <h3>Wrong answers and what would give them</h3>
  {#if view.item.errorPatterns.length === 0}
    <p class="faint">No error pattern shows on this item.</p>
  {:else}
    <DataTable class={longest > 16 ? 'stacked' : ''}>
      {#each view.item.errorPatterns as { id, title, answer } (id)}
        <tr title={reading[id]}>
          <td class="number"><MathText text={writeText(answer, style)} /></td>
          <td>{title}<span class="visually-hidden">: {reading[id]}</span></td>
        </tr>
      {/each}
    </DataTable>
  {/if}
  {#if view.sum}
    {#await strategiesOf(view.sum) then ways}<Ways
        {ways}
        sum={isOfShortItems(skill) ? view.line : null}
      />{/await}
  {/if}
</section>

<style>
  .bench {
    padding: var(--space-3) var(--space-4) var(--space-4);
  }
  .prompt {
    font-size: var(--text-base);
  }
  .facts {
    display: grid;
    grid-template-columns: repeat(3, auto);
    justify-content: space-between;
    border-block: 1px solid var(--rule);
    padding: var(--space-2) 0;
    margin: var(--space-1) 0 var(--space-3);
  }
  dt {
    font-size: var(--text-sm);
    color: var(--faint);
  }
  dd {
    font-size: var(--text-lg);
  }
  .meaning {
    margin: calc(-1 * var(--space-2)) 0 var(--space-2);
  }
  .features {
    margin: calc(-1 * var(--space-1)) 0 var(--space-2);
  }
  td.number {
    white-space: nowrap;
    width: 1%;
  }
  /* A list or a product takes the line; what would give it stands under it. */
  :global(.stacked) tr {
    display: block;
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
  }
  :global(.stacked) td {
    display: block;
    width: auto;
    border: 0;
    padding: 0;
    text-align: left;
    white-space: normal;
  }
</style>
