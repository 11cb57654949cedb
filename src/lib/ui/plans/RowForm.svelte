<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import Select from 'flowbite-svelte/Select.svelte';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import Button from '../kit/Button.svelte';
  import BoundsInput from './BoundsInput.svelte';
  import DifficultySelect from './DifficultySelect.svelte';
  import type { PlanTools } from './plan-tools';
  import { presentations } from './plan-words';
  import RowSkills from './RowSkills.svelte';

  interface Props {
    row: BlueprintRow;
    tools: PlanTools;
    sections: readonly string[];
    onchange: (next: Partial<BlueprintRow>) => void;
  }

  let { row, tools, sections, onchange }: Props = $props();

  let isAdding = $state(false);
  const own = $derived(row.own);
  const title = $derived(
    row.skills[0] === undefined ? 'Own question' : tools.names.skill(row.skills[0])
  );
  const together = [2, 3, 4];
</script>

{#if !own}
  <RowSkills {row} {tools} bind:isAdding {onchange} />
{/if}
<div class="how">
  {#if !own}
    <label>
      Presented as
      <Select
        placeholder=""
        class="w-44"
        aria-label="How {title} is presented"
        value={row.kind}
        onchange={(event) => onchange({ kind: event.currentTarget.value as BlueprintRow['kind'] })}
      >
        {#each presentations as [value, word] (value)}<option {value}>{word}</option>{/each}
      </Select>
    </label>
  {/if}
  <span>
    Parts
    <BoundsInput label="parts" value={row.parts} onchange={(parts) => onchange({ parts })} />
  </span>
  {#if own}
    <label>
      Marks
      <NumberInput
        value={own.marks}
        min={1}
        max={50}
        onchange={(marks) => onchange({ own: { ...own, marks: marks! } })}
      />
    </label>
    <label>
      Minutes
      <NumberInput
        value={own.minutes}
        min={0}
        max={120}
        onchange={(minutes) => onchange({ own: { ...own, minutes: minutes! } })}
      />
    </label>
  {:else}
    <span>
      Marks together
      <BoundsInput label="marks" value={row.marks} onchange={(marks) => onchange({ marks })} />
    </span>
    <span>
      Difficulty
      <DifficultySelect
        label="Difficulty of {title}"
        value={row.difficulty}
        onchange={(difficulty) => onchange({ difficulty })}
      />
    </span>
  {/if}
</div>
<div class="how">
  {#if sections.length > 0}
    <label>
      Section
      <select
        class="bare"
        aria-label="Section of {title}"
        value={row.section ?? ''}
        onchange={(event) => onchange({ section: event.currentTarget.value || undefined })}
      >
        {#if row.section === undefined}<option value="">none</option>{/if}
        {#each sections as id (id)}<option value={id}>{id}</option>{/each}
      </select>
    </label>
  {/if}
  {#if !own}
    <select
      class="bare"
      aria-label="Questions of {title}"
      value={row.question?.parts ?? 1}
      onchange={(event) => {
        const parts = Number(event.currentTarget.value);
        onchange({ question: parts === 1 ? undefined : { parts } });
      }}
    >
      <option value={1}>each a question</option>
      {#each together as parts (parts)}
        <option value={parts}>{parts} make a question</option>
      {/each}
      {#if row.question && !together.includes(row.question.parts)}
        <option value={row.question.parts}>{row.question.parts} make a question</option>
      {/if}
    </select>
    {#if row.skills.length > 1}
      <label class="tick">
        <input
          type="checkbox"
          checked={row.cover === true}
          onchange={(event) => onchange({ cover: event.currentTarget.checked || undefined })}
        />
        each skill at least once
      </label>
    {/if}
    {#if !row.spread}
      <Button kind="quiet" onclick={() => (isAdding = true)}
        >or another skill<span class="visually-hidden"> beside {title}</span></Button
      >
    {/if}
  {/if}
</div>

<style>
  .how {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-4);
    align-items: center;
    margin-top: var(--space-2);
  }
</style>
