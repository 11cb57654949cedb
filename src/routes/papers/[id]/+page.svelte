<script lang="ts">
  import type { Rung } from '@zealous-quill/core/papers';
  import type { Controls } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import { onMount, untrack } from 'svelte';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import { Possibilities } from '$lib/ui/controls/possibilities.svelte';
  import { Draft, tabKeeper } from '$lib/ui/draft.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { PaperEditor, type Drawer } from '$lib/ui/papers/paper-editor.svelte';
  import PaperHead from '$lib/ui/papers/PaperHead.svelte';
  import RungList from '$lib/ui/papers/RungList.svelte';
  import { savePaper } from '$lib/ui/papers/save-paper';
  import { startBench, type RemoteBench } from '$lib/workers/bench';

  let { data, form } = $props();

  let bench = $state.raw<RemoteBench | null>(null);
  let possibilities = $state.raw<Possibilities | null>(null);
  let isSitting = $state(untrack(() => form?.problem !== undefined));
  let isTakingOut = $state(false);
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
    const drawer = (): Drawer => ({
      redraw: (...asked) => bench!.redraw(...asked, style),
      replace: (...asked) => bench!.replace(...asked, style),
      facts: (...asked) => bench!.facts(...asked, style),
      fit: (...asked) => bench!.fit(...asked, style),
      add: (...asked) => bench!.add(...asked, style)
    });
    const patternIds = (skill: string) =>
      (descriptions[skill]?.patterns ?? []).map((pattern) => pattern.id);
    return new PaperEditor(draft, data.facts, drawer, { patternIds, timing: style.timing });
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

  /** What draws and reads items for a rung, in the style of this paper. */
  const rungBench = $derived(
    bench && {
      sample: bench.sample,
      read: (rung: Rung, line: string) => bench!.read(rung, line, data.style)
    }
  );

  async function describe(skill: string) {
    if (skill in descriptions || !bench) return;
    const description = await bench.describe(skill, data.style);
    added = { ...added, [skill]: description };
  }

  async function addRung(kind: Rung['kind'], skill: string) {
    await describe(skill);
    await editor.addRung(kind, skill);
  }

  /** Makes the spaces of the rungs ready, so that the first item drawn of each comes as fast as the others. */
  async function warm(drawing: RemoteBench) {
    for (const { skill, controls } of editor.paper.rungs) {
      await drawing.sample(skill, controls as Controls, 1, 1);
    }
  }

  onMount(() => {
    const benches = [startBench(), startBench()];
    bench = benches[0]!.bench;
    possibilities = new Possibilities(benches[0]!.bench, benches[1]!.bench);
    if (!data.isSat) void warm(benches[0]!.bench);
    return () => benches.forEach(({ end }) => end());
  });

  guardLeaving({
    isSaved: () => editor.draft.state === 'saved' && editor.waiting === 0,
    settle: () => editor.settle()
  });

  function keys(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || (event.target as HTMLElement).matches('input')) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) editor.draft.undo();
    else if (key === 'y' || (key === 'z' && event.shiftKey)) editor.draft.redo();
    else return;
    event.preventDefault();
  }
</script>

<svelte:head><title>{editor.paper.title} · Papers · Zealous Quill</title></svelte:head>
<svelte:window onkeydown={keys} />

<PaperHead
  {editor}
  paperId={data.id}
  edition={data.edition}
  isSat={data.isSat}
  pupil={data.pupil}
  onsit={() => (isSitting = true)}
  ontakeout={() => (isTakingOut = true)}
/>
{#if form?.planProblem}<Problem isUrgent>{form.planProblem}</Problem>{/if}
{#if data.isSat}
  <p class="frozen">
    This paper has been sat, so it stays as it was; a new edition can be changed.
  </p>
{/if}

{#each data.damage as text (text)}<p class="damage" role="alert">✗ {text}</p>{/each}
{#if editor.draft.clash}
  {#await import('$lib/ui/papers/PaperClash.svelte') then { default: PaperClash }}
    <PaperClash draft={editor.draft} />
  {/await}
{/if}

<div class="columns">
  <div>
    {#key editor}
      <RungList
        {editor}
        {descriptions}
        skills={data.skills}
        style={data.style}
        isFrozen={data.isSat}
        bench={rungBench}
        {possibilities}
        onadd={addRung}
      />
    {/key}
  </div>
  <div class="side">
    {#await import('$lib/ui/papers/PaperSide.svelte') then { default: PaperSide }}
      <PaperSide
        {editor}
        {descriptions}
        paperId={data.id}
        style={data.style}
        isFrozen={data.isSat}
      />
    {/await}
  </div>
</div>

{#if isSitting}
  {#await import('$lib/ui/papers/SitForm.svelte') then { default: SitForm }}
    <SitForm bind:open={isSitting} classes={data.classes} problem={form?.problem} />
  {/await}
{/if}

{#if isTakingOut}
  {#await import('$lib/ui/take-out/TakeOut.svelte') then { default: TakeOut }}
    <TakeOut
      bind:open={isTakingOut}
      name={[editor.paper.title]}
      style={data.style}
      items={editor.outline.items.flatMap(({ rung, facts }) => {
        const skill = descriptions[rung.skill];
        return skill ? [{ skill: skill.title, answerSign: skill.answerSign, facts }] : [];
      })}
    />
  {/await}
{/if}

<style>
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
    top: 5.5rem;
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
