<script lang="ts">
  import type { Blueprint } from '@zealous-quill/core/exams';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '../kit/Button.svelte';
  import BoundsInput from './BoundsInput.svelte';
  import DifficultySelect from './DifficultySelect.svelte';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import { type Unmet, tidy } from './plan-edits';
  import { wholeWords } from './plan-words';

  interface Props {
    plan: Blueprint;
    /** Whose items of late are not to be asked again; null if nobody's. */
    unmet: Unmet | null;
    classes: readonly { readonly id: number; readonly name: string }[];
    onchange: (next: Partial<Blueprint>) => void;
    onunmet: (next: Unmet | null) => void;
  }

  let { plan, unmet, classes, onchange, onunmet }: Props = $props();

  let isOpen = $state(false);
  const words = $derived.by(() => {
    const [first = '', ...rest] = wholeWords(plan);
    return [first.charAt(0).toUpperCase() + first.slice(1), ...rest].join(' · ');
  });

  const changeDifficulty = (
    name: 'mean' | 'easy' | 'middling' | 'hard',
    value: object | undefined
  ) => onchange({ difficulty: tidy({ ...plan.difficulty, [name]: value }) });
</script>

<section class="whole leaf" aria-label="The whole paper">
  <label>
    Marks
    <NumberInput
      value={plan.total}
      min={1}
      max={300}
      onchange={(total) => onchange({ total: total! })}
    />
  </label>
  <label>
    Minutes, at most
    <NumberInput
      value={plan.minutes?.max}
      min={1}
      max={1000}
      isOpen
      onchange={(max) => onchange({ minutes: max === undefined ? undefined : { max } })}
    />
  </label>
  <p class="asks">
    <span>{words === '' ? 'Any difficulty, in any order' : words}</span>
    <Button kind="quiet" aria-expanded={isOpen} onclick={() => (isOpen = !isOpen)}
      >{isOpen ? 'close' : 'change'}<span class="visually-hidden"> the difficulty</span></Button
    >
  </p>
  {#if isOpen}
    <span>
      Mean difficulty
      <DifficultySelect
        label="Mean difficulty"
        value={plan.difficulty?.mean}
        onchange={(value) => changeDifficulty('mean', value)}
      />
    </span>
    {#each ['easy', 'middling', 'hard'] as const as band (band)}
      <span>
        {band[0]!.toUpperCase() + band.slice(1)} marks
        <BoundsInput
          label="share of {band} marks"
          step={5}
          scale={100}
          unit="%"
          value={plan.difficulty?.[band]}
          onchange={(value) => changeDifficulty(band, value)}
        />
      </span>
    {/each}
    <label class="tick">
      <input
        type="checkbox"
        checked={plan.rising === true}
        onchange={(event) => onchange({ rising: event.currentTarget.checked || undefined })}
      />
      Questions rise in difficulty
    </label>
  {/if}
  {#if classes.length > 0}
    <span class="met">
      <label>
        Items are new to
        <Select
          placeholder=""
          class="w-48"
          aria-label="Class to which the items are new"
          value={unmet?.classId ?? 0}
          onchange={(event) => {
            const classId = Number(event.currentTarget.value);
            onunmet(classId === 0 ? null : { classId, weeks: unmet?.weeks ?? 52 });
          }}
        >
          <option value={0}>nobody in particular</option>
          {#each classes as { id, name } (id)}<option value={id}>{name}</option>{/each}
        </Select>
      </label>
      {#if unmet}
        <label>
          for
          <NumberInput
            value={unmet.weeks}
            min={1}
            max={520}
            onchange={(weeks) => onunmet({ ...unmet, weeks: weeks! })}
          />
          weeks
        </label>
      {/if}
    </span>
  {/if}
</section>

<style>
  .whole {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: var(--space-2) var(--space-5);
    padding: var(--space-3) var(--space-4);
    margin-bottom: var(--space-3);
  }
  .whole > span,
  .whole > label:not(.tick) {
    display: flex;
    justify-content: space-between;
    gap: var(--space-3);
    align-items: baseline;
  }
  .asks {
    display: flex;
    grid-column: 1 / -1;
    justify-content: space-between;
    gap: var(--space-4);
  }
  .met label {
    display: flex;
    gap: var(--space-2);
    align-items: center;
  }
  .whole > .met {
    grid-column: 1 / -1;
    justify-content: flex-start;
    flex-wrap: wrap;
  }
</style>
