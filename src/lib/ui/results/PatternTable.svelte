<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Practise from './Practise.svelte';
  import { plural } from '$lib/ui/format';
  import { certaintyOf, likelyPatterns, type PatternEvidence } from '@zealous-quill/core/analysis';

  interface Summary {
    readonly pattern: string;
    readonly id: string;
    readonly skill: string;
    readonly title: string;
    readonly label: string;
    readonly reading: string;
    readonly could: number;
    readonly did: number;
    readonly pupils: number;
  }
  interface Pupil {
    readonly scriptId: number;
    readonly name: string;
    readonly evidence: readonly PatternEvidence[];
    readonly unknown: readonly string[];
    readonly habits: readonly {
      readonly step: string;
      readonly written: string;
      readonly parts: readonly string[];
    }[];
  }
  interface Props {
    patterns: readonly Summary[];
    pupils: readonly Pupil[];
    /** Scripts of those the practice is for; everyone if there are none. */
    picked: readonly number[];
    chosen: string | null;
  }

  let { patterns, pupils, picked, chosen = $bindable() }: Props = $props();

  const sorted = $derived(
    [...patterns].sort((one, other) => other.pupils - one.pupils || other.did - one.did)
  );
  /** Those that nobody showed are folded away until they are asked for. */
  let areAllListed = $state(false);
  const shown = $derived(sorted.filter(({ did }) => did > 0));
  const unseen = $derived(sorted.length - shown.length);
  const holders = $derived(
    pupils
      .flatMap(({ scriptId, name, evidence }) =>
        (chosen === null
          ? likelyPatterns(evidence)
          : evidence
              .filter(({ pattern }) => pattern === chosen)
              .map((one) => ({ ...one, probability: certaintyOf(one) }))
        ).map((one) => ({ scriptId, name, ...one }))
      )
      .sort((one, other) => other.probability - one.probability)
  );
  const habits = $derived(
    pupils.flatMap(({ scriptId, name, habits }) =>
      habits.map((habit) => ({ scriptId, name, habit }))
    )
  );
  const odd = $derived(pupils.filter(({ unknown }) => unknown.length > 0));
  const titles = $derived(
    Object.fromEntries(patterns.map(({ pattern, label }) => [pattern, label]))
  );

  const sure = (probability: number) =>
    probability > 0.995
      ? 'over 99 %'
      : probability < 0.01
        ? 'under 1 %'
        : `${Math.round(100 * probability)} %`;

  const patternColumns = [
    { title: 'Pattern' },
    { title: 'Pupils', isNumber: true },
    {
      title: 'Did / could',
      isNumber: true,
      meaning: 'responses where it showed, of those where it could have'
    },
    { title: 'Practice', isHidden: true }
  ];

  const pupilColumns = $derived([
    { title: 'Pupil' },
    ...(chosen === null ? [{ title: 'Pattern' }] : []),
    { title: 'Seen', isNumber: true },
    { title: 'How sure', isNumber: true }
  ]);
</script>

<h2>Error patterns of the class</h2>
<DataTable columns={patternColumns}>
  {#each areAllListed ? sorted : shown as { pattern, id, skill, title, label, reading, could, did, pupils } (pattern)}
    <tr class:chosen={chosen === pattern}>
      <td>
        <button
          type="button"
          aria-pressed={chosen === pattern}
          title={reading}
          onclick={() => (chosen = chosen === pattern ? null : pattern)}>{label}</button
        >
        {#if chosen === pattern}<span class="faint small">{reading}</span>{/if}
      </td>
      <td class="number">{pupils || '–'}</td>
      <td class="number">{did} / {could}</td>
      <td class="act">
        <Practise {skill} pattern={id} what="against {title}" {picked} />
      </td>
    </tr>
  {/each}
</DataTable>
{#if shown.length === 0}<p class="faint">No response shows one so far.</p>{/if}
{#if unseen > 0}
  <Button kind="quiet" aria-expanded={areAllListed} onclick={() => (areAllListed = !areAllListed)}>
    {areAllListed ? 'Leave out' : 'List'} the {plural(unseen, 'pattern')} that could have shown and did
    not
  </Button>
{/if}

<h2>
  {chosen === null
    ? 'Pupils who probably hold one'
    : `Pupils who showed: ${titles[chosen]?.toLowerCase()}`}
</h2>
{#if holders.length === 0}
  <p class="faint">
    {chosen === null
      ? 'Nobody so far; with more items marked this may change.'
      : 'Nobody showed it.'}
  </p>
{:else}
  <DataTable columns={pupilColumns}>
    {#each holders as { scriptId, name, pattern, could, did, probability } (`${scriptId}${pattern}`)}
      <tr>
        <td>{name}</td>
        {#if chosen === null}<td>{titles[pattern]}</td>{/if}
        <td class="number">{did} of {could}</td>
        <td class="number">{sure(probability)}</td>
      </tr>
    {/each}
  </DataTable>
{/if}
{#if odd.length > 0 && chosen === null}
  <h2>Something else goes wrong steadily</h2>
  <ul>
    {#each odd as { scriptId, name, unknown } (scriptId)}
      <li>{name}: look at items {unknown.join(', ')}</li>
    {/each}
  </ul>
  <p class="faint small">No pattern that is known here explains these answers.</p>
{/if}
{#if habits.length > 0 && chosen === null}
  <h2>The same for all numbers</h2>
  <ul>
    {#each habits as { scriptId, name, habit } (`${scriptId}${habit.step}`)}
      <li>
        {name}: {habit.step.toLowerCase()} “{habit.written}” at items {habit.parts.join(', ')},
        where another is better
      </li>
    {/each}
  </ul>
{/if}
<p class="faint small">
  “How sure” is the probability that a pupil holds the pattern, given what could have shown it and
  did; patterns that would show on the same items share it. It is weighed against carelessness and
  against an error nobody has described, by starting values that are judgement.
</p>

<style>
  h2 {
    margin-bottom: var(--space-1);
  }
  h2:not(:first-child) {
    margin-top: var(--space-5);
  }
  .number,
  .act {
    white-space: nowrap;
  }
  td button {
    text-align: left;
  }
  td button:hover {
    color: var(--accent);
  }
  .chosen td {
    background: var(--lamp-soft);
  }
  .act {
    text-align: right;
  }
  p {
    margin-top: var(--space-2);
  }
</style>
