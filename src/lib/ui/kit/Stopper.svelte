<script lang="ts">
  import Button from './Button.svelte';
  import type { Working } from './working.svelte';

  /** What is being done, in words. */
  let { working, words }: { working: Working; words: string } = $props();
</script>

{#if working.seconds !== null}
  <span role="status">
    {words} … {working.seconds} s
    <Button kind="quiet" onclick={() => working.stop()}>stop</Button>
  </span>
{/if}
