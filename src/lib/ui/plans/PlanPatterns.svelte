<script lang="ts">
  import type { Blueprint } from '@zealous-quill/core/exams';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';

  /** The error patterns of a skill, by their keys. */
  export interface SkillPatterns {
    readonly skill: string;
    readonly title: string;
    readonly patterns: readonly { readonly key: string; readonly title: string }[];
  }
  interface Props {
    plan: Blueprint;
    /** Of the skills that rows ask for. */
    known: readonly SkillPatterns[];
    onchange: (patterns: Blueprint['patterns']) => void;
  }

  let { plan, known, onchange }: Props = $props();

  const asked = $derived(Object.entries(plan.patterns ?? {}));
  const titleOf = (key: string) =>
    known.flatMap(({ patterns }) => patterns).find((one) => one.key === key)?.title ?? key;
  const skillOf = (key: string) =>
    known.find(({ patterns }) => patterns.some((one) => one.key === key))?.title ?? '';

  function remove(key: string) {
    const left = asked.filter(([own]) => own !== key);
    onchange(left.length > 0 ? Object.fromEntries(left) : undefined);
  }
</script>

<section class="leaf" aria-label="Error patterns that show">
  {#if asked.length > 0}
    <ul>
      {#each asked as [key, least] (key)}
        <li>
          at least
          <NumberInput
            value={least}
            min={1}
            max={100}
            label="Parts that show {titleOf(key)}"
            onchange={(count) => onchange({ ...plan.patterns, [key]: count! })}
          />
          <span class="what">
            {least === 1 ? 'part' : 'parts'} that would show <em>{titleOf(key)}</em>
            <span class="faint">({skillOf(key).toLowerCase()})</span>
          </span>
          <Button kind="quiet" class="ml-auto" onclick={() => remove(key)}
            >remove<span class="visually-hidden"> {titleOf(key)}</span></Button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <Select
    placeholder=""
    class="w-full"
    aria-label="An error pattern that parts would show"
    value=""
    onchange={(event) => {
      const key = event.currentTarget.value;
      if (key) onchange({ ...plan.patterns, [key]: 1 });
      event.currentTarget.value = '';
    }}
  >
    <option value="">An error that parts of the paper would show …</option>
    {#each known as { skill, title, patterns } (skill)}
      <optgroup label={title}>
        {#each patterns as { key, title: words } (key)}
          <option value={key} disabled={plan.patterns?.[key] !== undefined}>{words}</option>
        {/each}
      </optgroup>
    {/each}
  </Select>
</section>

<style>
  section {
    padding: var(--space-2) var(--space-4);
    margin-top: var(--space-3);
  }
  li {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
    padding-bottom: var(--space-1);
  }
  .what {
    min-width: 0;
  }
</style>
