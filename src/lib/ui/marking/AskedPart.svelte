<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { OwnQuestion } from '@zealous-quill/core/skills/own-question';
  import { ANSWER } from '@zealous-quill/core/working';
  import Button from '$lib/ui/kit/Button.svelte';
  import TypedText from '../exams/TypedText.svelte';
  import MathText from '../sheet/MathText.svelte';
  import type { MarkingDesk } from './desk.svelte';

  interface Props {
    desk: MarkingDesk;
    style: HouseStyle;
    ondone: () => void;
  }

  /** What an own question asks and is worth, or what a choice is taken from. */
  let { desk, style, ondone }: Props = $props();

  const own = $derived(
    desk.place.item.kind === 'own' ? (desk.place.item.item.given as OwnQuestion) : null
  );
</script>

{#if own}
  <p><TypedText text={own.text} {style} /></p>
  {#if own.guidance}<p class="faint"><TypedText text={own.guidance} {style} /></p>{/if}
{/if}
{#if desk.place.item.options}
  <p class="options">
    {#each desk.place.item.options as { text }, at (text)}
      <Button
        kind="square"
        aria-pressed={desk.state.working[ANSWER] === text}
        onclick={() => {
          desk.write(ANSWER, text);
          ondone();
        }}
        ><strong>{'ABCD'[at]}</strong>&ensp;<span class="figures"><MathText {text} /></span></Button
      >
    {/each}
  </p>
{/if}

<style>
  .options {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    white-space: nowrap;
    margin-top: var(--space-2);
  }
</style>
