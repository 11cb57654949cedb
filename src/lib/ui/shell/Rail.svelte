<script lang="ts">
  import { page } from '$app/state';
  import { places } from './places';
  import ThemeSwitch from './ThemeSwitch.svelte';

  let { onhelp }: { onhelp: () => void } = $props();

  const isHere = (href: string) =>
    href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href);
</script>

<header class="rail">
  <a class="wordmark" href="/" aria-label="Zealous Quill, to the desk">
    <svg viewBox="0 0 40 44" aria-hidden="true">
      <path class="feather" d="M9 36C13 21 22 9 36 3c-1 14-9 24-22 27" />
      <path class="nib" d="M14 30 7 40" />
    </svg>
    <span>Zealous <br />Quill</span>
  </a>
  <nav aria-label="Places">
    {#each places as { href, title } (href)}
      <a {href} aria-current={isHere(href) ? 'page' : undefined}>{title}</a>
    {/each}
  </nav>
  <div class="foot">
    <a href="/words" aria-current={isHere('/words') ? 'page' : undefined}>Words</a>
    <button type="button" onclick={onhelp} aria-keyshortcuts="?">Keys <kbd>?</kbd></button>
    <ThemeSwitch />
  </div>
</header>

<style>
  .rail {
    position: sticky;
    top: 0;
    height: 100vh;
    display: flex;
    flex-direction: column;
    padding: var(--space-4) 0 var(--space-4) var(--space-4);
    border-right: 3px double var(--margin);
  }
  .wordmark {
    display: flex;
    gap: var(--space-2);
    align-items: center;
    font-family: var(--font-serif);
    font-size: var(--text-lg);
    line-height: 1;
    margin-bottom: var(--space-5);
  }
  .wordmark svg {
    width: 2rem;
    fill: none;
    stroke-width: 2.6;
    stroke-linecap: round;
  }
  .feather {
    stroke: var(--accent);
  }
  .nib {
    stroke: var(--ink);
  }
  nav {
    display: flex;
    flex-direction: column;
  }
  nav a {
    padding: var(--space-2) var(--space-3) var(--space-2) var(--space-2);
    margin-right: -3px;
    border-right: 3px solid transparent;
    font-size: var(--text-base);
  }
  nav a:hover {
    color: var(--accent);
  }
  nav a[aria-current] {
    font-weight: 700;
    background: linear-gradient(to right, transparent, var(--accent-soft));
    border-right-color: var(--accent);
  }
  .foot {
    margin-top: auto;
    display: flex;
    flex-direction: column;
    gap: var(--space-2);
    align-items: flex-start;
    font-size: var(--text-sm);
    color: var(--faint);
  }
  kbd {
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
    background: var(--leaf);
  }
  @media (max-width: 860px) {
    .rail {
      position: static;
      height: auto;
      flex-direction: row;
      flex-wrap: wrap;
      align-items: center;
      gap: var(--space-1) var(--space-4);
      padding: var(--space-2) var(--space-3);
      border-right: 0;
      border-bottom: 3px double var(--margin);
    }
    .wordmark {
      margin: 0;
    }
    .wordmark br {
      display: none;
    }
    .wordmark svg {
      width: 1.3rem;
    }
    nav {
      order: 3;
      width: 100%;
      flex-direction: row;
      flex-wrap: wrap;
    }
    nav a {
      white-space: nowrap;
      border-right: 0;
      margin: 0;
    }
    nav a[aria-current] {
      background: var(--accent-soft);
    }
    .foot {
      flex-direction: row;
      margin: 0 0 0 auto;
      align-items: center;
    }
  }
  /* Eight places in two rows of four. */
  @media (max-width: 560px) {
    nav {
      display: grid;
      grid-template-columns: repeat(4, auto);
    }
    nav a {
      padding: var(--space-1) var(--space-2);
    }
  }
</style>
