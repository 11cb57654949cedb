<script lang="ts">
  import { attemptWords, becauseWords } from '@zealous-quill/core/marking';
  import Button from '$lib/ui/kit/Button.svelte';
  import { BY_HAND, type MarkingDesk } from './desk.svelte';

  let { desk, first = $bindable() }: { desk: MarkingDesk; first?: HTMLInputElement | undefined } =
    $props();

  /** Values typed but not yet given for want of a reason. */
  let pending = $state<Record<string, number>>({});
  let reasons = $state<Record<string, string>>({});
  const reasonInputs = $state<Record<string, HTMLInputElement>>({});
  const lines = $derived(desk.marked.marks.lines);
  const kinds = { M: 'method', A: 'accuracy', B: 'independent' };

  $effect(() => {
    void desk.place;
    pending = {};
    reasons = {};
  });

  /** Marks of another method, and of an own question, are given by hand, and that is the reason. */
  const byHand = $derived(
    desk.state.attempt === 'another-method'
      ? attemptWords['another-method']
      : desk.place.item.kind === 'own'
        ? BY_HAND
        : ''
  );

  function valueOf(id: string, proposed: number): number {
    return pending[id] ?? desk.state.given[id]?.given ?? proposed;
  }

  /** Nothing is proposed before something is entered. */
  const shown = (value: number) => (desk.isUntouched ? '' : value);

  function change(id: string, proposed: number, available: number, input: HTMLInputElement) {
    const value = Math.min(available, Math.max(0, Math.round(Number(input.value) || 0)));
    if (input.value === '') {
      input.value = String(shown(valueOf(id, proposed)));
      return;
    }
    // What was typed may read otherwise than what it comes to.
    input.value = String(value);
    if (value === proposed && !desk.isUntouched && byHand === '') {
      delete pending[id];
      desk.give(id, null, '');
      return;
    }
    pending[id] = value;
    give(id);
    // After the key that ended the entry has moved the focus on: a changed mark asks for its reason.
    if (id in pending) setTimeout(() => reasonInputs[id]?.focus());
  }

  function give(id: string) {
    const value = pending[id] ?? desk.state.given[id]?.given;
    const reason = (reasons[id] ?? desk.state.given[id]?.reason ?? byHand).trim();
    if (value === undefined || reason === '') return;
    desk.give(id, value, reason);
    delete pending[id];
  }

  /** The first field is where one is led to by a key. */
  function holdFirst(input: HTMLInputElement, at: number) {
    if (at > 0) return;
    first = input;
    return () => (first = undefined);
  }
</script>

{#if desk.before !== null}
  <p class="before">
    Marked as <strong>{desk.before}</strong> by the scheme of before; by the present one it would be
    <strong>{desk.awarded}</strong>.
    <Button kind="quiet" onclick={() => desk.done()}>take that</Button>
  </p>
{/if}
<table>
  <caption class="visually-hidden">Marks</caption>
  <tbody>
    {#each lines as { id, kind, awarded, available, because }, at (id)}
      {@const value = valueOf(id, awarded)}
      {@const isChanged = value !== awarded}
      <tr class:changed={isChanged}>
        <th scope="row" title="{kinds[kind]} mark">{id}</th>
        <td class="value">
          <input
            {@attach (input) => holdFirst(input, at)}
            class="figures"
            type="number"
            min="0"
            max={available}
            value={shown(value)}
            aria-label="Mark {id}, of {available}"
            onfocus={(event) => event.currentTarget.select()}
            onchange={(event) => change(id, awarded, available, event.currentTarget)}
          />
          <span class="faint">/ {available}</span>
        </td>
        <td class="because"
          >{isChanged
            ? `proposed ${awarded}`
            : desk.isUntouched || byHand !== ''
              ? ''
              : becauseWords[because]}</td
        >
      </tr>
      {#if isChanged}
        <tr>
          <td></td>
          <td colspan="2">
            <input
              bind:this={reasonInputs[id]}
              class="reason"
              placeholder="Why? A changed mark needs a reason."
              aria-label="Reason for mark {id}"
              aria-invalid={id in pending}
              maxlength="200"
              value={reasons[id] ?? desk.state.given[id]?.reason ?? ''}
              oninput={(event) => (reasons[id] = event.currentTarget.value)}
              onchange={() => give(id)}
            />
            {#if id in pending}<span class="needed">Not changed until there is a reason.</span>{/if}
          </td>
        </tr>
      {/if}
    {/each}
  </tbody>
</table>
<p class="total">
  <strong class="figures">{desk.isUntouched ? '–' : desk.awarded}</strong> / {desk.marked.marks
    .available}
  {#if Object.keys(desk.state.given).length > 0}
    <span class="faint">proposed {desk.marked.marks.awarded}, changed by hand</span>
  {/if}
</p>

<style>
  .before {
    background: var(--lamp-soft);
    padding: var(--space-1) var(--space-2);
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    width: 2.2rem;
  }
  .value {
    white-space: nowrap;
    width: 5.4rem;
  }
  .value input {
    width: 3rem;
    padding: 0 var(--space-1);
    text-align: center;
  }
  .because {
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .changed .because {
    color: var(--lamp);
  }
  .reason {
    width: 100%;
    padding: var(--space-half) var(--space-2);
  }
  .needed {
    font-size: var(--text-sm);
    color: var(--slip);
  }
  .total {
    margin-top: var(--space-2);
    border-top: 1.5px solid var(--ink);
    padding-top: var(--space-1);
  }
  .total strong {
    font-size: var(--text-xl);
  }
</style>
