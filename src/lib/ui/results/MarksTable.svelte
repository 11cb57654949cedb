<script lang="ts">
  import { spoken } from '@zealous-quill/core/house-style';
  import { attemptWords } from '@zealous-quill/core/marking';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import { percent, sumOf, type Item, type Outcome, type Pupil, type Skill } from './table';

  interface Props {
    items: readonly Item[];
    skills: readonly Skill[];
    pupils: readonly Pupil[];
    available: number;
    sittingId: number;
    titles: Readonly<Record<string, string>>;
    /** Pattern whose traces are pointed at. */
    pattern: string | null;
    view: 'items' | 'skills';
    /** Scripts of the pupils that are picked out. */
    picked: readonly number[];
  }

  let {
    items,
    skills,
    pupils,
    available,
    sittingId,
    titles,
    pattern,
    view,
    picked = $bindable()
  }: Props = $props();

  let order = $state<'name' | 'total'>('name');
  const sorted = $derived(
    order === 'name' ? pupils : [...pupils].sort((one, other) => other.total - one.total)
  );
  const columns = $derived(
    view === 'items'
      ? items.map(({ id, facility }) => ({ key: `${id}`, facility }))
      : skills.map(({ skill, facility }) => ({ key: skill, facility }))
  );

  const left = (outcomes: Pupil['outcomes']) =>
    outcomes.filter((outcome) => outcome === null).length;

  function hint(item: Item, outcome: Outcome | null): string {
    if (!outcome) return `${spoken(item.prompt)} not marked yet`;
    const said = [
      ...(outcome.attempt === 'written' ? [] : [attemptWords[outcome.attempt]]),
      ...(outcome.didShow.length > 0 ? [outcome.didShow.map((id) => titles[id]).join(' or ')] : []),
      ...(outcome.isSlip ? ['an option that a slip gives'] : []),
      ...(outcome.comment === '' ? [] : [`“${outcome.comment}”`])
    ];
    return [`${spoken(item.prompt)} ${outcome.awarded} of ${outcome.available}`, ...said].join(
      '; '
    );
  }

  const pick = (script: number) =>
    (picked = picked.includes(script)
      ? picked.filter((one) => one !== script)
      : [...picked, script]);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" tabindex="0" role="region" aria-label="Marks by pupil">
  <table>
    <thead>
      <tr>
        <td class="tick"><span class="visually-hidden">Picked</span></td>
        <th
          ><button type="button" aria-pressed={order === 'name'} onclick={() => (order = 'name')}
            >Pupil</button
          ></th
        >
        {#if view === 'items'}
          {#each items as { id, label, prompt, withdrawn } (id)}
            <th class="item" title={prompt}
              ><a href="/marking/{sittingId}?by=question&item={id}">{label}</a
              >{#if withdrawn !== 'no'}<span class="faint" title="withdrawn"> w</span>{/if}</th
            >
          {/each}
        {:else}
          {#each skills as { skill, title, available } (skill)}
            <th class="skill">{title} <span class="faint">of {available}</span></th>
          {/each}
        {/if}
        <th class="total"
          ><button type="button" aria-pressed={order === 'total'} onclick={() => (order = 'total')}
            >of {available}</button
          ></th
        >
      </tr>
    </thead>
    <tbody>
      {#each sorted as pupil (pupil.scriptId)}
        {@const { scriptId, name, outcomes, total, changed, isComplete, isAbsent } = pupil}
        <tr class:picked={picked.includes(scriptId)}>
          <td class="tick">
            <Checkbox
              checked={picked.includes(scriptId)}
              aria-label="Pick {name}"
              onchange={() => pick(scriptId)}
            />
          </td>
          <th scope="row">
            <a href="/marking/{pupil.sittingId}?by=script&script={scriptId}">{name}</a
            >{#if pupil.form}<span class="faint">&ensp;{pupil.form}</span>{/if}
          </th>
          {#if isAbsent}
            <td class="absent" colspan={columns.length}>absent</td>
            <td class="total"></td>
          {:else}
            {#if view === 'items'}
              {#each items as item, at (item.id)}
                {@const outcome = outcomes[at] ?? null}
                {@const isFull = outcome?.awarded === outcome?.available}
                <td
                  class="mark"
                  class:full={outcome && isFull}
                  class:lost={outcome && outcome.awarded === 0}
                  class:shows={pattern !== null && outcome?.didShow.includes(pattern)}
                  title={hint(item, outcome)}
                >
                  {#if !outcome}·{:else if outcome.attempt === 'not-attempted'}–{:else}{outcome.awarded}{/if}{#if outcome && outcome.didShow.length > 0}<sup
                      >e</sup
                    >{:else if outcome?.isSlip}<sup>s</sup>{/if}
                </td>
              {/each}
            {:else}
              {#each skills as { skill } (skill)}
                <td class="mark">{sumOf(pupil, items, skill) ?? '·'}</td>
              {/each}
            {/if}
            <td class="total">
              <strong>{total}</strong>
              {#if !isComplete}<span class="note">{left(outcomes)} to mark</span>{/if}
              {#if changed > 0}<span class="note changed">{changed} changed</span>{/if}
            </td>
          {/if}
        </tr>
      {/each}
    </tbody>
    <tfoot>
      <tr>
        <td></td>
        <th scope="row">earned by the class</th>
        {#each columns as { key, facility } (key)}
          <td class="mark">{percent(facility)}</td>
        {/each}
        <td class="total">%</td>
      </tr>
    </tfoot>
  </table>
</div>

<style>
  .scroll {
    /* Holds what is only read aloud, which would otherwise widen the page. */
    position: relative;
    overflow-x: auto;
  }
  table {
    border-collapse: separate;
    border-spacing: 0;
    font-size: var(--text-base);
  }
  th {
    text-align: left;
    font-weight: 400;
    padding: var(--space-half) var(--space-4) var(--space-half) 0;
    white-space: nowrap;
  }
  .tick {
    width: 1.6rem;
  }
  thead th,
  thead td {
    border-bottom: 1.5px solid var(--ink);
    font-weight: 700;
  }
  thead button[aria-pressed='true']::after {
    content: ' ↓';
  }
  .picked th {
    font-weight: 700;
  }
  .skill {
    min-width: 5.5rem;
    max-width: 8rem;
    white-space: normal;
    vertical-align: bottom;
    padding-right: var(--space-2);
  }
  .skill .faint {
    display: block;
    font-weight: 400;
    font-size: var(--text-sm);
  }
  .absent {
    color: var(--faint);
    font-style: italic;
    border-bottom: 1px solid var(--grid);
  }
  .item {
    text-align: center;
    padding: 0;
  }
  a:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  .mark {
    width: 2.1rem;
    height: 1.62rem;
    text-align: center;
    border-right: 1px solid var(--grid);
    border-bottom: 1px solid var(--grid);
    background: var(--leaf);
    font-family: var(--font-figures);
    font-size: var(--text-sm);
  }
  .full {
    color: var(--right);
  }
  .lost {
    background: var(--slip-soft);
    color: var(--slip);
    font-weight: 700;
  }
  sup {
    font-size: var(--text-xs);
    margin-left: 1px;
  }
  .shows {
    box-shadow: inset 0 0 0 2px var(--lamp);
  }
  .total {
    padding-left: var(--space-3);
    text-align: right;
    white-space: nowrap;
    font-family: var(--font-figures);
  }
  thead .total {
    font-family: var(--font-sans);
  }
  .note {
    display: block;
    font-family: var(--font-sans);
    font-size: var(--text-xs);
    line-height: 1.1;
    color: var(--faint);
  }
  .changed {
    color: var(--lamp);
  }
  tfoot th,
  tfoot td {
    color: var(--faint);
    font-size: var(--text-sm);
  }
</style>
