<script lang="ts">
  interface Item {
    readonly id: number;
    readonly number: number;
    readonly prompt: string;
    readonly answer: string;
    readonly available: number;
    readonly facility: number | null;
  }
  interface Outcome {
    readonly awarded: number;
    readonly available: number;
    readonly didShow: readonly string[];
  }
  interface Pupil {
    readonly scriptId: number;
    readonly name: string;
    readonly outcomes: readonly (Outcome | null)[];
    readonly total: number;
    readonly changed: number;
    readonly isComplete: boolean;
  }
  interface Props {
    items: readonly Item[];
    pupils: readonly Pupil[];
    available: number;
    sittingId: number;
    titles: Readonly<Record<string, string>>;
    /** Pattern whose traces are pointed at. */
    pattern: string | null;
  }

  let { items, pupils, available, sittingId, titles, pattern }: Props = $props();

  let order = $state<'name' | 'total'>('name');
  const sorted = $derived(
    order === 'name' ? pupils : [...pupils].sort((one, other) => other.total - one.total)
  );

  const left = (outcomes: Pupil['outcomes']) =>
    outcomes.filter((outcome) => outcome === null).length;

  function hint(item: Item, outcome: Outcome | null): string {
    if (!outcome) return `${item.prompt} not marked yet`;
    const shown = outcome.didShow.map((id) => titles[id]).join(' or ');
    return `${item.prompt} ${outcome.awarded} of ${outcome.available}${shown ? `: ${shown}` : ''}`;
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" tabindex="0" role="region" aria-label="Marks by pupil and item">
  <table>
    <thead>
      <tr>
        <th
          ><button type="button" aria-pressed={order === 'name'} onclick={() => (order = 'name')}
            >Pupil</button
          ></th
        >
        {#each items as { id, number, prompt } (id)}
          <th class="item" title={prompt}
            ><a href="/marking/{sittingId}?by=question&item={id}">{number}</a></th
          >
        {/each}
        <th class="total"
          ><button type="button" aria-pressed={order === 'total'} onclick={() => (order = 'total')}
            >of {available}</button
          ></th
        >
      </tr>
    </thead>
    <tbody>
      {#each sorted as { scriptId, name, outcomes, total, changed, isComplete } (scriptId)}
        <tr>
          <th scope="row"><a href="/marking/{sittingId}?by=script&script={scriptId}">{name}</a></th>
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
              {outcome ? outcome.awarded : '·'}{#if outcome && outcome.didShow.length > 0}<sup
                  >e</sup
                >{/if}
            </td>
          {/each}
          <td class="total">
            <strong>{total}</strong>
            {#if !isComplete}<span class="note">{left(outcomes)} to mark</span>{/if}
            {#if changed > 0}<span class="note changed">{changed} changed</span>{/if}
          </td>
        </tr>
      {/each}
    </tbody>
    <tfoot>
      <tr>
        <th scope="row">earned by the class</th>
        {#each items as { id, facility } (id)}
          <td class="mark">{facility === null ? '' : `${Math.round(100 * facility)}`}</td>
        {/each}
        <td class="total">%</td>
      </tr>
    </tfoot>
  </table>
</div>

<style>
  .scroll {
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
  thead th {
    border-bottom: 1.5px solid var(--ink);
    font-weight: 700;
  }
  thead button[aria-pressed='true']::after {
    content: ' ↓';
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
    font: 0.72rem/1.1 var(--font-sans);
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
