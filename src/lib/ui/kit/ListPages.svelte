<script lang="ts">
  import { page as here } from '$app/state';
  import { plural } from '../format';

  interface Props {
    total: number;
    page: number;
    pages: number;
    /** What one row is. */
    noun: string;
  }

  let { total, page, pages, noun }: Props = $props();

  function at(number: number): string {
    const asked = new URLSearchParams(here.url.searchParams);
    asked.set('page', String(number));
    return `?${asked}`;
  }
</script>

<nav aria-label="Pages of the list">
  <span class="faint">
    {plural(total, noun)}, newest first{pages > 1 ? `: page ${page} of ${pages}` : ''}
  </span>
  {#if page > 1}<a class="quiet-link" href={at(page - 1)} rel="prev">newer</a>{/if}
  {#if page < pages}<a class="quiet-link" href={at(page + 1)} rel="next">older</a>{/if}
</nav>

<style>
  nav {
    display: flex;
    gap: var(--space-4);
    margin-top: var(--space-2);
    font-size: var(--text-sm);
  }
</style>
