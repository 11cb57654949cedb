<script lang="ts">
  import Toast from 'flowbite-svelte/Toast.svelte';
  import { onDestroy } from 'svelte';
  import type { Told } from './told';

  let { told = $bindable() }: { told: Told | null } = $props();

  const SHOWN_FOR = 8000;
  let said: Told | null = null;

  // One thing is said at a time: the next, or time, ends the one before.
  $effect(() => {
    const next = told;
    if (said !== next) said?.done?.();
    said = next;
    if (!next) return;
    const timer = setTimeout(() => (told = null), SHOWN_FOR);
    return () => clearTimeout(timer);
  });
  onDestroy(() => said?.done?.());

  function undo() {
    const taken = told;
    said = null;
    told = null;
    taken?.undo?.();
  }
</script>

{#if told}
  <div class="notice">
    <Toast dismissable={false} role="status">
      {told.text}
      {#if told.undo}<button type="button" onclick={undo}>undo</button>{/if}
    </Toast>
  </div>
{/if}

<style>
  .notice {
    position: fixed;
    right: var(--space-5);
    bottom: var(--space-5);
    z-index: 40;
  }
  button {
    margin-left: var(--space-3);
    text-decoration: underline;
    font-weight: 700;
  }
</style>
