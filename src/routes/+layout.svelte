<script lang="ts">
  import '../app.css';
  import Rail from '$lib/ui/shell/Rail.svelte';

  let { children } = $props();
  let isHelpOpen = $state(false);

  function help(event: KeyboardEvent) {
    const field = event.target as HTMLElement;
    const isTyping = field.matches('textarea, input[type="text"]:not([data-digits])');
    if (event.key !== '?' || isTyping) return;
    event.preventDefault();
    isHelpOpen = !isHelpOpen;
  }
</script>

<svelte:window onkeydown={help} />

<a class="skip" href="#main">To the content</a>
<div class="frame">
  <Rail onhelp={() => (isHelpOpen = true)} />
  <main id="main" tabindex="-1">{@render children()}</main>
</div>
{#if isHelpOpen}
  {#await import('$lib/ui/shell/KeyHelp.svelte') then { default: KeyHelp }}
    <KeyHelp bind:open={isHelpOpen} />
  {/await}
{/if}

<style>
  .frame {
    display: grid;
    grid-template-columns: 9.6rem minmax(0, 1fr);
    min-height: 100vh;
  }
  main {
    padding: 1.2rem 1.6rem 2.5rem;
    outline: none;
    min-width: 0;
  }
  .skip {
    position: absolute;
    left: -999px;
  }
  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    z-index: 50;
    background: var(--leaf);
    padding: 0.4rem 0.8rem;
  }
  @media (max-width: 860px) {
    .frame {
      grid-template-columns: minmax(0, 1fr);
      align-content: start;
    }
    main {
      padding: 1rem 0.9rem 2rem;
    }
  }
</style>
