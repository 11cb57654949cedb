<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** The word that is explained. */
    term: string;
    /** What it means; shown under the word when it is pressed. */
    children: Snippet;
  }

  let { term, children }: Props = $props();
  let isOpen = $state(false);
  const id = $props.id();
</script>

<button type="button" aria-expanded={isOpen} aria-controls={id} onclick={() => (isOpen = !isOpen)}
  >{term}</button
>
<span {id} class="meaning" hidden={!isOpen}>{@render children()}</span>

<style>
  button {
    color: inherit;
    text-align: left;
    text-decoration: underline dotted;
    text-underline-offset: 3px;
  }
  .meaning {
    display: block;
    font-family: var(--font-sans);
    font-size: var(--text-sm);
    color: var(--faint);
  }
  .meaning[hidden] {
    display: none;
  }
</style>
