<script lang="ts">
  import { readAs } from '@zealous-quill/core/marking';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { MarkingDesk } from './desk.svelte';

  interface Props {
    desk: MarkingDesk;
    style: HouseStyle;
    inputs: Record<string, HTMLInputElement>;
    /** Goes back to the answer. */
    onback: () => void;
  }

  /** What is asked for beside the answer, with what was read of it. */
  let { desk, style, inputs = $bindable(), onback }: Props = $props();

  function keys(event: KeyboardEvent) {
    if (event.key !== 'ArrowUp') return;
    event.preventDefault();
    onback();
  }
</script>

{#each desk.apart as step (step.id)}
  {@const text = desk.state.working[step.id] ?? ''}
  {@const read = text === '' ? undefined : readAs(step, text)}
  {@const seen = read === undefined ? '' : step.reading.print(read)}
  <label>
    {desk.worked.label(step, style)}
    <input
      bind:this={inputs[step.id]}
      type="text"
      autocomplete="off"
      maxlength="80"
      data-digits
      value={text}
      oninput={(event) => desk.write(step.id, event.currentTarget.value)}
      onkeydown={keys}
    />
    {#if seen !== '' && seen !== text.trim().toLowerCase()}<span class="faint">{seen}</span>{/if}
  </label>
{/each}

<style>
  label {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
    margin-top: var(--space-2);
  }
  input {
    flex: 0 1 11rem;
    min-width: 0;
    padding: var(--space-1) var(--space-2);
    font-size: var(--text-lg);
  }
</style>
