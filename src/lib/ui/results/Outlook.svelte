<script lang="ts">
  import { plural } from '../format';
  import type { OutlookState } from './outlook.svelte';

  interface Props {
    state: OutlookState;
    /** Marking again is offered. */
    canMarkAgain?: boolean;
  }

  let { state, canMarkAgain = false }: Props = $props();

  const { outlook, along, moves } = $derived(state);
  const regraded = $derived(moves.filter(({ grade }) => grade.before !== grade.after));
  const others = $derived(moves.filter(({ grade }) => grade.before === grade.after));
  const named = (one: (typeof moves)[number]) => `${one.name} (${one.className})`;
  const worthWords = ({ before, after }: { before: number; after: number }) =>
    `The paper is then worth ${plural(after, 'mark')}; it is worth ${before} now.`;
  const best = (all: readonly { grade: string; from: number }[]) =>
    all.map(({ grade, from }) => `${grade} from ${from}`).join(', ');
</script>

{#if outlook}
  <div class="outlook" role="group" aria-label="What this changes">
    {#if outlook.available.before !== outlook.available.after}
      <p>{worthWords(outlook.available)}</p>
    {/if}
    {#if canMarkAgain && state.differsAgain}
      <label class="tick">
        <input
          type="radio"
          name="marks-kept"
          checked={!along.again}
          onchange={() => (state.along = { ...along, again: false })}
        /> keep the marks that were given
      </label>
      <label class="tick">
        <input
          type="radio"
          name="marks-kept"
          checked={along.again}
          onchange={() => (state.along = { ...along, again: true })}
        /> mark again what is marked, by this scheme
      </label>
    {/if}
    {#if state.hasShares}
      <label class="tick">
        <input
          type="radio"
          name="grades-kept"
          checked={!along.shares}
          onchange={() => (state.along = { ...along, shares: false })}
        />
        grades keep their marks: {best(outlook.boundaries)}
      </label>
      <label class="tick">
        <input
          type="radio"
          name="grades-kept"
          checked={along.shares}
          onchange={() => (state.along = { ...along, shares: true })}
        />
        grades keep their share of the total: {best(outlook.shared ?? [])}
      </label>
    {/if}
    <div class="moves" aria-live="polite">
      {#if moves.length === 0}
        <p>No total changes.</p>
      {/if}
      {#if regraded.length > 0}
        <p><strong>{plural(regraded.length, 'pupil')} with another grade</strong></p>
        <ul>
          {#each regraded as one (one.scriptId)}
            <li>
              {named(one)}: {one.grade.before || 'no grade'} → {one.grade.after || 'no grade'},
              total {one.total.before} → {one.total.after}
            </li>
          {/each}
        </ul>
      {/if}
      {#if others.length > 0}
        <p>
          <strong>{plural(others.length, 'pupil')} with another total</strong>
          {regraded.length > 0 ? 'and the same grade' : ''}
        </p>
        <ul class="totals">
          {#each others as one (one.scriptId)}
            <li>{named(one)}: {one.total.before} → {one.total.after}</li>
          {/each}
        </ul>
      {/if}
    </div>
  </div>
{/if}

<style>
  .outlook {
    display: grid;
    gap: var(--space-1);
    padding: var(--space-2) var(--space-3);
    background: var(--raised);
  }
  .moves ul {
    max-height: 12rem;
    overflow-y: auto;
    font-size: var(--text-sm);
    padding-inline-start: var(--space-3);
  }
  .totals {
    columns: 2;
  }
</style>
