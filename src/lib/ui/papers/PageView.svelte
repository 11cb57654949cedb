<script lang="ts">
  import { tick } from 'svelte';
  import type { Reply } from '$lib/contract/replies';
  import { askServer } from '$lib/ui/ask-server';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';

  interface Props {
    paperId: number;
    /** The saved version that is shown. */
    version: number;
    title: string;
    /** The section that is followed. */
    section: string | null;
    /** What can be printed, by what it is called in an address. */
    kinds?: readonly (readonly [kind: string, title: string])[];
    /** What else an address says of the print: a form, a size. */
    more?: string;
    /** Told on which page each section begins. */
    onplaces?: (pages: Readonly<Record<string, number>>) => void;
  }

  const practice = [
    ['paper', 'Paper'],
    ['key', 'Key'],
    ['solutions', 'Solutions']
  ] as const;

  let { paperId, version, title, section, kinds = practice, more = '', onplaces }: Props = $props();

  let kind = $state('paper');
  let pages: HTMLElement;

  interface Print extends Reply<'pages'> {
    readonly query: string;
  }
  /** The pages that are shown: those of before until it is known what the next are. */
  let print = $state.raw<Print | null>(null);

  const query = $derived(`kind=${kind}&version=${version}${more}`);
  const name = $derived((kinds.find(([one]) => one === kind)?.[1] ?? '').toLowerCase());

  /** Seconds for which the next is being laid out, once that is worth saying. */
  let seconds = $state<number | null>(null);
  let problem = $state('');
  let stop = $state.raw<() => void>(() => undefined);

  $effect(() => {
    const asked = query;
    const leaving = new AbortController();
    const since = Date.now();
    const clock = setInterval(() => (seconds = Math.floor((Date.now() - since) / 1000)), 1000);
    const end = (said: string) => {
      clearInterval(clock);
      seconds = null;
      problem = said;
    };
    stop = () => {
      leaving.abort();
      end('This was stopped. What stands here is of before.');
    };
    const { signal } = leaving;
    const address = `/papers/${paperId}/pages?${asked}`;
    void askServer('pages', address, { signal, advice: '' }).then((answer) => {
      if (signal.aborted) return;
      end(answer.ok ? '' : answer.message);
      if (!answer.ok) return;
      print = { query: asked, ...answer.reply };
      if (kind === 'paper') {
        onplaces?.(Object.fromEntries(print.sections.map(({ id, page }) => [id, page])));
      }
    });
    return () => {
      leaving.abort();
      end('');
    };
  });

  /** Brings the section that was changed into view. */
  $effect(() => {
    const place = print?.sections.find(({ id }) => id === section);
    if (!place) return;
    const whole = pages.scrollHeight;
    void tick().then(() => pages.scrollTo({ top: place.at * whole - 48, behavior: 'smooth' }));
  });
</script>

<div class="kinds">
  <Choice label="What is shown" options={kinds} value={kind} onpick={(next) => (kind = next)} />
  <a
    class="quiet-link"
    href="/papers/{paperId}/print?kind={kind}{more}"
    target="_blank"
    rel="noopener"
  >
    PDF of the {name}
  </a>
</div>
{#if seconds !== null}
  <p role="status">
    Laying out … {seconds} s <Button kind="quiet" onclick={stop}>stop</Button>
  </p>
{:else if problem}<Problem>{problem}</Problem>{/if}
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="pages" tabindex="0" role="region" aria-label="Printed page" bind:this={pages}>
  {#if print}
    {@const { query, count, size } = print}
    {#each Array.from({ length: count }, (_, at) => at + 1) as page (page)}
      <img
        src="/papers/{paperId}/preview?{query}&page={page}"
        alt="{title} as it prints, page {page} of {count}"
        width={size.width}
        height={size.height}
        loading="lazy"
        decoding="async"
      />
    {/each}
  {/if}
</div>

<style>
  .kinds {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-3);
    justify-content: space-between;
    align-items: center;
    margin-bottom: var(--space-2);
  }
  .pages {
    background: var(--raised);
    border: 1px solid var(--rule);
    padding: var(--space-2);
    overflow-y: auto;
    height: calc(100vh - 13.5rem);
    min-height: 20rem;
  }
  img {
    width: 100%;
    height: auto;
    margin-bottom: var(--space-2);
    background: white;
    box-shadow: 0 1px 4px rgb(0 0 0 / 18%);
  }
</style>
