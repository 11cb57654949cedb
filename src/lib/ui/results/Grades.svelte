<script lang="ts">
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { untrack } from 'svelte';
  import { plural } from '../format';
  import type { Boundary } from '@zealous-quill/core/results';
  import { gradesOf } from './grades';
  import type { Pupil } from './table';

  interface Props {
    boundaries: readonly Boundary[];
    /** What they were read from. */
    were: string;
    pupils: readonly Pupil[];
    available: number;
    /** Several classes sat the paper: the boundaries may be for all of them. */
    isShared: boolean;
    problem?: string | undefined;
  }

  let { boundaries, were, pupils, available, isShared, problem }: Props = $props();

  let isOpen = $state(untrack(() => problem !== undefined));
  /** What the boundaries were when the form was opened. */
  let was = $state(untrack(() => were));
  let rows = $state<{ grade: string; from: number | null }[]>([]);
  const graded = $derived(gradesOf(boundaries, pupils));
  const below = $derived(
    pupils.filter(({ isAbsent, isComplete }) => !isAbsent && isComplete).length -
      graded.reduce((sum, one) => sum + one.pupils, 0)
  );

  function open() {
    rows = [...boundaries.map((one) => ({ ...one })), { grade: '', from: null }];
    was = were;
    isOpen = true;
  }
</script>

<section>
  <h2>Grades</h2>
  {#if isOpen}
    <form
      method="POST"
      action="?/boundaries"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') isOpen = false;
          if (result.type !== 'failure' || result.status !== 409) return;
          await invalidateAll();
          was = were;
        }}
    >
      <input type="hidden" name="was" value={was} />
      {#each rows as row, at (at)}
        <p>
          <input
            name="grade"
            bind:value={row.grade}
            maxlength="20"
            placeholder="grade"
            aria-label="Name of grade {at + 1}"
          />
          from
          <input
            name="from"
            type="number"
            min="0"
            max={available}
            bind:value={row.from}
            aria-label="Least marks of grade {at + 1}"
          />
          of {available}
        </p>
      {/each}
      {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
      {#if isShared}
        <label class="tick">
          <input type="checkbox" name="all" value="yes" checked /> for all classes that sat it
        </label>
      {/if}
      <p class="acts">
        <Button type="submit">Set the boundaries</Button>
        <Button kind="quiet" onclick={() => (rows = [...rows, { grade: '', from: null }])}
          >another grade</Button
        >
        <Button kind="quiet" onclick={() => (isOpen = false)}>leave them</Button>
      </p>
    </form>
  {:else}
    {#if graded.length > 0}
      <ul>
        {#each graded as { grade, from, pupils: count, near } (grade)}
          <li>
            <strong>{grade}</strong>
            <span>from {from}</span>
            <span class="number">{plural(count, 'pupil')}</span>
            {#if near.length > 0}
              <span class="faint near"
                >near: {near.map(({ name, short }) => `${name} (${short} short)`).join(', ')}</span
              >
            {/if}
          </li>
        {/each}
        <li class="faint">
          below <span></span><span class="number">{plural(below, 'pupil')}</span>
        </li>
      </ul>
      <p class="faint small">Scripts count once all of them is marked.</p>
    {/if}
    <p>
      <Button kind="quiet" onclick={open}
        >{graded.length > 0 ? 'change the boundaries' : 'set grade boundaries'}</Button
      >
    </p>
  {/if}
</section>

<style>
  section {
    margin-bottom: var(--space-4);
  }
  li {
    display: grid;
    grid-template-columns: 4rem 5rem 5rem;
    gap: 0 var(--space-3);
    align-items: baseline;
  }
  .near {
    grid-column: 1 / -1;
    font-size: var(--text-sm);
  }
  input:not([type='number']):not([type='checkbox']) {
    width: 6rem;
    padding: 0 var(--space-2);
  }
  input[type='number'] {
    width: 4rem;
    padding: 0 var(--space-1);
    text-align: right;
  }
  form p {
    margin: var(--space-1) 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
  }
</style>
