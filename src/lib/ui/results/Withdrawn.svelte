<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import type { Withdrawal } from '@zealous-quill/core/results';
  import { spoken } from '@zealous-quill/core/house-style';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { askServer } from '../ask-server';
  import { day } from '../format';
  import Outlook from './Outlook.svelte';
  import { OutlookState } from './outlook.svelte';
  import type { Item } from './table';

  interface Props {
    items: readonly Item[];
    withdrawn: readonly {
      readonly partId: number;
      readonly withdrawn: string;
      readonly reason: string;
      readonly by: string;
      readonly at: string;
    }[];
    /** What the schemes of the paper were read from. */
    were: string;
  }

  let { items, withdrawn, were }: Props = $props();

  /** The change that is thought about. */
  let asked = $state.raw<{ part: number; withdrawn: Withdrawal } | null>(null);
  let reason = $state('');
  let problem = $state('');
  const outlook = new OutlookState();
  const address = $derived(`/results/${page.params['sitting']}/withdrawal`);
  const labelOf = (id: number) => items.find((item) => item.id === id)?.label ?? '';

  function ask(next: typeof asked) {
    asked = next;
    problem = '';
    if (next) void outlook.ask(address, next);
  }

  function close() {
    asked = null;
    reason = '';
    problem = '';
    outlook.forget();
  }

  async function carryOut(event: SubmitEvent) {
    event.preventDefault();
    problem = reason.trim() === '' ? 'Say why: it is kept with the part.' : '';
    if (problem !== '') return;
    const { shares } = outlook.along;
    const json = { ...asked, reason, shares, was: were };
    const answer = await askServer('done', address, { json });
    if (answer.ok) close();
    else problem = answer.message;
    if (answer.ok || answer.code === 'changed') await invalidateAll();
  }
</script>

<section>
  {#each withdrawn as one (one.partId)}
    <p>
      <strong>{labelOf(one.partId)}</strong> is withdrawn: {one.withdrawn === 'left-out'
        ? 'it is left out of all totals'
        : 'everyone has full marks'}.
      <span class="faint">{one.reason} ({one.by}, {day(one.at)})</span>
      <Button kind="quiet" onclick={() => ask({ part: one.partId, withdrawn: 'no' })}
        >let it count again</Button
      >
    </p>
  {/each}
  {#if asked}
    {@const { part, withdrawn: how } = asked}
    <form onsubmit={carryOut}>
      {#if how === 'no'}
        <p><strong>{labelOf(part)}</strong> counts again, with the marks that were given.</p>
      {:else}
        <label>
          Part
          <select
            value={part}
            onchange={(event) => ask({ part: Number(event.currentTarget.value), withdrawn: how })}
          >
            {#each items as { id, label, prompt } (id)}
              <option value={id}>{label} {spoken(prompt)}</option>
            {/each}
          </select>
        </label>
        <label class="tick">
          <input
            type="radio"
            name="how"
            checked={how === 'full-marks'}
            onchange={() => ask({ part, withdrawn: 'full-marks' })}
          /> full marks for all who were there
        </label>
        <label class="tick">
          <input
            type="radio"
            name="how"
            checked={how === 'left-out'}
            onchange={() => ask({ part, withdrawn: 'left-out' })}
          /> left out
        </label>
      {/if}
      <Outlook state={outlook} />
      <label>Why <input name="reason" maxlength="200" bind:value={reason} /></label>
      {#if problem || outlook.problem}<Problem isUrgent>{problem || outlook.problem}</Problem>{/if}
      <p class="acts">
        <Button type="submit">{how === 'no' ? 'Let it count again' : 'Withdraw it'}</Button>
        <Button kind="quiet" onclick={close}>change nothing</Button>
      </p>
    </form>
  {:else}
    <p>
      <Button
        kind="quiet"
        onclick={() => items[0] && ask({ part: items[0].id, withdrawn: 'full-marks' })}
        >withdraw a part</Button
      >
    </p>
  {/if}
</section>

<style>
  section {
    margin-bottom: var(--space-4);
  }

  form {
    display: grid;
    gap: var(--space-1);
  }
  .acts {
    display: flex;
    gap: var(--space-3);
    align-items: center;
  }
  select {
    max-width: 100%;
    padding: 0 1.6rem 0 var(--space-2);
  }
  input[name='reason'] {
    padding: 0 var(--space-2);
    width: 16rem;
    max-width: 100%;
  }
</style>
