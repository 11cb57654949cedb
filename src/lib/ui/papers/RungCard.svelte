<script lang="ts">
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import {
    rungKinds,
    rungWords,
    type ItemFacts,
    type NumberedItem,
    type PaperItem,
    type Rung
  } from '@zealous-quill/core/papers';
  import { featureTitle, type Control, type SkillDescription } from '@zealous-quill/core/skills';
  import { dragHandle, dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import { controlText } from '../controls/choices';
  import ItemRow from './ItemRow.svelte';
  import type { PaperEditor } from './paper-editor.svelte';

  interface Props {
    editor: PaperEditor;
    rung: Rung;
    skill: SkillDescription;
    at: number;
    numbered: readonly NumberedItem[];
    style: HouseStyle;
    isFrozen: boolean;
    onplan: () => void;
    onread: (line: string) => Promise<{ given: unknown; facts: ItemFacts } | null>;
  }

  let { editor, rung, skill, at, numbered, style, isFrozen, onplan, onread }: Props = $props();

  const isMixed = $derived(editor.paper.rungs.some(({ skill }) => skill !== rung.skill));
  const asks = $derived(
    [
      ...(isMixed ? [skill.title] : []),
      ...(rung.school === Object.keys(skill.schools)[0]
        ? []
        : [skill.schools[rung.school]!.toLowerCase()]),
      ...Object.entries(rung.controls).map(
        ([name, control]) => `${featureTitle(skill, name)} ${controlText(control as Control)}`
      ),
      ...(rung.spread
        ? [
            `${featureTitle(skill, rung.spread.feature)} ${rung.spread.parts
              .map(({ control, count }) => `${controlText(control as Control)} ×${count}`)
              .join(', ')}`
          ]
        : [])
    ].join(' · ')
  );
  /** While items are dragged, their order is the drag's. */
  let dragged = $state.raw<PaperItem[] | null>(null);
  const items = $derived(dragged ?? rung.items);
  const numberedOf = (item: PaperItem) => numbered.find(({ entry }) => entry.id === item.id);

  function consider(event: CustomEvent<DndEvent<PaperItem>>) {
    dragged = event.detail.items;
  }

  function finish(event: CustomEvent<DndEvent<PaperItem>>) {
    const { items, info } = event.detail;
    if (info.trigger !== TRIGGERS.DRAG_STOPPED)
      editor.changeRung(rung.id, (old) => ({ ...old, items }));
    dragged = null;
  }

  const withItem = (id: string, change: (item: PaperItem) => PaperItem) =>
    editor.changeRung(rung.id, (old) => ({
      ...old,
      items: old.items.map((item) => (item.id === id ? change(item) : item))
    }));

  function moveKeys(event: KeyboardEvent) {
    const by = event.altKey && !isFrozen ? { ArrowUp: -1, ArrowDown: 1 }[event.key] : undefined;
    if (by === undefined) return;
    event.preventDefault();
    editor.moveRung(rung.id, by);
  }
</script>

<section class="rung leaf" aria-label="Rung {at + 1}: {rungWords[rung.kind].title}">
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <header onkeydown={moveKeys}>
    {#if !isFrozen}
      <span
        class="grip"
        use:dragHandle
        aria-label="Move rung {at + 1}"
        title="Drag, or Alt with ↑ ↓">⠿</span
      >
      <select
        class="bare"
        value={rung.kind}
        aria-label="Kind of rung {at + 1}"
        onchange={(event) => {
          const kind = event.currentTarget.value as Rung['kind'];
          editor.changeRung(rung.id, (old) => ({ ...old, kind }));
        }}
      >
        {#each rungKinds as kind (kind)}<option value={kind}>{rungWords[kind].title}</option>{/each}
      </select>
    {:else}
      <h2>{rungWords[rung.kind].title}</h2>
    {/if}
    <p class="asks">{asks || 'no controls'}</p>
    {#if !isFrozen}
      <span class="acts">
        <Button kind="quiet" onclick={onplan}>controls</Button>
        <Button kind="quiet" onclick={() => editor.draw(rung.id)}>draw again</Button>
        <Button kind="quiet" onclick={() => editor.removeRung(rung.id)}
          >remove<span class="visually-hidden"> rung {at + 1}</span></Button
        >
      </span>
    {/if}
  </header>
  {#if editor.drawProblems[rung.id]}<Problem isUrgent>
      {editor.drawProblems[rung.id]}
    </Problem>{/if}
  <div
    use:dragHandleZone={{
      items,
      type: rung.id,
      flipDurationMs: 120,
      dropTargetStyle: {},
      dragDisabled: isFrozen
    }}
    onconsider={consider}
    onfinalize={finish}
  >
    {#each items as item (item.id)}
      {@const entry = numberedOf(item)}
      <div>
        {#if entry}
          <ItemRow
            numbered={entry}
            {skill}
            {style}
            {isFrozen}
            onlock={() => withItem(item.id, (old) => ({ ...old, locked: !old.locked }))}
            onreplace={() => editor.replace(rung.id, item.id)}
            onremove={() =>
              editor.changeRung(rung.id, (old) => ({
                ...old,
                items: old.items.filter(({ id }) => id !== item.id)
              }))}
            {onread}
            onedit={({ given, facts }) => editor.putItem(rung.id, item.id, given, facts)}
            onmove={(by) => editor.moveItem(rung.id, item.id, by)}
          />
        {/if}
      </div>
    {/each}
  </div>
</section>

<style>
  .rung {
    margin-bottom: var(--space-3);
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-2);
    align-items: baseline;
    padding: var(--space-1) var(--space-2) var(--space-1) var(--space-1);
    background: var(--raised);
  }
  header select {
    font-weight: 700;
    padding: var(--space-half) var(--space-5) var(--space-half) var(--space-2);
  }
  .grip {
    cursor: grab;
    color: var(--faint);
  }
  .asks {
    flex: 1 1 10rem;
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .acts {
    display: flex;
    gap: var(--space-3);
    font-size: var(--text-sm);
  }
</style>
