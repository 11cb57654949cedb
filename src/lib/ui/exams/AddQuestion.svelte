<script lang="ts">
  import { addSection, partsIn, type PaperPart } from '@zealous-quill/core/exams';
  import type { ListedSkill } from '@zealous-quill/core/catalogue';
  import Select from 'flowbite-svelte/Select.svelte';
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import SkillPicker from '../skills/SkillPicker.svelte';
  import type { ExamEditor } from './exam-editor.svelte';
  import { kindWords } from './words';

  let { editor, skills }: { editor: ExamEditor; skills: readonly ListedSkill[] } = $props();

  let added = $state(untrack(() => skills[0]!.id));
  let addedKind = $state<PaperPart['kind']>('set-out');
  let addedTo = $state('');

  const target = $derived(
    editor.exam.sections.find(({ id }) => id === addedTo) ?? editor.exam.sections.at(-1)!
  );
  const loose = $derived(
    partsIn(editor.exam)
      .filter(({ locked, kind }) => !locked && kind !== 'own')
      .map(({ id }) => id)
  );
</script>

<div class="add">
  <SkillPicker
    {skills}
    value={added}
    label="Skill of the new question"
    onpick={(id) => (added = id)}
  />
  <Select
    placeholder=""
    class="w-40"
    bind:value={addedKind}
    aria-label="How the new question is presented"
  >
    {#each kindWords as [kind, word] (kind)}<option value={kind}>{word}</option>{/each}
  </Select>
  {#if editor.exam.sections.length > 1}
    <Select
      placeholder=""
      class="w-32"
      value={target.id}
      aria-label="Section of the new question"
      onchange={(event) => (addedTo = event.currentTarget.value)}
    >
      {#each editor.exam.sections as { id, title } (id)}
        <option value={id}>{title || 'no heading'}</option>
      {/each}
    </Select>
  {/if}
  <Button disabled={editor.isBusy} onclick={() => editor.add(target.id, addedKind, added)}
    >Add the question</Button
  >
  <Button kind="quiet" onclick={() => editor.add(target.id, 'own', '')}
    >a question of your own</Button
  >
  <Button kind="quiet" onclick={() => editor.change(addSection)}>another section</Button>
  <Button
    kind="quiet"
    disabled={editor.isBusy || loose.length === 0}
    onclick={() => editor.other(loose)}>other items for all that is not kept</Button
  >
</div>
{#if editor.problems['new']}<Problem isUrgent>{editor.problems['new']}</Problem>{/if}

<style>
  .add {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: flex-end;
  }
</style>
