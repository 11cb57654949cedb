<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { featureTitle, type SkillDescription } from '@zealous-quill/core/catalogue';
  import { type Conflict, type Control, type Controls } from '@zealous-quill/core/skill';
  import { controlText } from '../controls/choices';
  import { tooHard } from '../controls/words';
  import Grouped from './Grouped.svelte';

  interface Props {
    skill: SkillDescription;
    style: HouseStyle;
    controls: Controls;
    count: bigint | null;
    usable: bigint | null;
    conflict: Conflict | null;
    isCounting: boolean;
    isTooHard: boolean;
    onchange: (name: string, control: Control) => void;
  }

  let { skill, style, controls, count, usable, conflict, isCounting, isTooHard, onchange }: Props =
    $props();

  const figures = $derived(count === null ? 1 : count.toString().length);
  const title = (name: string) => featureTitle(skill, name);
</script>

<div class="count" aria-live="polite" aria-busy={isCounting}>
  <p
    class="figure"
    class:empty={count === 0n}
    style:font-size="{Math.max(1.05, 2.9 - figures * 0.065)}rem"
  >
    <strong data-testid="count"
      >{#if count === null}…{:else}<Grouped value={count} {style} />{/if}</strong
    >
    {count === 1n ? 'item' : 'items'}
  </p>
  {#if isTooHard}
    <p>{tooHard(controls)}</p>
  {:else if count === 0n && conflict}
    <p>
      These cannot hold together:
      {#each conflict.conflict as name, at (name)}
        {at > 0 ? (at === conflict.conflict.length - 1 ? ' and ' : ', ') : ''}<strong
          >{title(name)} {controlText(controls[name]!)}</strong
        >{/each}.
    </p>
    <p class="offers">
      {#each Object.entries(conflict.nearest) as [name, control] (name)}
        <button type="button" onclick={() => onchange(name, control)}>
          {title(name)}
          {controlText(control)} instead
        </button>
      {:else}
        No single one of them can be changed to make it work; let go of two.
      {/each}
    </p>
  {:else if count !== null && usable !== null}
    <p class="faint">
      exactly{#if usable < count}; <Grouped value={usable} {style} /> if the order of the numbers does
        not count{/if}
    </p>
  {/if}
</div>

<style>
  .figure {
    line-height: 1.1;
  }
  .figure strong {
    font-family: var(--font-figures);
  }
  .empty {
    color: var(--slip);
  }
  .offers {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    margin-top: var(--space-1);
  }
  .offers button {
    border: 1px solid var(--accent);
    color: var(--accent);
    padding: var(--space-half) var(--space-2);
    background: var(--leaf);
  }
  .offers button:hover {
    background: var(--accent-soft);
  }
</style>
