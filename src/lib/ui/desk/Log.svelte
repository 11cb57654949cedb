<script lang="ts">
  import { day, plural } from '../format';
  import { groupBy } from '../group-by';
  import { sameLines } from '../records/same-lines';

  interface Line {
    readonly at: string;
    readonly action: string;
    readonly about: string;
    readonly href: string | null;
  }

  let { lines }: { lines: readonly Line[] } = $props();

  const days = $derived(groupBy(lines, ({ at }) => at.slice(0, 10)));
</script>

{#each days as [date, changes] (date)}
  <details>
    <summary>{day(date)} <span class="faint">{plural(changes.length, 'change')}</span></summary>
    <ul>
      {#each sameLines(changes) as { at, action, about, href, times }, index (index)}
        <li>
          <span class="faint">{at.slice(11, 16)}</span>
          <span
            >{action}: {#if href}<a {href}>{about}</a>{:else}{about}{/if}{times > 1
              ? `, ${times} times`
              : ''}</span
          >
        </li>
      {/each}
    </ul>
  </details>
{:else}
  <p class="faint">Nothing yet.</p>
{/each}

<style>
  details {
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
  }
  summary {
    cursor: pointer;
  }
  li {
    display: flex;
    gap: var(--space-2);
    padding: var(--space-half) 0 var(--space-half) var(--space-4);
    font-size: var(--text-sm);
  }
  a:hover {
    color: var(--accent);
  }
</style>
