<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    open: boolean;
    title: string;
    size?: 'sm' | 'md';
    children: Snippet;
    /** What stands below a rule, where the acts are. */
    footer?: Snippet;
  }

  let { open = $bindable(), title, size = 'md', children, footer }: Props = $props();

  // Only the page opens it. The browser's notice that it was opened can come after an Escape that
  // was pressed at once, and would open it again.
  function onlyShut(next: boolean) {
    if (!next) open = false;
  }
</script>

<Modal bind:open={() => open, onlyShut} {title} {size} autoclose={false} {children} {footer} />
