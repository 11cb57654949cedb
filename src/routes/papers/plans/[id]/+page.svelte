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
  import {
    tidy,
    usualRung,
    withoutIdlePatterns,
    withSection,
    type Unmet
  } from '$lib/ui/plans/plan-edits';
  import PlanPatterns from '$lib/ui/plans/PlanPatterns.svelte';
  import PlanRow from '$lib/ui/plans/PlanRow.svelte';
  import PlanSections from '$lib/ui/plans/PlanSections.svelte';
  import PlanWhole from '$lib/ui/plans/PlanWhole.svelte';
  import { Trials, withLine } from '$lib/ui/plans/trial.svelte';
  import TrialView from '$lib/ui/plans/TrialView.svelte';
  import { startBench } from '$lib/workers/bench';
  import { postDraft } from '$lib/ui/post-draft';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import TitleInput from '$lib/ui/papers/TitleInput.svelte';
  import { LARGEST_SEED } from '@zealous-quill/core/spaces';
  import { patternKey } from '@zealous-quill/core/skill';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import { onDestroy, untrack } from 'svelte';

  let { data, form } = $props();

  interface Named {
    readonly name: string;
    readonly plan: Blueprint;
    readonly unmet: Unmet | null;
  }

  const id = untrack(() => data.saved.id);
  const keeper = tabKeeper(`plan/${id}`);
  const draft = new Draft<Named>({
    ...untrack(() => ({
      value: { name: data.saved.name, plan: data.saved.plan, unmet: data.saved.unmet },
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
  /** The row that is being changed. */
  let opened = $state<string | null>(null);
  const tools = $derived({
    skills: data.skills,
    ladders: data.ladders,
    style: data.style,
    names: {
      skill: (skill: string) => data.skills.find((one) => one.id === skill)?.title ?? skill,
      feature: (skill: string, feature: string) =>
        (data.features[skill]?.[feature] ?? feature).toLowerCase()
    },
    startBench
  });

  const working = new Working();
  let making = $state<HTMLFormElement>();
  let added = $state(untrack(() => data.skills[0]!.id));

  $effect(() => trials.ask({ plan, unmet: draft.value.unmet }));
  onDestroy(() => {
    draft.end();
    trials.end();
  });
  guardLeaving({ isSaved: () => draft.state === 'saved', settle: () => draft.settle() });

  const replace = (next: Blueprint) =>
    draft.edit((now) => ({ ...now, plan: withoutIdlePatterns(tidy(next)) }));
  const change = (next: Partial<Blueprint>) => replace({ ...plan, ...next });
  const changeRow = (row: BlueprintRow, next: Partial<BlueprintRow>) =>
    change({ rows: plan.rows.map((one) => (one.id === row.id ? tidy({ ...one, ...next }) : one)) });

  function newId(): string {
    const taken = plan.rows.map((row) => Number(row.id.replace(/\D/g, '')) || 0);
    return `r${Math.max(0, ...taken) + 1}`;
  }

  function addRow(skill: string) {
    const { controls } = data.ladders[skill]![usualRung(data.ladders, skill)]!;
    const row = {
      ...{ id: newId(), skills: [skill], kind: 'set-out', parts: { min: 1, max: 20 } },
      ...{ controls: { [skill]: controls }, ...lastSection() }
    } as BlueprintRow;
    add(row);
  }

  /** A row that is added can be changed at once. */
  function add(row: BlueprintRow) {
    change({ rows: [...plan.rows, row] });
    opened = row.id;
  }

  /** A new row stands in the section at the end. */
  function lastSection(): { section?: string } {
    const section = plan.sections?.at(-1)?.id;
    return section === undefined ? {} : { section };
  }

  function addOwn() {
    const row = {
      ...{ id: newId(), skills: [], kind: 'own', ...lastSection() },
      own: { marks: 4, minutes: 5, difficulty: 0.5 }
    } as BlueprintRow;
    add(row);
  }
</script>

<svelte:head><title>{draft.value.name} · Plans · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/papers/plans">Plans of exams</a></p>
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
    <Button onclick={() => change({ seed: ((plan.seed ?? 0) + 1) % (LARGEST_SEED + 1) })}
      >Other items</Button
    >
    <span class="faint small">seed {plan.seed ?? 0}</span>
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
    <PlanWhole
      {plan}
      unmet={draft.value.unmet}
      classes={data.classes}
      onchange={change}
      onunmet={(unmet) => draft.edit((now) => ({ ...now, unmet }))}
    />
    {#if plan.sections}<PlanSections {plan} onchange={replace} />{/if}

    <ul aria-label="Rows of the plan">
      {#each plan.rows as row (row.id)}
        <PlanRow
          {row}
          {tools}
          isOpen={opened === row.id}
          onopen={(isOpen) => (opened = isOpen ? row.id : null)}
          sections={(plan.sections ?? []).map((section) => section.id)}
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
      <Button kind="quiet" onclick={() => replace(withSection(plan))}
        >{plan.sections ? 'another section' : 'sections'}</Button
      >
    </div>
    <PlanPatterns
      {plan}
      known={data.patterns
        .filter(({ skill }) => plan.rows.some((row) => row.skills.includes(skill)))
        .map(({ skill, title, patterns }) => ({
          ...{ skill, title },
          patterns: patterns.map(([id, title]) => ({ key: patternKey(skill, id), title }))
        }))}
      onchange={(patterns) => change({ patterns })}
    />
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
