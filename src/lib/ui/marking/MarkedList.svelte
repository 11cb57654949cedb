<script lang="ts">
  import type { Snippet } from 'svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import { day, plural } from '../format';
  import type { WaitingSitting } from './WaitingList.svelte';

  interface Props {
    sittings: readonly (WaitingSitting & { readonly scripts: number })[];
    acts: Snippet<[WaitingSitting]>;
  }

  let { sittings, acts }: Props = $props();

  const columns = [
    { title: 'Class and paper' },
    { title: 'Sat' },
    { title: 'Scripts' },
    { title: 'Where to go', isHidden: true },
    { title: 'Acts', isHidden: true }
  ];
</script>

<DataTable {columns} stacks>
  {#each sittings as sitting (sitting.id)}
    {@const { id, className, title, satOn, scripts } = sitting}
    <tr>
      <td><a href="/marking/{id}"><strong>{className}</strong> {title}</a></td>
      <td class="whitespace-nowrap">{day(satOn)}</td>
      <td>{plural(scripts, 'script')}</td>
      <td><a class="quiet-link" href="/results/{id}">results</a></td>
      <td>{@render acts(sitting)}</td>
    </tr>
  {/each}
</DataTable>

<style>
  td a:hover {
    color: var(--accent);
  }
</style>
