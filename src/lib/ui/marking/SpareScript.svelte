<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';

  interface Props {
    /** What the script is called as long as it has no name. */
    name: string;
    /** Who may have written it: those of the class of whom nothing is marked yet. */
    pupils: readonly { readonly id: number; readonly name: string }[];
    onname: (pupil: { readonly id: number; readonly name: string }) => void;
  }

  let { name, pupils, onname }: Props = $props();

  let chosen = $state(0);
</script>

<div class="leaf">
  <p>{name}: nobody has written on this script yet.</p>
  {#if pupils.length > 0}
    <p class="who">
      <Select placeholder="" class="w-56" bind:value={chosen} aria-label="Who wrote it">
        <option value={0}>Who wrote it?</option>
        {#each pupils as { id, name: own } (id)}<option value={id}>{own}</option>{/each}
      </Select>
      <Button
        disabled={chosen === 0}
        onclick={() => onname(pupils.find(({ id }) => id === chosen)!)}>Give it their name</Button
      >
    </p>
    <p class="faint">The form that was meant for them is left without a name.</p>
  {:else}
    <p class="faint">Something is marked of every pupil of this class already.</p>
  {/if}
</div>

<style>
  .leaf {
    padding: var(--space-3) var(--space-5);
  }
  .who {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: center;
    margin: var(--space-2) 0;
  }
</style>
