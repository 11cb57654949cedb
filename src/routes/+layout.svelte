<script lang="ts">
  import '../app.css';
  import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
  import { theme } from '$lib/ui/kit/theme';
  import Rail from '$lib/ui/shell/Rail.svelte';
  import { onMount } from 'svelte';

  let { data, children } = $props();
  /** Until the scripts of the page are there, nothing could hear what is typed: so nothing can be typed. */
  let isLive = $state(false);
  onMount(() => (isLive = true));
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

<ThemeProvider {theme}>
  <a class="skip" href="#main">To the content</a>
  <div class="frame">
    <Rail onhelp={() => (isHelpOpen = true)} />
    <main id="main" tabindex="-1" inert={!isLive}>
      {#if data.openWarning}<p class="open">{data.openWarning}</p>{/if}
      {@render children()}
    </main>
  </div>
  {#if isHelpOpen}
    {#await import('$lib/ui/shell/KeyHelp.svelte') then { default: KeyHelp }}
      <KeyHelp bind:open={isHelpOpen} />
    {/await}
  {/if}
</ThemeProvider>

<style>
  .frame {
    display: grid;
    grid-template-columns: 9.6rem minmax(0, 1fr);
    min-height: 100vh;
  }
  main {
    padding: var(--space-4) var(--space-5) var(--space-6);
    outline: none;
    min-width: 0;
  }
  .open {
    margin-bottom: var(--space-3);
    padding: var(--space-1) var(--space-3);
    color: var(--lamp);
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
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
    padding: var(--space-2) var(--space-3);
  }
  @media (max-width: 860px) {
    .frame {
      grid-template-columns: minmax(0, 1fr);
      align-content: start;
    }
    main {
      padding: var(--space-4) var(--space-4) var(--space-5);
    }
  }
</style>
