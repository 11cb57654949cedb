<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import type { ListedSkill } from '@zealous-quill/core/catalogue';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '../kit/Button.svelte';
  import BoundsInput from './BoundsInput.svelte';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import type { Ladders } from './plan-edits';
  import RowSkills from './RowSkills.svelte';

  interface Props {
    row: BlueprintRow;
    skills: readonly ListedSkill[];
    ladders: Ladders;
    /** The sections that it can stand in; none where the plan has none. */
    sections: readonly string[];
    isOnly: boolean;
    onchange: (next: Partial<BlueprintRow>) => void;
    onremove: () => void;
  }

  let { row, skills, ladders, sections, isOnly, onchange, onremove }: Props = $props();

  let isAdding = $state(false);
  const own = $derived(row.own);
  const title = $derived(
    skills.find((one) => one.id === row.skills[0])?.title ?? row.skills[0] ?? 'Own question'
  );

  const kinds = [
    ['set-out', 'set out in squares'],
    ['bare', 'answer only'],
    ['choice', 'choice of four'],
    ['show-working', 'show your working']
  ] as const;
  const together = [2, 3, 4];
</script>

<li class="leaf">
  <div class="what">
    <div class="skills">
      {#if own}
        <strong>Own question</strong>
      {:else}
        <RowSkills {row} {skills} {ladders} bind:isAdding {onchange} />
      {/if}
    </div>
    {#if !own}
      <Select
        placeholder=""
        class="w-38"
        aria-label="How {title} is presented"
        value={row.kind}
        onchange={(event) => onchange({ kind: event.currentTarget.value as BlueprintRow['kind'] })}
      >
        {#each kinds as [value, word] (value)}<option {value}>{word}</option>{/each}
      </Select>
    {/if}
  </div>
  <div class="how">
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
        Marks
        <BoundsInput label="marks" value={row.marks} onchange={(marks) => onchange({ marks })} />
      </span>
      <span>
        Difficulty
        <BoundsInput
          label="difficulty"
          step={0.1}
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
    <Button kind="quiet" class="ml-auto" disabled={isOnly} onclick={onremove}
      >remove<span class="visually-hidden"> {title}</span></Button
    >
  </div>
</li>

<style>
  li {
    padding: var(--space-2) var(--space-4);
    margin-bottom: var(--space-2);
  }
  .what,
  .how {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-3);
    align-items: center;
  }
  .what {
    align-items: flex-start;
  }
  .how {
    gap: var(--space-1) var(--space-4);
    margin-top: var(--space-1);
    color: var(--faint);
  }
  .skills {
    flex: 1 1 20rem;
  }
</style>
