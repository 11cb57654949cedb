<script lang="ts">
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import { day, plural } from '../format';
  import Spread from './Spread.svelte';
  import { meanOf } from './spread';
  import { percent } from './table';

  interface Props {
    sittings: readonly {
      readonly id: number;
      readonly title: string;
      readonly className: string;
      readonly satOn: string;
    }[];
    results: Readonly<
      Record<
        number,
        {
          readonly shares: readonly number[];
          readonly unfinished: number;
          readonly pattern: { readonly title: string; readonly scripts: number } | null;
        }
      >
    >;
  }

  let { sittings, results }: Props = $props();

  const columns = [
    { title: 'Class and paper' },
    { title: 'Sat' },
    { title: 'Mean, %', isNumber: true },
    { title: 'Spread, 0 to 100 %' },
    { title: 'Seen on most scripts' },
    { title: 'Unfinished' }
  ];
</script>

<DataTable {columns} stacks>
  {#each sittings as { id, title, className, satOn } (id)}
    {@const { shares, unfinished, pattern } = results[id]!}
    <tr>
      <td><a href="/results/{id}"><strong>{className}</strong> {title}</a></td>
      <td class="whitespace-nowrap">{day(satOn)}</td>
      <td class="number" data-label="mean, %">{percent(meanOf(shares))}</td>
      <td
        >{#if shares.length > 0}<Spread {shares} />{/if}</td
      >
      <td>
        {#if pattern}
          {pattern.title} <span class="faint">on {plural(pattern.scripts, 'script')}</span>
        {/if}
      </td>
      <td>
        {#if unfinished > 0}{plural(unfinished, 'script')}{:else}<span class="all"
            >● all marked</span
          >{/if}
      </td>
    </tr>
  {/each}
</DataTable>
<p class="faint small">Mean and spread are of the scripts that are marked as a whole.</p>

<style>
  a:hover {
    color: var(--accent);
  }
  .all {
    color: var(--right);
  }
</style>
