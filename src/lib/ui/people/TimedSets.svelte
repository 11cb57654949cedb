<script lang="ts">
  import { day, plural } from '../format';

  interface TimedSet {
    readonly id: number;
    readonly title: string;
    readonly items: number;
    readonly sheets: number;
    readonly createdAt: string;
    readonly pupils: number;
  }

  /** The sheets of quick practice that were kept for a class. */
  let { classId, sets }: { classId: number; sets: readonly TimedSet[] } = $props();
</script>

{#if sets.length > 0}
  <section class="timed" aria-label="Timed practice">
    <h2>Timed practice</h2>
    <ul>
      {#each sets as { id, title, items, sheets, createdAt, pupils } (id)}
        <li>
          <a class="quiet-link" href="/classes/{classId}/timed/{id}">{title}</a>
          <span class="faint"
            >{plural(sheets, 'sheet')} of {plural(items, 'item')}, {day(createdAt)}; noted of {plural(
              pupils,
              'pupil'
            )}</span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  section {
    margin-top: var(--space-4);
  }
  li {
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
  }
  li a:hover {
    color: var(--accent);
  }
</style>
