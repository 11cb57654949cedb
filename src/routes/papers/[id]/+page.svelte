<script lang="ts">
  import { rungKinds, rungWords, type Paper, type Rung } from '@zealous-quill/core/papers';
  import { skills } from '@zealous-quill/core/skills';
  import { beforeNavigate } from '$app/navigation';
  import { onMount, untrack } from 'svelte';
  import { dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import { Possibilities } from '$lib/ui/controls/possibilities.svelte';
  import { plural } from '$lib/ui/format';
  import { PaperEditor } from '$lib/ui/papers/paper-editor.svelte';
  import RungCard from '$lib/ui/papers/RungCard.svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import { startBench, type RemoteBench } from '$lib/workers/bench';

  let { data, form } = $props();

  let bench = $state.raw<RemoteBench | null>(null);
  let possibilities = $state.raw<Possibilities | null>(null);
  let planned = $state<string | null>(null);
  let dragged = $state.raw<Rung[] | null>(null);
  let isSitting = $state(untrack(() => form?.problem !== undefined));
  let addKind = $state<Rung['kind']>('bare');
  let addSkill = $state(skills[0]!.id);

  const makeEditor = () =>
    new PaperEditor(data.paper, data.version, save, () => bench!, data.style);
  let editor = $state.raw(untrack(makeEditor));
  let editedId = untrack(() => data.id);

  $effect(() => {
    if (data.id === editedId) return;
    editedId = data.id;
    editor = untrack(makeEditor);
  });

  const rungs = $derived(dragged ?? editor.paper.rungs);
  const plannedRung = $derived(editor.paper.rungs.find(({ id }) => id === planned));

  onMount(() => {
    const benches = [startBench(), startBench()];
    bench = benches[0]!.bench;
    possibilities = new Possibilities(benches[0]!.bench, benches[1]!.bench);
    return () => benches.forEach(({ end }) => end());
  });

  beforeNavigate(({ willUnload, cancel }) => {
    if (!willUnload) void editor.settle();
    else if (editor.saveState !== 'saved') cancel();
  });

  async function save(version: number, paper: Paper) {
    try {
      const response = await fetch(`/papers/${data.id}/save`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ version, paper })
      });
      const body = await response.json();
      return response.ok
        ? { version: body.version as number }
        : { problem: body.error.message as string };
    } catch {
      return {
        problem:
          'The server does not answer. Nothing is lost: it is saved as soon as you change something.'
      };
    }
  }

  function keys(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || (event.target as HTMLElement).matches('input')) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) editor.undo();
    else if (key === 'y' || (key === 'z' && event.shiftKey)) editor.redo();
    else return;
    event.preventDefault();
  }

  function finish(event: CustomEvent<DndEvent<Rung>>) {
    const { items, info } = event.detail;
    if (info.trigger !== TRIGGERS.DRAG_STOPPED) editor.change({ ...editor.paper, rungs: items });
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
          if (title) editor.change({ ...editor.paper, title });
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
        <button class="side-button">Make a new edition</button>
      </form>
    {:else}
      <SaveMark state={editor.saveState} problem={editor.problem} />
      <button
        type="button"
        class="side-button"
        disabled={editor.past.length === 0}
        onclick={() => editor.undo()}>Undo</button
      >
      <button
        type="button"
        class="side-button"
        disabled={editor.future.length === 0}
        onclick={() => editor.redo()}>Redo</button
      >
    {/if}
    <button
      type="button"
      class="main-button"
      onclick={async () => {
        await editor.settle();
        isSitting = true;
      }}>A class sits it</button
    >
  </div>
</div>
{#if data.isSat}
  <p class="frozen">
    This paper has been sat, so it stays as it was; a new edition can be changed.
  </p>
{/if}

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
        <div>
          <RungCard
            {editor}
            {rung}
            {at}
            numbered={editor.outline.items.filter((one) => one.rung.id === rung.id)}
            style={data.style}
            isFrozen={data.isSat}
            onplan={() => (planned = rung.id)}
          />
        </div>
      {/each}
    </div>
    {#if !data.isSat}
      <div class="add">
        <SkillPicker
          value={addSkill}
          label="Skill of the new rung"
          onpick={(id) => (addSkill = id)}
        />
        <select bind:value={addKind} aria-label="Kind of the new rung">
          {#each rungKinds as kind (kind)}<option value={kind}>{rungWords[kind].title}</option
            >{/each}
        </select>
        <button type="button" class="side-button" onclick={() => editor.addRung(addKind, addSkill)}
          >Add rung</button
        >
      </div>
    {/if}
  </div>
  <div class="side">
    {#await import('$lib/ui/papers/PaperSide.svelte') then { default: PaperSide }}
      <PaperSide {editor} paperId={data.id} isFrozen={data.isSat} />
    {/await}
  </div>
</div>

{#if plannedRung && possibilities}
  {#await import('$lib/ui/papers/RungPlan.svelte') then { default: RungPlan }}
    <RungPlan
      rung={plannedRung}
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
    gap: 0.4rem 1.5rem;
    justify-content: space-between;
    align-items: flex-start;
    margin-bottom: 0.8rem;
  }
  .title {
    flex: 1 1 22rem;
  }
  .title input {
    width: 100%;
    font-family: var(--font-serif);
    font-weight: 700;
    font-size: 1.65rem;
    padding: 0 0.3rem;
    margin-left: -0.35rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
  .frozen {
    background: var(--lamp-soft);
    color: var(--lamp);
    padding: 0.3rem 0.7rem;
    margin-bottom: 0.7rem;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: 1.4rem;
    align-items: start;
  }
  .side {
    position: sticky;
    top: 0.6rem;
  }
  .add {
    display: flex;
    align-items: flex-end;
    gap: 0.5rem;
  }
  .add select {
    padding: 0.25rem 2rem 0.25rem 0.5rem;
  }
  .empty {
    padding: 1.2rem;
    margin-bottom: 0.7rem;
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
