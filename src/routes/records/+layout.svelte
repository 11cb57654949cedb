<script lang="ts">
  import { page } from '$app/state';

  let { children } = $props();

  const views = [
    ['/records', 'Log'],
    ['/records/bin', 'Bin'],
    ['/records/backups', 'Backups'],
    ['/records/names', 'Old names']
  ] as const;
</script>

<h1>Records</h1>
<nav aria-label="Records">
  {#each views as [href, title] (href)}
    <a {href} aria-current={page.url.pathname === href ? 'page' : undefined}>{title}</a>
  {/each}
</nav>
{@render children()}

<style>
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-5);
    border-bottom: 1px solid var(--rule);
    margin: var(--space-2) 0 var(--space-4);
  }
  a {
    padding: var(--space-1) 0;
    border-bottom: 3px solid transparent;
    margin-bottom: -1px;
  }
  a:hover {
    color: var(--accent);
  }
  a[aria-current] {
    font-weight: 700;
    border-bottom-color: var(--accent);
  }
</style>
