<script lang="ts">
  import { checkPlan, lineWords, type Blueprint } from '@zealous-quill/core/exams';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import { offered } from '../plans/trial.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    plan: Blueprint;
    titles: Readonly<Record<string, string>>;
  }

  let { editor, plan, titles }: Props = $props();

  const lines = $derived(checkPlan(plan, editor.outline));
  const broken = $derived(lines.filter(({ isMet }) => !isMet));

  const columns = [
    { title: 'Line of the plan' },
    { title: 'Planned' },
    { title: 'Here', isNumber: true },
    { title: 'Met' }
  ];

  const words = (line: string) => lineWords(plan, line, (skill) => titles[skill] ?? skill);
</script>

<p role="status">
  {#if broken.length === 0}<strong>Every line of the plan is met.</strong>
  {:else}<strong class="broken"
      >✗ {broken.length === 1 ? 'One line is' : `${broken.length} lines are`} not met.</strong
    >{/if}
  <span class="faint">Difficulty and time are estimates.</span>
</p>
<DataTable {columns}>
  {#each lines as { line, said, value, isMet } (line)}
    <tr class:broken={!isMet}>
      <td>{words(line)}</td>
      <td>{said ? offered(said) : ''}</td>
      <td class="number">{value ?? ''}</td>
      <td>{isMet ? '●' : '✗'}<span class="visually-hidden">{isMet ? 'yes' : 'no'}</span></td>
    </tr>
  {/each}
</DataTable>

<style>
  .broken {
    color: var(--slip);
  }
</style>
