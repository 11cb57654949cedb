<script lang="ts">
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import {
    rungKinds,
    rungWords,
    type NumberedItem,
    type PaperItem,
    type Rung
  } from '@zealous-quill/core/papers';
  import { featureTitle, type SkillDescription } from '@zealous-quill/core/catalogue';
  import { type Control } from '@zealous-quill/core/skill';
  import { dragHandle, dragHandleZone, TRIGGERS, type DndEvent } from 'svelte-dnd-action';
  import type { RungBench } from './rung-bench';
  import { controlPhrase, controlText } from '../controls/choices';
  import type { Possibilities } from '../controls/possibilities.svelte';
  import { keepFocus } from '../focus';
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
    bench: RungBench | null;
    possibilities: Possibilities | null;
    /** Whether its controls are open. */
    isPlanned: boolean;
    onplan: (isOpen: boolean) => void;
  }

  let {
    editor,
    rung,
    skill,
    at,
    numbered,
    style,
    isFrozen,
    bench,
    possibilities,
    isPlanned,
    onplan
  }: Props = $props();

  const name = $derived(`Rung ${at + 1}: ${rungWords[rung.kind].title}`);

  const isMixed = $derived(editor.paper.rungs.some(({ skill }) => skill !== rung.skill));
  const asks = $derived(
    [
      ...(isMixed ? [skill.title] : []),
      ...(rung.school === Object.keys(skill.schools)[0]
        ? []
        : [skill.schools[rung.school]!.toLowerCase()]),
      ...Object.entries(rung.controls).map(([name, control]) =>
        controlPhrase(featureTitle(skill, name), control as Control)
      ),
      ...(rung.simplestForm
        ? [`simplest form ${rung.simplestForm === 'asked' ? 'asked for' : 'not asked for'}`]
        : []),
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
    const isHere = items.some(({ id }) => id === info.id);
    // An item that left is taken out by the rung it came to.
    if (isHere && info.trigger !== TRIGGERS.DRAG_STOPPED) {
      if (rung.items.some(({ id }) => id === info.id)) {
        editor.changeRung(rung.id, (old) => ({ ...old, items }));
      } else {
        editor.placeItem(
          info.id,
          rung.id,
          items.findIndex(({ id }) => id === info.id)
        );
      }
    }
    dragged = null;
  }

  const rowOf = (number: number) => `[data-item="${number}"]`;

  /** Another item in the place of one; the focus stays on what was pressed. */
  const replace = (item: string, number: number) =>
    keepFocus(() => editor.replace(rung.id, item), [`${rowOf(number)} [data-act="other"]`]);

  const remove = (item: string, number: number) =>
    keepFocus(
      () =>
        editor.changeRung(rung.id, (old) => ({
          ...old,
          items: old.items.filter(({ id }) => id !== item)
        })),
      [`${rowOf(number)} [data-act="remove"]`, `${rowOf(number - 1)} [data-act="remove"]`]
    );

  const move = (item: string, by: -1 | 1) =>
    keepFocus(() => editor.moveItem(rung.id, item, by), [`[data-id="${item}"] .grip`]);

  const plan = (isOpen: boolean) =>
    keepFocus(
      () => onplan(isOpen),
      [isOpen ? `[data-rung="${rung.id}"] .plan input` : `[data-rung="${rung.id}"] .controls-act`]
    );

  const withItem = (id: string, change: (item: PaperItem) => PaperItem) =>
    editor.changeRung(rung.id, (old) => ({
      ...old,
      items: old.items.map((item) => (item.id === id ? change(item) : item))
    }));

  function moveKeys(event: KeyboardEvent) {
    const by = event.altKey && !isFrozen ? { ArrowUp: -1, ArrowDown: 1 }[event.key] : undefined;
    if (by === undefined) return;
    event.preventDefault();
    void keepFocus(() => editor.moveRung(rung.id, by), [`[data-rung="${rung.id}"] header .grip`]);
  }
</script>

<section class="rung leaf" aria-label={name} data-rung={rung.id}>
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
        <Button
          kind="quiet"
          class="controls-act"
          aria-expanded={isPlanned}
          onclick={() => plan(!isPlanned)}>controls</Button
        >
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
  {#if isPlanned && possibilities}
    {#await import('./RungPlan.svelte') then { default: RungPlan }}
      <RungPlan
        {rung}
        {name}
        {skill}
        {style}
        {possibilities}
        sample={async (controls) =>
          (await bench?.sample(rung.skill, controls, 3, editor.paper.seed)) ?? []}
        ondraw={(plan) => editor.plan(rung.id, plan)}
        onclose={() => plan(false)}
      />
    {/await}
  {/if}
  <div
    use:dragHandleZone={{
      items,
      type: rung.skill,
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
            onreplace={() => replace(item.id, entry.number)}
            onremove={() => remove(item.id, entry.number)}
            onread={async (line) => (await bench?.read(rung, line)) ?? null}
            onedit={({ given, facts }) => editor.putItem(rung.id, item.id, given, facts)}
            onmove={(by) => move(item.id, by)}
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
