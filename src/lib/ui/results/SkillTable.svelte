<script lang="ts">
  import { OWN_QUESTION } from '@zealous-quill/core/catalogue';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Practise from './Practise.svelte';
  import { percent, type Skill } from './table';

  interface Props {
    skills: readonly Skill[];
    /** Scripts of those the practice is for; everyone if there are none. */
    picked: readonly number[];
  }

  let { skills, picked }: Props = $props();

  const columns = [
    { title: 'Skill' },
    { title: 'Items', isNumber: true },
    { title: 'Marks', isNumber: true },
    { title: 'Earned', isNumber: true, meaning: 'share of the marks that the class earned' },
    { title: 'Practice', isHidden: true }
  ];
</script>

<h2>Skills</h2>
<DataTable {columns}>
  {#each skills as { skill, title, items, available, facility } (skill)}
    <tr>
      <td>{title}</td>
      <td class="number">{items}</td>
      <td class="number">{available}</td>
      <td class="number">{facility === null ? '–' : `${percent(facility)} %`}</td>
      <td class="act">
        {#if skill !== OWN_QUESTION}<Practise {skill} what="in {title}" {picked} />{/if}
      </td>
    </tr>
  {/each}
</DataTable>

<style>
  h2 {
    margin-bottom: var(--space-1);
  }
  .act {
    text-align: right;
  }
</style>
