<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { formLabel, type ExamForm } from '@zealous-quill/core/exams';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { page } from '$app/state';
  import type { ShownComparison } from '$lib/contract/forms';
  import { askServer } from '../ask-server';
  import { plural } from '../format';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    paperId: number;
    forms: readonly (Omit<ExamForm, 'given'> & { id: number; name: string | null })[];
    classes: readonly { id: number; name: string; pupils: number }[];
    isFrozen: boolean;
  }

  let { editor, paperId, forms, classes, isFrozen }: Props = $props();

  const letters = $derived(forms.filter(({ kind }) => kind === 'letter'));
  const own = $derived(forms.filter(({ kind }) => kind === 'pupil'));
  const spares = $derived(forms.filter(({ kind }) => kind === 'spare'));
  const labelOf = (part: string) =>
    editor.outline.parts.find((one) => one.part.id === part)?.label ?? '';
  const comparison = $derived((page.data['comparison'] ?? []) as ShownComparison[]);
  const exceptions = $derived(
    comparison.flatMap(({ part, sameItem, sameAnswer }) => [
      ...sameItem.map((same) => `${labelOf(part)} is the same on ${same.join(', ')}`),
      ...sameAnswer.map((same) => `${labelOf(part)} has the same answer on ${same.join(', ')}`)
    ])
  );
  const differing = $derived(comparison.filter(({ differs }) => differs.length > 0));
  let classId = $state(0);
  const chosen = $derived(classes.find(({ id }) => id === classId) ?? classes[0]);
  let problem = $state('');
  let isBusy = $state(false);

  async function draw(ask: object) {
    isBusy = true;
    problem = '';
    // Forms are drawn of what stands on the server.
    if (await editor.draft.settle()) {
      const drawn = await askServer('done', `/papers/${paperId}/exam/forms`, { json: ask });
      if (!drawn.ok) problem = drawn.message;
      await invalidateAll();
    }
    isBusy = false;
  }
</script>

<p class="faint small">
  In every place of a form stands an item worth as much, predicted as hard and as long, that shows
  the same errors. Own questions are the same on all.
</p>
<h3>Forms with letters</h3>
<p>
  {letters.map((form) => formLabel(form)).join(', ')}
  {#if !isFrozen}
    <span class="acts">
      {#each [2, 3] as count (count)}
        <Button disabled={isBusy} onclick={() => draw({ what: 'letters', count })}
          >Draw {count === 2 ? 'A and B' : 'A, B and C'}</Button
        >
      {/each}
      {#if letters.length > 1}
        <Button kind="quiet" disabled={isBusy} onclick={() => draw({ what: 'letters', count: 1 })}
          >form A only</Button
        >
      {/if}
    </span>
  {/if}
</p>
{#if own.length > 0 || !isFrozen}<h3>A form for each pupil</h3>{/if}
{#if own.length > 0}
  <p>
    {plural(own.length, 'form')} with names and {plural(spares.length, 'spare')}
  </p>
{/if}
{#if !isFrozen && chosen}
  <p class="acts">
    <Select
      placeholder=""
      class="w-44"
      value={chosen.id}
      aria-label="Class whose pupils get forms"
      onchange={(event) => (classId = Number(event.currentTarget.value))}
    >
      {#each classes as { id, name, pupils } (id)}
        <option value={id}>{name} ({plural(pupils, 'pupil')})</option>
      {/each}
    </Select>
    <Button disabled={isBusy} onclick={() => draw({ what: 'pupils', classId: chosen.id })}
      >Draw a form for each</Button
    >
  </p>
{:else if !isFrozen}<p class="faint">There is no class yet.</p>{/if}
{#if isBusy}<p role="status">Drawing …</p>{/if}
{#if problem}<Problem isUrgent>{problem}</Problem>{/if}

{#if forms.length > 1}
  <h3>Print</h3>
  <ul>
    {#if letters.length > 1}
      <li><a class="quiet-link" href="/papers/{paperId}/print?form=letters">all letters</a></li>
    {/if}
    {#if own.length > 0}
      <li>
        <a class="quiet-link" href="/papers/{paperId}/print?form=pupils"
          >pupils’ forms in list order, with the spares</a
        >
      </li>
    {/if}
    <li>
      <a class="quiet-link" href="/papers/{paperId}/print?kind=key&form=all">one key for all</a>
    </li>
  </ul>
  <h3>Exceptions</h3>
  {#if exceptions.length === 0}
    <p>None: no item stands on two forms, and no place has the same answer twice.</p>
  {:else}
    <ul>
      {#each exceptions as exception, at (at)}<li>{exception}</li>{/each}
    </ul>
    <p class="faint small">
      There are not as many items, or answers, as forms here, or the part was changed since they
      were drawn.
    </p>
  {/if}
  <details>
    <summary>What differs between the forms</summary>
    <p class="faint small">
      What the plan controls, and what marks, difficulty and time depend on, is the same on every
      form. The rest may differ.
    </p>
    <dl>
      {#each differing as { part, differs } (part)}
        <dt class="figures">{labelOf(part)}</dt>
        <dd>{differs.join(', ')}</dd>
      {/each}
    </dl>
  </details>
{/if}

<style>
  h3 {
    margin-top: var(--space-3);
  }
  dl {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: var(--space-half) var(--space-3);
  }
  dd {
    margin: 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
  }
</style>
