<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { plural } from '../format';
  import { waitedSince, whatIsLeft, whoWaits, type Waiting } from '../marking/waiting-words';
  import type { WaitingSitting } from '../marking/WaitingList.svelte';
  import type { NextWork } from './next-work';

  interface Props {
    next: NonNullable<
      NextWork<
        WaitingSitting,
        { id: number; title: string; kind: 'practice' | 'exam'; itemCount: number; marks: number },
        WaitingSitting
      >
    >;
    waiting: Readonly<Record<number, Waiting | undefined>>;
    /** Today as `2026-12-01`. */
    today: string;
  }

  let { next, waiting, today }: Props = $props();
</script>

<section class="leaf next">
  <p class="small faint">What comes next</p>
  {#if next.kind === 'mark'}
    {@const { id, className, title, satOn, marked, toMark } = next.sitting}
    {@const left = waiting[id]}
    <h2>{marked > 0 ? 'Go on marking' : 'Mark'} {className}, {title}</h2>
    {#if left}
      <p>
        {whatIsLeft(toMark - marked, left)}: {waitedSince(satOn, today)}. {whoWaits(left)}.
      </p>
    {/if}
    <Button kind="main" href="/marking/{id}"
      >{marked > 0 ? 'Go on marking' : 'Begin marking'}</Button
    >
  {:else if next.kind === 'sit'}
    {@const { id, title, kind, itemCount, marks } = next.paper}
    <h2>Print {title}</h2>
    <p>
      This {kind} of {plural(itemCount, 'item')} and {plural(marks, 'mark')} has not been sat yet.
    </p>
    <Button kind="main" href="/papers/{id}">Open it</Button>
  {:else}
    {@const { id, className, title } = next.sitting}
    <h2>See what {className} should practise</h2>
    <p>Everything is marked. The newest results are those of {title}.</p>
    <Button kind="main" href="/results/{id}">Look at the results</Button>
  {/if}
</section>

<style>
  .next {
    margin-top: var(--space-3);
    padding: var(--space-4) var(--space-5);
    max-width: 46rem;
    border-left: 6px solid var(--accent);
  }
  h2 {
    font-size: var(--text-xl);
  }
  p {
    margin: var(--space-1) 0 var(--space-3);
  }
  p.small {
    margin: 0;
  }
</style>
