<script lang="ts">
  import type { BlueprintRow } from '@zealous-quill/core/exams';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '../kit/Button.svelte';
  import BoundsInput from './BoundsInput.svelte';

  type RowControls = NonNullable<BlueprintRow['controls']>[string];
  interface Props {
    row: BlueprintRow;
    /** What is asked, in words. */
    title: string;
    /** What the row can start from: the rungs of its skill's ladder. */
    rungs: readonly { readonly title: string; readonly controls: RowControls }[];
    isOnly: boolean;
    onchange: (next: Partial<BlueprintRow>) => void;
    onremove: () => void;
  }

  let { row, title, rungs, isOnly, onchange, onremove }: Props = $props();

  const skill = $derived(row.skills[0]);
  const own = $derived(row.own);
  const rung = $derived(
    rungs.findIndex(
      ({ controls }) =>
        JSON.stringify(controls) === JSON.stringify(row.controls?.[skill ?? ''] ?? {})
    )
  );

  const kinds = [
    ['set-out', 'set out in squares'],
    ['bare', 'answer only'],
    ['choice', 'choice of four'],
    ['show-working', 'show your working']
  ] as const;
</script>

<li class="leaf">
  <div class="what">
    <strong>{title}</strong>
    {#if skill}
      <Select
        placeholder=""
        class="w-44"
        aria-label="Items of {title}"
        value={rung}
        onchange={(event) => {
          const chosen = rungs[Number(event.currentTarget.value)];
          if (chosen) onchange({ controls: { [skill]: chosen.controls } });
        }}
      >
        {#if rung < 0}<option value={-1}>controls of its own</option>{/if}
        {#each rungs as { title: word }, at (at)}
          <option value={at}>as rung {word}</option>
        {/each}
      </Select>
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
    <Button kind="quiet" class="ml-auto" disabled={isOnly} onclick={onremove}
      >remove<span class="visually-hidden"> {title}</span></Button
    >
  </div>
  <div class="how">
    <span>
      Parts
      <BoundsInput label="parts" value={row.parts} onchange={(parts) => onchange({ parts })} />
    </span>
    {#if own}
      <label>
        Marks
        <input
          type="number"
          min="1"
          max="50"
          value={own.marks}
          onchange={(event) =>
            onchange({ own: { ...own, marks: Number(event.currentTarget.value) } })}
        />
      </label>
      <label>
        Minutes
        <input
          type="number"
          min="0"
          max="120"
          value={own.minutes}
          onchange={(event) =>
            onchange({ own: { ...own, minutes: Number(event.currentTarget.value) } })}
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
  .how {
    gap: var(--space-1) var(--space-4);
    margin-top: var(--space-1);
    color: var(--faint);
  }
  .what strong {
    width: 8.5rem;
  }
  input[type='number'] {
    width: 3.6em;
    padding: 0 var(--space-1);
    text-align: right;
  }
</style>
