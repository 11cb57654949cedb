<script lang="ts" module>
  export interface WaitingSitting {
    readonly id: number;
    readonly title: string;
    readonly className: string;
    readonly satOn: string;
    readonly marked: number;
    readonly toMark: number;
  }
</script>

<script lang="ts">
  import type { Snippet } from 'svelte';
  import { day } from '../format';
  import { waitedSince, whatIsLeft, whoWaits, type Waiting } from './waiting-words';

  interface Props {
    sittings: readonly WaitingSitting[];
    waiting: Readonly<Record<number, Waiting | undefined>>;
    /** Today as `2026-12-01`. */
    today: string;
    acts?: Snippet<[WaitingSitting]>;
  }

  let { sittings, waiting, today, acts }: Props = $props();
</script>

<ul>
  {#each sittings as sitting (sitting.id)}
    {@const { id, title, className, satOn, marked, toMark } = sitting}
    {@const left = waiting[id]}
    <li class="leaf">
      <a href="/marking/{id}">
        <span class="title"><strong>{className}</strong> {title}</span>
        <span class="left">
          {#if left}<strong>{whatIsLeft(toMark - marked, left)}</strong>{/if}
        </span>
        <span class="faint">
          {#if left}{whoWaits(left)}{/if}
        </span>
        <span class="faint since" title={day(satOn)}>{waitedSince(satOn, today)}</span>
        <span class="bar" aria-hidden="true"
          ><span style:width="{(100 * marked) / Math.max(1, toMark)}%"></span></span
        >
      </a>
      {@render acts?.(sitting)}
    </li>
  {/each}
</ul>

<style>
  li {
    margin-bottom: var(--space-2);
  }
  a {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 var(--space-4);
    padding: var(--space-2) var(--space-4);
  }
  a:hover {
    background: var(--accent-soft);
  }
  .title {
    font-size: var(--text-base);
  }
  .left,
  .since {
    text-align: right;
  }
  .bar {
    grid-column: 1 / -1;
    height: 4px;
    background: var(--raised);
    margin-top: var(--space-2);
  }
  .bar span {
    display: block;
    height: 100%;
    background: var(--accent);
  }
  @media (max-width: 640px) {
    a {
      grid-template-columns: minmax(0, 1fr);
    }
    .left,
    .since {
      text-align: left;
    }
  }
</style>
