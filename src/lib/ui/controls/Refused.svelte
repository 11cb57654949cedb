<script lang="ts">
  import { featureTitle, type SkillDescription } from '@zealous-quill/core/catalogue';
  import { type Controls } from '@zealous-quill/core/skill';
  import Button from '$lib/ui/kit/Button.svelte';
  import { controlText } from './choices';
  import type { Refusal } from './possibilities.svelte';

  interface Props {
    skill: SkillDescription;
    refusal: Refusal;
    controls: Controls;
    onpick: (controls: Controls) => void;
  }

  let { skill, refusal, controls, onpick }: Props = $props();

  let box: HTMLElement;
  // What is said can be long and come late: whatever there is of it is in view.
  $effect(() => {
    void refusal.why;
    box.scrollIntoView({ block: 'nearest' });
  });

  const title = (name: string) => featureTitle(skill, name).toLowerCase();
  const value = $derived(`${title(refusal.feature)} ${refusal.label}`);

  /** What an offer changes beside the value itself. */
  const changes = (offer: Controls) =>
    Object.keys(controls)
      .filter((name) => name !== refusal.feature && offer[name] !== controls[name])
      .map((name) =>
        offer[name] === undefined
          ? `any ${title(name)}`
          : `${title(name)} ${controlText(offer[name])}`
      )
      .join(', ');
</script>

<div class="refused" role="status" bind:this={box}>
  {#if refusal.why === null}
    <p>Looking for what blocks {value} …</p>
  {:else if refusal.why.blocking.length === 0}
    <p>No item of this skill has {value}.</p>
  {:else}
    <p>
      {value} is blocked by
      {#each refusal.why.blocking as name, at (name)}
        {at === 0 ? '' : at === refusal.why.blocking.length - 1 ? ' with ' : ', '}<strong
          >{title(name)} {controlText(controls[name]!)}</strong
        >{/each}.
    </p>
    {#each refusal.why.offers as offer (changes(offer))}
      <Button class="text-sm px-2 py-0" onclick={() => onpick(offer)}>
        {value} with {changes(offer)}
      </Button>
    {/each}
  {/if}
</div>

<style>
  .refused {
    clear: both;
    display: grid;
    justify-items: start;
    gap: var(--space-1);
    margin-top: var(--space-1);
    padding: var(--space-1) var(--space-2);
    background: var(--lamp-soft);
    border-left: 3px solid var(--lamp);
    font-size: var(--text-sm);
    scroll-margin: 4rem;
  }
  p::first-letter {
    text-transform: uppercase;
  }
</style>
