<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { rungKinds, rungWords, type Paper, type Rung } from '@zealous-quill/core/papers';
  import type { SkillDescription } from '@zealous-quill/core/skills';
  import { beforeNavigate } from '$app/navigation';
  import { onMount, untrack } from 'svelte';
  import { dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import { Possibilities } from '$lib/ui/controls/possibilities.svelte';
  import { Draft, tabKeeper } from '$lib/ui/draft.svelte';
  import { plural } from '$lib/ui/format';
  import PaperClash from '$lib/ui/papers/PaperClash.svelte';
  import { PaperEditor } from '$lib/ui/papers/paper-editor.svelte';
  import RungCard from '$lib/ui/papers/RungCard.svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import { savePaper } from '$lib/ui/papers/save-paper';
  import { startBench, type RemoteBench } from '$lib/workers/bench';

  let { data, form } = $props();

  let bench = $state.raw<RemoteBench | null>(null);
  let possibilities = $state.raw<Possibilities | null>(null);
  let planned = $state<string | null>(null);
  let dragged = $state.raw<Rung[] | null>(null);
  let isSitting = $state(untrack(() => form?.problem !== undefined));
  let addKind = $state<Rung['kind']>('bare');
  let addSkill = $state(untrack(() => data.paper.rungs[0]?.skill ?? data.skills[0]?.id ?? ''));
  /** Skills that were added here; those of the paper came with it. */
  let added = $state.raw<Record<string, SkillDescription>>({});

  const descriptions = $derived({ ...data.descriptions, ...added });

  function makeEditor(): PaperEditor {
    const { id, paper, version, style, isSat } = data;
    const keeper = isSat ? undefined : tabKeeper(`paper/${id}`);
    const draft = new Draft({
      value: paper,
      version,
      save: (value, over) => savePaper(id, value, over),
      ...(keeper && { keeper })
    });
    const drawer = () => ({
      redraw: bench!.redraw,
      replace: bench!.replace,
      facts: bench!.facts,
      add: (on: Paper, plan: Pick<Rung, 'kind' | 'skill'>, turn: number) =>
        bench!.add(on, plan, turn, style)
    });
    return new PaperEditor(draft, data.facts, drawer, (skill) =>
      (descriptions[skill]?.patterns ?? []).map((pattern) => pattern.id)
    );
  }
  let editor = $state.raw(untrack(makeEditor));
  let editedId = untrack(() => data.id);

  $effect(() => {
    if (data.id === editedId) return;
    editedId = data.id;
    editor.draft.end();
    editor = untrack(makeEditor);
  });

  // A paper of another window, or one kept over a reload, may hold what is not known here.
  $effect(() => {
    if (!bench) return;
    void editor.learn();
    for (const { skill } of editor.paper.rungs) void describe(skill);
  });

  async function describe(skill: string) {
    if (skill in descriptions || !bench) return;
    const description = await bench.describe(skill, data.style);
    added = { ...added, [skill]: description };
  }

  async function addRung() {
    await describe(addSkill);
    await editor.addRung(addKind, addSkill);
  }

  const rungs = $derived(dragged ?? editor.paper.rungs);
  const plannedRung = $derived(editor.paper.rungs.find(({ id }) => id === planned));
  const plannedSkill = $derived(plannedRung && descriptions[plannedRung.skill]);

  onMount(() => {
    const benches = [startBench(), startBench()];
    bench = benches[0]!.bench;
    possibilities = new Possibilities(benches[0]!.bench, benches[1]!.bench);
    return () => benches.forEach(({ end }) => end());
  });

  beforeNavigate(({ willUnload, cancel }) => {
    if (!willUnload) void editor.settle();
    else if (editor.draft.state !== 'saved') cancel();
  });

  function keys(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || (event.target as HTMLElement).matches('input')) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) editor.draft.undo();
    else if (key === 'y' || (key === 'z' && event.shiftKey)) editor.draft.redo();
    else return;
    event.preventDefault();
  }

  function finish(event: CustomEvent<DndEvent<Rung>>) {
    const { items, info } = event.detail;
    if (info.trigger !== TRIGGERS.DRAG_STOPPED) {
      const order = items.map(({ id }) => id);
      editor.change((paper) => ({
        ...paper,
        rungs: paper.rungs.toSorted((a, b) => order.indexOf(a.id) - order.indexOf(b.id))
      }));
    }
    dragged = null;
  }
</script>

<svelte:head><title>{editor.paper.title} · Papers · Zealous Quill</title></svelte:head>
<svelte:window onkeydown={keys} />

<div class="head">
  <div class="title">
    {#if data.isSat}
      <h1>{editor.paper.title}</h1>
    {:else}
      <input
        class="bare"
        value={editor.paper.title}
        aria-label="Title of the paper"
        maxlength="120"
        onchange={(event) => {
          const title = event.currentTarget.value.trim();
          if (title) editor.change((paper) => ({ ...paper, title }));
          else event.currentTarget.value = editor.paper.title;
        }}
      />
    {/if}
    <p class="faint">
      {plural(editor.outline.items.length, 'item')} ·
      <strong>{plural(editor.outline.marks, 'mark')}</strong>
      · about
      {plural(editor.outline.minutes, 'minute')} · edition {data.edition} · seed {editor.paper.seed}
    </p>
  </div>
  <div class="acts">
    {#if data.isSat}
      <form method="POST" action="?/edition">
        <Button kind="side">Make a new edition</Button>
      </form>
    {:else}
      <SaveMark state={editor.draft.state} problem={editor.draft.problem} />
      <Button kind="side" disabled={!editor.draft.canUndo} onclick={() => editor.draft.undo()}
        >Undo</Button
      >
      <Button kind="side" disabled={!editor.draft.canRedo} onclick={() => editor.draft.redo()}
        >Redo</Button
      >
    {/if}
    <Button
      kind="main"
      onclick={async () => {
        // What is sat is what stands on the server.
        if (data.isSat || (await editor.settle())) isSitting = true;
      }}>A class sits it</Button
    >
  </div>
</div>
{#if data.isSat}
  <p class="frozen">
    This paper has been sat, so it stays as it was; a new edition can be changed.
  </p>
{/if}

{#each data.damage as text (text)}<p class="damage" role="alert">✗ {text}</p>{/each}
<PaperClash draft={editor.draft} />

<div class="columns">
  <div>
    {#if rungs.length === 0}
      <p class="leaf empty">No rungs yet. Add one below: it draws its items at once.</p>
    {/if}
    <div
      use:dragHandleZone={{
        items: [...rungs],
        type: 'rungs',
        flipDurationMs: 120,
        dropTargetStyle: {},
        dragDisabled: data.isSat
      }}
      onconsider={(event: CustomEvent<DndEvent<Rung>>) => (dragged = event.detail.items)}
      onfinalize={finish}
    >
      {#each rungs as rung, at (rung.id)}
        {@const skill = descriptions[rung.skill]}
        <div>
          {#if skill}<RungCard
              {editor}
              {rung}
              {skill}
              {at}
              numbered={editor.outline.items.filter((one) => one.rung.id === rung.id)}
              style={data.style}
              isFrozen={data.isSat}
              onplan={() => (planned = rung.id)}
              onread={async (line) => (await bench?.read(rung, line)) ?? null}
            />{/if}
        </div>
      {/each}
    </div>
    {#if !data.isSat}
      <div class="add">
        <SkillPicker
          skills={data.skills}
          value={addSkill}
          label="Skill of the new rung"
          onpick={(id) => (addSkill = id)}
        />
        <select bind:value={addKind} aria-label="Kind of the new rung">
          {#each rungKinds as kind (kind)}<option value={kind}>{rungWords[kind].title}</option
            >{/each}
        </select>
        <Button kind="side" onclick={addRung}>Add rung</Button>
      </div>
    {/if}
    {#if editor.drawProblems['new']}<p class="damage" role="alert">
        {editor.drawProblems['new']}
      </p>{/if}
  </div>
  <div class="side">
    {#await import('$lib/ui/papers/PaperSide.svelte') then { default: PaperSide }}
      <PaperSide {editor} {descriptions} paperId={data.id} isFrozen={data.isSat} />
    {/await}
  </div>
</div>

{#if plannedRung && plannedSkill && possibilities}
  {#await import('$lib/ui/papers/RungPlan.svelte') then { default: RungPlan }}
    <RungPlan
      rung={plannedRung}
      skill={plannedSkill}
      {possibilities}
      ondraw={(plan) => editor.plan(plannedRung.id, plan)}
      onclose={() => (planned = null)}
    />
  {/await}
{/if}
{#if isSitting}
  {#await import('$lib/ui/papers/SitForm.svelte') then { default: SitForm }}
    <SitForm bind:open={isSitting} classes={data.classes} problem={form?.problem} />
  {/await}
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-5);
    justify-content: space-between;
    align-items: flex-start;
    margin-bottom: var(--space-3);
  }
  .title {
    flex: 1 1 22rem;
  }
  .title input {
    width: 100%;
    font-family: var(--font-serif);
    font-weight: 700;
    font-size: var(--text-2xl);
    padding: 0 var(--space-1);
    margin-left: calc(-1 * var(--space-1));
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
  }
  .frozen {
    background: var(--lamp-soft);
    color: var(--lamp);
    padding: var(--space-1) var(--space-3);
    margin-bottom: var(--space-3);
  }
  .damage {
    background: var(--slip-soft);
    color: var(--slip);
    padding: var(--space-1) var(--space-3);
    margin-bottom: var(--space-2);
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: var(--space-5);
    align-items: start;
  }
  .side {
    position: sticky;
    top: 0.6rem;
  }
  .add {
    display: flex;
    align-items: flex-end;
    gap: var(--space-2);
  }
  .add select {
    padding: var(--space-1) var(--space-5) var(--space-1) var(--space-2);
  }
  .empty {
    padding: var(--space-4);
    margin-bottom: var(--space-3);
  }
  @media (max-width: 980px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .side {
      position: static;
    }
  }
</style>
