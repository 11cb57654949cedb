<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { Rung } from '@zealous-quill/core/papers';
  import type { ListedSkill, SkillDescription } from '@zealous-quill/core/catalogue';
  import { dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import type { RungBench } from './rung-bench';
  import type { Possibilities } from '../controls/possibilities.svelte';
  import { groupBy } from '../group-by';
  import type { PaperEditor } from './paper-editor.svelte';
  import RungCard from './RungCard.svelte';

  interface Props {
    editor: PaperEditor;
    descriptions: Readonly<Record<string, SkillDescription>>;
    skills: readonly ListedSkill[];
    style: HouseStyle;
    isFrozen: boolean;
    bench: RungBench | null;
    possibilities: Possibilities | null;
    onadd: (kind: Rung['kind'], skill: string) => Promise<void>;
  }

  let { editor, descriptions, skills, style, isFrozen, bench, possibilities, onadd }: Props =
    $props();

  let dragged = $state.raw<Rung[] | null>(null);
  /** The rung whose controls are open. */
  let planned = $state<string | null>(null);

  const rungs = $derived(dragged ?? editor.paper.rungs);
  const numbered = $derived(groupBy(editor.outline.items, ({ rung }) => rung.id));

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

{#if rungs.length === 0}
  <p class="leaf empty">No rungs yet. Add one below: it draws its items at once.</p>
{/if}
<div
  use:dragHandleZone={{
    items: [...rungs],
    type: 'rungs',
    flipDurationMs: 120,
    dropTargetStyle: {},
    dragDisabled: isFrozen
  }}
  onconsider={(event: CustomEvent<DndEvent<Rung>>) => (dragged = event.detail.items)}
  onfinalize={finish}
>
  {#each rungs as rung, at (rung.id)}
    {@const skill = descriptions[rung.skill]}
    <div>
      {#if skill}
        <RungCard
          {editor}
          {rung}
          {skill}
          {at}
          numbered={numbered.get(rung.id) ?? []}
          {style}
          {isFrozen}
          {bench}
          {possibilities}
          isPlanned={planned === rung.id}
          onplan={(isOpen) => (planned = isOpen ? rung.id : null)}
        />
      {/if}
    </div>
  {/each}
</div>
{#if !isFrozen}
  {#await import('./AddRung.svelte') then { default: AddRung }}
    <AddRung {skills} usual={editor.paper.rungs[0]?.skill ?? skills[0]?.id ?? ''} {onadd} />
  {/await}
{/if}
{#if editor.drawProblems['new']}<Problem isUrgent>{editor.drawProblems['new']}</Problem>{/if}

<style>
  .empty {
    padding: var(--space-4);
    margin-bottom: var(--space-3);
  }
</style>
