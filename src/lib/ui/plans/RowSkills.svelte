<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import type { ListedSkill } from '@zealous-quill/core/catalogue';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '../kit/Button.svelte';
  import SkillPicker from '../skills/SkillPicker.svelte';
  import { usualRung, type Ladders, withoutSkill, withSkill } from './plan-edits';

  interface Props {
    row: BlueprintRow;
    skills: readonly ListedSkill[];
    ladders: Ladders;
    /** Another skill is being looked for. */
    isAdding: boolean;
    onchange: (next: Partial<BlueprintRow>) => void;
  }

  let { row, skills, ladders, isAdding = $bindable(), onchange }: Props = $props();

  const title = (id: string) => skills.find((one) => one.id === id)?.title ?? id;
  const rungOf = (skill: string) =>
    (ladders[skill] ?? []).findIndex(
      ({ controls }) => JSON.stringify(controls) === JSON.stringify(row.controls?.[skill] ?? {})
    );
</script>

<div>
  {#each row.skills as skill (skill)}
    {@const rung = rungOf(skill)}
    <div class="skill">
      <strong>{title(skill)}</strong>
      <Select
        placeholder=""
        class="w-44"
        aria-label="Items of {title(skill)}"
        value={rung}
        onchange={(event) => {
          const chosen = ladders[skill]?.[Number(event.currentTarget.value)];
          if (chosen) onchange({ controls: { ...row.controls, [skill]: chosen.controls } });
        }}
      >
        {#if rung < 0}<option value={-1}>controls of its own</option>{/if}
        {#each ladders[skill] ?? [] as { title: word }, at (at)}
          <option value={at}>as rung {word}</option>
        {/each}
      </Select>
      {#if row.skills.length > 1}
        <Button kind="quiet" onclick={() => onchange(withoutSkill(row, skill))}
          >leave out<span class="visually-hidden"> {title(skill)}</span></Button
        >
      {/if}
    </div>
  {/each}
</div>
{#if isAdding}
  <SkillPicker
    {skills}
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
  }
  .skill + .skill {
    margin-top: var(--space-1);
  }
  strong {
    width: 8.5rem;
  }
</style>
