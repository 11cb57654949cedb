<script lang="ts">
  import type { Blueprint } from '@zealous-quill/core/exams';
  import Button from '$lib/ui/kit/Button.svelte';
  import BoundsInput from './BoundsInput.svelte';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import { tidy, withoutSection } from './plan-edits';

  type Section = NonNullable<Blueprint['sections']>[number];
  interface Props {
    plan: Blueprint;
    onchange: (plan: Blueprint) => void;
  }

  let { plan, onchange }: Props = $props();

  const change = (id: string, next: Partial<Section>) =>
    onchange({
      ...plan,
      sections: plan.sections!.map((one) => (one.id === id ? tidy({ ...one, ...next }) : one))
    });
</script>

<ul class="leaf" aria-label="Sections of the plan">
  {#each plan.sections ?? [] as section (section.id)}
    <li>
      <strong>Section {section.id}</strong>
      <label class="tick">
        <input
          type="checkbox"
          checked={section.calculator === true}
          onchange={(event) =>
            change(section.id, { calculator: event.currentTarget.checked || undefined })}
        />
        calculator
      </label>
      <span>
        Marks
        <BoundsInput
          label="marks of section {section.id}"
          value={section.marks}
          onchange={(marks) => change(section.id, { marks })}
        />
      </span>
      <label>
        Minutes, at most
        <NumberInput
          value={section.minutes?.max}
          min={1}
          max={1000}
          isOpen
          label="Most minutes of section {section.id}"
          onchange={(max) =>
            change(section.id, { minutes: max === undefined ? undefined : { max } })}
        />
      </label>
      <Button
        kind="quiet"
        class="ml-auto"
        onclick={() => onchange(withoutSection(plan, section.id))}
        >remove<span class="visually-hidden"> section {section.id}</span></Button
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    padding: var(--space-2) var(--space-4);
    margin-bottom: var(--space-3);
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-3);
    align-items: baseline;
    padding: var(--space-1) 0;
  }
</style>
