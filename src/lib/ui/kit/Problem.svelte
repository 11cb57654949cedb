<script lang="ts">
  import Helper from 'flowbite-svelte/Helper.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    id?: string;
    /** Said aloud at once, as after a refusal; else when there is a pause, as while typing. */
    isUrgent?: boolean;
    children?: Snippet;
  }

  let { id, isUrgent = false, children }: Props = $props();
</script>

<Helper {id} color="red" {...isUrgent ? { role: 'alert' } : { 'aria-live': 'polite' }}>
  {@render children?.()}
</Helper>
