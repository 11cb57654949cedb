<script lang="ts">
  import type { Blueprint, BlueprintRow } from '@zealous-quill/core/exams';
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import { Draft, tabKeeper } from '$lib/ui/draft.svelte';
  import DraftClash from '$lib/ui/DraftClash.svelte';
  import { plural } from '$lib/ui/format';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import BoundsInput from '$lib/ui/plans/BoundsInput.svelte';
  import PlanRow from '$lib/ui/plans/PlanRow.svelte';
  import { Trials, withLine } from '$lib/ui/plans/trial.svelte';
  import TrialView from '$lib/ui/plans/TrialView.svelte';
  import { postDraft } from '$lib/ui/post-draft';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import TitleInput from '$lib/ui/papers/TitleInput.svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import { onDestroy, untrack } from 'svelte';

  let { data, form } = $props();

  interface Named {
    readonly name: string;
    readonly plan: Blueprint;
  }

  const id = untrack(() => data.saved.id);
  const keeper = tabKeeper(`plan/${id}`);
  const draft = new Draft<Named>({
    ...untrack(() => ({
      value: { name: data.saved.name, plan: data.saved.plan },
      version: data.saved.version
    })),
    save: (value, version) =>
      postDraft<Named>(`/papers/plans/${id}/save`, { version, ...value }, (there) => ({
        version: there['version'] as number,
        current: there['saved'] as Named
      })),
    ...(keeper && { keeper })
  });
  const trials = new Trials(`/papers/plans/${id}/try`);
  const plan = $derived(draft.value.plan);

  const working = new Working();
  let making = $state<HTMLFormElement>();
  let added = $state(untrack(() => data.skills[0]!.id));

  $effect(() => trials.ask(plan));
  onDestroy(() => {
    draft.end();
    trials.end();
  });
  guardLeaving({ isSaved: () => draft.state === 'saved', settle: () => draft.settle() });

  const change = (next: Partial<Blueprint>) =>
    draft.edit((now) => ({ ...now, plan: tidy({ ...now.plan, ...next }) }));
  const changeRow = (row: BlueprintRow, next: Partial<BlueprintRow>) =>
    change({ rows: plan.rows.map((one) => (one.id === row.id ? tidy({ ...one, ...next }) : one)) });
  const changeDifficulty = (
    name: 'mean' | 'easy' | 'middling' | 'hard',
    value: object | undefined
  ) => change({ difficulty: tidy({ ...plan.difficulty, [name]: value }) });

  /** Without what is not said any more. */
  function tidy<T extends object>(value: T): T {
    return Object.fromEntries(Object.entries(value).filter(([, own]) => own !== undefined)) as T;
  }

  function newId(): string {
    const taken = plan.rows.map((row) => Number(row.id.replace(/\D/g, '')) || 0);
    return `r${Math.max(0, ...taken) + 1}`;
  }

  /** The rung in the middle of a ladder is what a row starts from. */
  const usualRung = (skill: string) => Math.min(3, (data.ladders[skill]?.length ?? 1) - 1);

  function addRow(skill: string) {
    const controls = data.ladders[skill]![usualRung(skill)]!.controls;
    const row = {
      ...{ id: newId(), skills: [skill], kind: 'set-out', parts: { min: 1, max: 20 } },
      controls: { [skill]: controls }
    } as BlueprintRow;
    change({ rows: [...plan.rows, row] });
  }

  function addOwn() {
    const row = {
      ...{ id: newId(), skills: [], kind: 'own' },
      own: { marks: 4, minutes: 5, difficulty: 0.5 }
    } as BlueprintRow;
    change({ rows: [...plan.rows, row] });
  }

  const title = (skill: string) => data.skills.find((one) => one.id === skill)?.title ?? skill;
  const number = (text: string) => (text.trim() === '' ? undefined : Number(text));
</script>

<svelte:head><title>{draft.value.name} · Plans · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/papers/plans">Plans of assessments</a></p>
<div class="head">
  <div class="name">
    <TitleInput
      value={draft.value.name}
      label="Name of the plan"
      onchange={(name) => draft.edit((now) => ({ ...now, name }))}
    />
  </div>
  <div class="acts">
    <SaveMark state={draft.state} problem={draft.problem} />
    <Button disabled={!draft.canUndo} onclick={() => draft.undo()}>Undo</Button>
    <Button disabled={!draft.canRedo} onclick={() => draft.redo()}>Redo</Button>
    <Button onclick={() => change({ seed: ((plan.seed ?? 0) + 1) % 100_000 })}>Other items</Button>
    <form
      method="POST"
      action="?/paper"
      bind:this={making}
      use:enhance={working.during}
      class="contents"
    >
      <Button
        kind="main"
        disabled={working.isBusy || trials.last?.ok === false}
        onclick={async () => {
          // It is made of what stands on the server.
          if (await draft.settle()) making?.requestSubmit();
        }}>Make the exam</Button
      >
    </form>
    <Stopper {working} words="Putting it together" />
  </div>
</div>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
<DraftClash
  {draft}
  text={({ name, plan: own }) =>
    `“${name}”, ${plural(own.total, 'mark')}, ${plural(own.rows.length, 'row')}`}
>
  This plan was saved in another window since it was opened here. Nothing has been overwritten.
</DraftClash>

<div class="columns">
  <div>
    <section class="whole leaf" aria-label="The whole paper">
      <label>
        Marks
        <input
          type="number"
          min="1"
          max="300"
          value={plan.total}
          onchange={(event) => {
            const total = Number(event.currentTarget.value);
            if (total >= 1 && total <= 300) change({ total: Math.round(total) });
            else event.currentTarget.value = String(plan.total);
          }}
        />
      </label>
      <label>
        Minutes, at most
        <input
          type="number"
          min="1"
          value={plan.minutes?.max ?? ''}
          onchange={(event) => {
            const max = number(event.currentTarget.value);
            change({ minutes: max === undefined ? undefined : { max } });
          }}
        />
      </label>
      <span>
        Mean difficulty
        <BoundsInput
          label="mean difficulty"
          step={0.1}
          value={plan.difficulty?.mean}
          onchange={(value) => changeDifficulty('mean', value)}
        />
      </span>
      {#each ['easy', 'middling', 'hard'] as const as band (band)}
        <span>
          {band[0]!.toUpperCase() + band.slice(1)} marks
          <BoundsInput
            label="share of {band} marks"
            step={5}
            scale={100}
            unit="%"
            value={plan.difficulty?.[band]}
            onchange={(value) => changeDifficulty(band, value)}
          />
        </span>
      {/each}
      <label class="tick">
        <input
          type="checkbox"
          checked={plan.rising === true}
          onchange={(event) => change({ rising: event.currentTarget.checked || undefined })}
        />
        Questions rise in difficulty
      </label>
    </section>

    <ul aria-label="Rows of the plan">
      {#each plan.rows as row (row.id)}
        <PlanRow
          {row}
          title={row.skills[0] ? title(row.skills[0]) : 'Own question'}
          rungs={data.ladders[row.skills[0] ?? ''] ?? []}
          isOnly={plan.rows.length === 1}
          onchange={(next) => changeRow(row, next)}
          onremove={() => change({ rows: plan.rows.filter((one) => one.id !== row.id) })}
        />
      {/each}
    </ul>
    <div class="add">
      <SkillPicker
        name="added"
        skills={data.skills}
        value={added}
        label="Another row"
        onpick={(picked) => (added = picked)}
      />
      <Button onclick={() => addRow(added)}>Add the row</Button>
      <Button kind="quiet" onclick={addOwn}>or a question of your own</Button>
    </div>
  </div>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="trial" role="region" aria-label="A paper that meets it" tabindex="0">
    <TrialView
      trial={trials.last}
      isBusy={trials.isBusy}
      style={data.style}
      onoffer={(line, value) =>
        draft.edit((now) => ({ ...now, plan: withLine(now.plan, line, value) }))}
    />
  </div>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    justify-content: space-between;
    align-items: center;
    margin-bottom: var(--space-3);
  }
  .name {
    flex: 1 1 20rem;
  }
  .acts,
  .add {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: flex-end;
  }
  .acts {
    align-items: center;
  }
  .add {
    margin-top: var(--space-3);
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
    gap: var(--space-5);
    align-items: start;
  }
  .whole {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: var(--space-2) var(--space-5);
    padding: var(--space-3) var(--space-4);
    margin-bottom: var(--space-3);
  }
  .whole > span,
  .whole > label:not(.tick) {
    display: flex;
    justify-content: space-between;
    gap: var(--space-3);
    align-items: baseline;
  }
  .columns input[type='number'] {
    width: 3.6em;
    padding: 0 var(--space-1);
    text-align: right;
  }
  .trial {
    position: sticky;
    top: 1rem;
    max-height: calc(100vh - 2rem);
    overflow-y: auto;
  }
  @media (max-width: 1080px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .trial {
      position: static;
      max-height: none;
    }
  }
</style>
