<script lang="ts">
  import Helper from 'flowbite-svelte/Helper.svelte';
  import { onMount, type Snippet } from 'svelte';

  interface Props {
    id?: string;
    /** Said aloud at once, as after a refusal; else when there is a pause, as while typing. */
    isUrgent?: boolean;
    children?: Snippet;
  }

  let { id, isUrgent = false, children }: Props = $props();

  let place: HTMLElement;
  onMount(() => {
    if (isUrgent) place.scrollIntoView({ block: 'nearest' });
  });
</script>

<div bind:this={place}>
  <Helper {id} color="red" {...isUrgent ? { role: 'alert' } : { 'aria-live': 'polite' }}>
    {@render children?.()}
  </Helper>
</div>

<style>
  /* Below what stays on top, and above what stays at the foot. */
  div {
    scroll-margin: 5rem;
  }
</style>
