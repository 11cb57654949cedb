<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import type { Outline } from '@zealous-quill/core/papers';
  import { patternKey } from '@zealous-quill/core/skill';
  import { type SkillDescription } from '@zealous-quill/core/catalogue';
  import { plural } from '../format';

  let { outline, skills }: { outline: Outline; skills: readonly SkillDescription[] } = $props();

  const titles = $derived(
    Object.fromEntries(
      skills.flatMap(({ id, title: named, patterns }) =>
        patterns.map(({ id: pattern, title }) => [
          patternKey(id, pattern),
          skills.length > 1 ? `${title} (${named.toLowerCase()})` : title
        ])
      )
    )
  );
  const most = $derived(Math.max(1, ...outline.reveals.shows.map(({ items }) => items)));
</script>

{#if !outline.reveals.shows.some(({ items }) => items > 0)}
  <p class="faint">
    No marked item shows an error pattern yet: add questions, and what they would reveal stands
    here.
  </p>
{:else}
  <p class="small faint">
    On how many of the marked items each error pattern would change the answer.
  </p>
  <DataTable>
    {#each outline.reveals.shows as { pattern, items } (pattern)}
      <tr>
        <td>{titles[pattern]}</td>
        <td class="number">{items}</td>
        <td class="bar"><span style:width="{(100 * items) / most}%"></span></td>
      </tr>
    {/each}
  </DataTable>
  <p class="note">
    {#if outline.reveals.confused.length === 0}
      Every pair of patterns that shows is told apart by some item.
    {:else}
      {plural(outline.reveals.confused.length, 'pair')} that no item tells apart:
      {outline.reveals.confused
        .map(([one, other]) => `${titles[one]} and ${titles[other]?.toLowerCase()}`)
        .join('; ')}.
    {/if}
  </p>
{/if}

<style>
  .bar {
    width: 45%;
    vertical-align: middle;
  }
  .bar span {
    display: block;
    height: 0.7rem;
    background: var(--accent);
  }
  .note {
    margin-top: var(--space-3);
  }
</style>
