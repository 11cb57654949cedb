<script lang="ts">
  import { alikeIn, type Likeness } from '@zealous-quill/core/exams';
  import MathText from '../sheet/MathText.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  let { editor }: { editor: ExamEditor } = $props();

  const parts = $derived(
    editor.outline.parts
      .filter(({ facts }) => facts.line !== '')
      .map(({ label, facts }) => ({ id: label, line: facts.line, answer: facts.answer }))
  );
  const alike = $derived(alikeIn(parts));
  const lines = $derived(new Map(parts.map(({ id, line }) => [id, line])));

  function reason(likeness: Likeness): string {
    switch (likeness.why) {
      case 'number':
        return `both have ${likeness.number}`;
      case 'answer':
        return `both come to ${likeness.answer}`;
      case 'digit':
        return 'they differ by one digit';
      case 'story':
        return 'they tell the same story';
    }
  }
</script>

<h3>Nearly alike</h3>
{#if alike.length === 0}
  <p>
    No two parts have a long number or answer in common, differ by one digit, or tell the same
    story.
  </p>
{:else}
  <ul>
    {#each alike as { parts: [one, other], likeness } (`${one} ${other}`)}
      <li>
        <strong>{one}</strong> and <strong>{other}</strong>: {reason(likeness)}
        <span class="faint figures"
          >(<MathText text={lines.get(one) ?? ''} />; <MathText
            text={lines.get(other) ?? ''}
          />)</span
        >
      </li>
    {/each}
  </ul>
{/if}

<style>
  h3 {
    margin-top: var(--space-3);
  }
</style>
