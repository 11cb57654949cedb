<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import type { Strategy } from '@zealous-quill/core/catalogue';

  interface Props {
    ways: readonly Strategy[];
    /** The sum they work, where it can be asked for by itself. */
    sum: string | null;
  }

  let { ways, sum }: Props = $props();

  const columns = [
    { title: 'Way' },
    { title: 'Steps', isNumber: true },
    { title: 'Kept in mind', isNumber: true, meaning: 'digits kept in mind at once, at the most' }
  ];
</script>

{#if ways.length > 0}
  <h3>Ways of working it</h3>
  <DataTable {columns}>
    {#each ways as { title, steps, held, applies, isCheapest, isInHead } (title)}
      <tr>
        <td>
          {title}
          {#if isCheapest}<strong>cheapest</strong>{/if}
          {#if !isInHead}<span class="faint">on paper</span>{/if}
          {#if !applies}<span class="faint">does not suit</span>{/if}
        </td>
        <td class="number">{steps}</td>
        <td class="number">{held}</td>
      </tr>
    {/each}
  </DataTable>
  {#if sum !== null}
    <p class="small">
      <a class="quiet-link" href="/workshop/ways?sum={encodeURIComponent(sum)}"
        >why they suit or not, and each drawn</a
      >
    </p>
  {/if}
{/if}

<style>
  h3 {
    margin-top: var(--space-3);
  }
  strong {
    color: var(--right);
  }
</style>
