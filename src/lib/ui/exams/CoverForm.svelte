<script lang="ts">
  import { allowedMinutes, type Cover } from '@zealous-quill/core/exams';
  import { entered } from '../entered';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    style: HouseStyle;
    isFrozen: boolean;
  }

  let { editor, style, isFrozen }: Props = $props();

  let isOpen = $state(false);
  const cover = $derived(editor.exam.cover);
  const seconds = $derived(Math.round(60 * editor.outline.totals.minutes));
  const inShort = $derived(
    [cover.level, cover.date, `${allowedMinutes(editor.exam, seconds)} minutes`, cover.allowed]
      .filter(Boolean)
      .join(' · ')
  );

  const change = (next: Partial<Cover>) =>
    editor.change((exam) => ({ ...exam, cover: { ...exam.cover, ...next } }));
</script>

<section class="leaf" aria-label="Cover">
  <header>
    <h2>Cover</h2>
    <p class="faint">{inShort}</p>
    {#if !isFrozen}
      <Button kind="quiet" aria-expanded={isOpen} onclick={() => (isOpen = !isOpen)}
        >{isOpen ? 'close' : 'change'}<span class="visually-hidden"> the cover</span></Button
      >
    {/if}
  </header>
  {#if isOpen && !isFrozen}
    <div class="fields">
      <label>
        Tier or level
        <input
          maxlength="80"
          value={cover.level}
          onchange={(event) => change({ level: entered(event) })}
        />
      </label>
      <label>
        Date
        <input
          maxlength="40"
          value={cover.date}
          onchange={(event) => change({ date: entered(event) })}
        />
      </label>
      <label>
        Minutes
        <input
          type="number"
          min="1"
          max="600"
          value={cover.minutes ?? ''}
          placeholder={String(allowedMinutes(editor.exam, seconds))}
          onchange={(event) => {
            const minutes = event.currentTarget.valueAsNumber;
            change({ minutes: minutes >= 1 && minutes <= 600 ? Math.round(minutes) : undefined });
          }}
        />
      </label>
      <label class="wide">
        What may be used
        <input
          maxlength="300"
          value={cover.allowed}
          onchange={(event) => change({ allowed: entered(event) })}
        />
      </label>
      <label class="wide">
        Instructions, a line each
        <textarea
          rows="3"
          maxlength="1000"
          value={cover.instructions ?? style.instructions}
          onchange={(event) => change({ instructions: event.currentTarget.value })}></textarea>
      </label>
      <label class="wide">
        Formulas, a line each; maths between $ signs
        <textarea
          rows="2"
          maxlength="1000"
          value={cover.formulas}
          onchange={(event) => change({ formulas: event.currentTarget.value })}></textarea>
      </label>
      {#if cover.formulas.trim()}
        <label>
          They stand on
          <select
            value={cover.formulasAt}
            onchange={(event) =>
              change({ formulasAt: event.currentTarget.value as Cover['formulasAt'] })}
          >
            <option value="cover">the cover</option>
            <option value="last">the last page</option>
          </select>
        </label>
      {/if}
      <p class="wide small faint">
        The department’s name and its usual instructions are those of the
        <a class="quiet-link" href="/house-style">house style</a>.
      </p>
    </div>
  {/if}
</section>

<style>
  section {
    margin-bottom: var(--space-3);
  }
  header {
    display: flex;
    gap: var(--space-3);
    align-items: baseline;
    padding: var(--space-1) var(--space-3);
    background: var(--raised);
  }
  header p {
    flex: 1;
    font-size: var(--text-sm);
  }
  .fields {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    padding: var(--space-2) var(--space-3);
  }
  .wide {
    flex: 1 0 100%;
  }
  label input:not([type='number']),
  textarea {
    display: block;
    width: 100%;
    padding: var(--space-1) var(--space-2);
  }
  input[type='number'] {
    display: block;
    width: 5em;
    padding: var(--space-1) var(--space-2);
  }
</style>
