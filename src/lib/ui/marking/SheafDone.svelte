<script lang="ts">
  import { plural } from '../format';
  import Button from '../kit/Button.svelte';

  interface Props {
    /** What the pile is gone through by. */
    by: 'script' | 'question';
    sittingId: number;
    /** Scripts of the sitting. */
    scripts: number;
    /** Opens the next script or question; null after the last. */
    onnext: (() => void) | null;
  }

  let { by, sittingId, scripts, onnext }: Props = $props();
</script>

<p class="done">
  {by === 'script' ? 'This script' : 'This question'} is marked.
  {#if onnext}
    <Button kind="main" onclick={onnext}>Next {by === 'script' ? 'script' : 'question'}</Button>
  {:else}
    <Button kind="main" href="/results/{sittingId}">To the results</Button>
  {/if}
  <span class="faint">{plural(scripts, 'script')} in the pile</span>
</p>

<style>
  .done {
    display: flex;
    gap: var(--space-4);
    align-items: center;
    margin-top: var(--space-4);
  }
</style>
