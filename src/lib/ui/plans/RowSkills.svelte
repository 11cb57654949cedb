<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import type { Controls } from '@zealous-quill/core/skill';
  import Button from '../kit/Button.svelte';
  import SkillPicker from '../skills/SkillPicker.svelte';
  import { usualRung, withoutSkill, withSkill } from './plan-edits';
  import type { PlanTools } from './plan-tools';
  import { askedText } from './plan-words';

  interface Props {
    row: BlueprintRow;
    tools: PlanTools;
    /** Another skill is being looked for. */
    isAdding: boolean;
    onchange: (next: Partial<BlueprintRow>) => void;
  }

  let { row, tools, isAdding = $bindable(), onchange }: Props = $props();

  const { names, ladders } = $derived(tools);

  const OTHER = 'other controls …';
  /** The skill whose controls are set one by one. */
  let opened = $state<string | null>(null);

  const controlsOf = (skill: string) => (row.controls?.[skill] ?? {}) as Controls;
  const setControls = (skill: string, controls: object) =>
    onchange({ controls: { ...row.controls, [skill]: controls } as typeof row.controls });
  const textOf = (skill: string, controls: Controls) => askedText(skill, controls, names);

  /** What the rungs of a skill ask for, each once, by its text; what the row asks for is among them. */
  function choicesOf(skill: string): Map<string, Controls> {
    const rungs = (ladders[skill] ?? []).map(({ controls }) => controls as Controls);
    return new Map(
      [...rungs, controlsOf(skill)].map((controls) => [textOf(skill, controls), controls])
    );
  }

  function choose(skill: string, chosen: string) {
    opened = chosen === OTHER ? skill : null;
    const controls = choicesOf(skill).get(chosen);
    if (controls) setControls(skill, controls);
  }
</script>

{#each row.skills as skill (skill)}
  <div class="skill">
    <label>
      {names.skill(skill)} with
      <select
        value={opened === skill ? OTHER : textOf(skill, controlsOf(skill))}
        aria-label="Items of {names.skill(skill)}"
        onchange={(event) => choose(skill, event.currentTarget.value)}
      >
        {#each choicesOf(skill).keys() as text (text)}<option value={text}>{text}</option>{/each}
        <option value={OTHER}>{OTHER}</option>
      </select>
    </label>
    {#if row.skills.length > 1}
      <Button kind="quiet" onclick={() => onchange(withoutSkill(row, skill))}
        >leave out<span class="visually-hidden"> {names.skill(skill)}</span></Button
      >
    {/if}
  </div>
  {#if opened === skill}
    {#await import('./RowControls.svelte') then { default: RowControls }}
      <RowControls
        {skill}
        {tools}
        controls={controlsOf(skill)}
        onchange={(controls) => setControls(skill, controls)}
      />
    {/await}
  {/if}
{/each}
{#if isAdding}
  <SkillPicker
    skills={tools.skills}
    value=""
    label="Or items of"
    onpick={(picked) => {
      isAdding = false;
      onchange(withSkill(row, picked, ladders[picked]![usualRung(ladders, picked)]!.controls));
    }}
  />
{/if}

<style>
  .skill {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-3);
    align-items: center;
    margin-top: var(--space-2);
  }
  label {
    flex: 1;
    min-width: 0;
  }
  select {
    width: 100%;
    padding: var(--space-1) var(--space-5) var(--space-1) var(--space-2);
    text-overflow: ellipsis;
  }
</style>
