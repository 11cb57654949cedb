<script lang="ts">
  import { day, plural } from '../format';

  interface Sitting {
    readonly id: number;
    readonly title: string;
    readonly className: string;
    readonly satOn: string;
    readonly scripts: number;
    readonly marked: number;
    readonly toMark: number;
  }

  let { sittings, to }: { sittings: readonly Sitting[]; to: 'marking' | 'results' } = $props();
</script>

<ul>
  {#each sittings as { id, title, className, satOn, scripts, marked, toMark } (id)}
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
