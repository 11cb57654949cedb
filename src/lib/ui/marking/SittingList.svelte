<script lang="ts" module>
  export interface ListedSitting {
    readonly id: number;
    readonly title: string;
    readonly className: string;
    readonly satOn: string;
    readonly scripts: number;
    readonly marked: number;
    readonly toMark: number;
  }
</script>

<script lang="ts">
  import type { Snippet } from 'svelte';
  import { day, plural } from '../format';

  interface Props {
    sittings: readonly ListedSitting[];
    to: 'marking' | 'results';
    /** What each could be removed with, in a form under it. */
    acts?: Snippet<[ListedSitting]>;
  }

  let { sittings, to, acts }: Props = $props();
</script>

<ul>
  {#each sittings as sitting (sitting.id)}
    {@const { id, title, className, satOn, scripts, marked, toMark } = sitting}
    <li class="leaf">
      <a href="/{to}/{id}">
        <span class="title"><strong>{className}</strong> {title}</span>
        <span class="faint">{day(satOn)} · {plural(scripts, 'script')}</span>
        <span class="pile" class:done={marked === toMark}>
          {marked === toMark ? '● all marked' : `${toMark - marked} of ${toMark} left`}
        </span>
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
    position: relative;
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
  .pile {
    grid-column: 2;
    grid-row: 1;
    text-align: right;
  }
  .pile.done {
    color: var(--right);
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
</style>
