<script lang="ts">
  import { formLabel, type Blueprint, type ExamForm } from '@zealous-quill/core/exams';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import TabItem from 'flowbite-svelte/TabItem.svelte';
  import Tabs from 'flowbite-svelte/Tabs.svelte';
  import PageView from '../papers/PageView.svelte';
  import type { ExamEditor } from './exam-editor.svelte';
  import ExamShares from './ExamShares.svelte';
  import FormsPanel from './FormsPanel.svelte';
  import PlanCheck from './PlanCheck.svelte';

  interface Props {
    editor: ExamEditor;
    paperId: number;
    plan: Blueprint | null;
    forms: readonly (Omit<ExamForm, 'given'> & { id: number; name: string | null })[];
    classes: readonly { id: number; name: string; pupils: number }[];
    titles: Readonly<Record<string, string>>;
    style: HouseStyle;
    isFrozen: boolean;
    onplaces: (pages: Readonly<Record<string, number>>) => void;
  }

  let { editor, paperId, plan, forms, classes, titles, style, isFrozen, onplaces }: Props =
    $props();

  const kinds = [
    ['paper', 'Paper'],
    ['key', 'Key'],
    ['scheme', 'Mark scheme'],
    ['solutions', 'Solutions'],
    ['answer-sheet', 'Answer sheet']
  ] as const;

  let form = $state('');
  let size = $state('0');
  const labels = $derived(forms.map((one) => formLabel(one)));
  const more = $derived(
    `${labels.indexOf(form) > 0 ? `&form=${encodeURIComponent(form)}` : ''}${
      size === '0' ? '' : `&size=${size}`
    }`
  );
</script>

<Tabs tabStyle="underline">
  <TabItem open title="Printed page">
    <div class="which">
      {#if forms.length > 1}
        <label>
          Form
          <select bind:value={form}>
            {#each forms as one, at (one.id)}
              <option value={at === 0 ? '' : formLabel(one)}
                >{formLabel(one)}{one.name ? `, ${one.name}` : ''}</option
              >
            {/each}
          </select>
        </label>
      {/if}
      <label>
        Print
        <select bind:value={size}>
          <option value="0">usual size</option>
          <option value="18">18 point</option>
          <option value="24">24 point</option>
        </select>
      </label>
    </div>
    <PageView
      {paperId}
      version={editor.draft.version}
      title={editor.exam.title}
      section={editor.edited}
      {kinds}
      {more}
      onplaces={(pages) => more === '' && onplaces(pages)}
    />
  </TabItem>
  {#if plan}
    <TabItem title="Plan"><PlanCheck {editor} {plan} {titles} /></TabItem>
  {/if}
  <TabItem title="Difficulty"><ExamShares {editor} {titles} {style} /></TabItem>
  <TabItem title="Forms"><FormsPanel {editor} {paperId} {forms} {classes} {isFrozen} /></TabItem>
</Tabs>

<style>
  .which {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-4);
    margin-bottom: var(--space-2);
  }
  select {
    padding: 0 1.6rem 0 var(--space-2);
  }
</style>
