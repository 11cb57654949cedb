<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import { spreadCount, type Spread } from '@zealous-quill/core/papers';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import { choicesOf } from '../controls/choices';
  import { itemsOf, spreadable, withItems } from './spread';

  interface Props {
    skill: SkillDescription;
    spread: Spread | undefined;
    /** Whether items exist for each choice of each feature; undefined while unknown. */
    possible: Readonly<Record<string, readonly boolean[]>>;
    onchange: (spread: Spread | undefined) => void;
    /** The feature to be spread is no longer asked for as a whole. */
    onfeature: (feature: string) => void;
  }

  let { skill, spread, possible, onchange, onfeature }: Props = $props();

  let chosen = $state<string | null>(null);
  const feature = $derived(
    skill.features.find(({ id }) => id === (chosen ?? spread?.feature)) ?? undefined
  );
</script>

<div class="spread">
  <label>
    Spread
    <Select
      placeholder=""
      value={feature?.id ?? ''}
      onchange={(event) => {
        chosen = event.currentTarget.value;
        onfeature(chosen);
        onchange(undefined);
      }}
    >
      <option value="">nothing: any of them</option>
      {#each spreadable(skill.features) as { id, title } (id)}
        <option value={id}>{title.toLowerCase()}</option>
      {/each}
    </Select>
  </label>
  {#if feature}
    <p class="faint small">So many items with each; empty for none.</p>
    <div class="parts">
      {#each choicesOf(feature) as choice, at (choice.label)}
        {@const isImpossible = possible[feature.id]?.[at] === false}
        <label class:impossible={isImpossible}>
          <span class="figures">{choice.label}</span>
          <Input
            type="number"
            min="0"
            max="40"
            classes={{ input: 'w-14 px-1 py-0' }}
            disabled={isImpossible}
            value={itemsOf(spread, choice) || ''}
            aria-label="Items with {feature.title.toLowerCase()} {choice.label}"
            oninput={(event) => {
              const count = Math.round(Number((event.currentTarget as HTMLInputElement).value));
              onchange(withItems(feature, spread, choice, Math.min(40, Math.max(0, count || 0))));
            }}
          />
        </label>
      {/each}
    </div>
    {#if spread}<p class="small">{spreadCount(spread)} items together.</p>{/if}
  {/if}
</div>

<style>
  .spread {
    padding: var(--space-2) 0;
    border-bottom: 1px solid var(--rule);
  }
  .parts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    padding: var(--space-1) 0;
  }
  .parts label {
    display: grid;
    justify-items: center;
    font-size: var(--text-sm);
  }
  .impossible {
    color: var(--faint);
    text-decoration: line-through;
  }
</style>
