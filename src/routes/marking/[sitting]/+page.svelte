<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { tick, untrack } from 'svelte';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import { MarkingDesk } from '$lib/ui/marking/desk.svelte';
  import type { ChangedAt } from '$lib/ui/marking/desk-options';
  import { DeskFlow } from '$lib/ui/marking/desk-flow.svelte';
  import { keyOf, pileOf } from '$lib/ui/marking/pile';
  import EntryPane from '$lib/ui/marking/EntryPane.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { ScriptPages } from '$lib/ui/marking/script-pages.svelte';
  import DeskHead from '$lib/ui/marking/DeskHead.svelte';
  import MarkLines from '$lib/ui/marking/MarkLines.svelte';
  import PileStrip from '$lib/ui/marking/PileStrip.svelte';
  import { ScriptActs } from '$lib/ui/marking/script-acts.svelte';
  import { saveResponse } from '$lib/ui/marking/save-response';
  import { sheafWords } from '$lib/ui/marking/sheaf-words';
  import { firstSquare } from '$lib/ui/marking/squares';

  let { data } = $props();

  const there = $derived(data.scripts.filter(({ isAbsent }) => !isAbsent));

  const sheafId = $derived(data.by === 'script' ? data.scriptId : data.itemId);

  /** Where changes were made, in all piles since the page was opened. */
  const trail: ChangedAt[] = [];

  function openDesk(): MarkingDesk {
    const pile = pileOf(data);
    const at = pile.findIndex(
      ({ script, item }) => script.id === data.scriptId && item.id === data.itemId
    );
    const save = saveResponse.bind(null, data.sitting.id);
    const { states, kept, elsewhere } = data;
    return new MarkingDesk({
      ...{ pile, states, kept, elsewhere, save, trail },
      at: data.isExact ? at : null
    });
  }

  const sheaf = () => [data.sitting.id, data.by, sheafId, ...there.map(({ id }) => id)].join('/');
  function openPages(): ScriptPages {
    return new ScriptPages(data.sitting.id, data.pages);
  }
  let opened = untrack(sheaf);
  let desk = $state.raw(untrack(openDesk));
  let answerInput = $state<HTMLInputElement>();
  let firstMark = $state<HTMLInputElement>();
  let commentInput = $state<HTMLInputElement>();
  let pages = $state.raw(untrack(openPages));
  const acts = new ScriptActs(
    () => data.sitting.id,
    () => desk.settle(),
    () => invalidateAll()
  );
  let inputs = $state<Record<string, HTMLInputElement>>({});

  $effect(() => {
    if (sheaf() === opened) return;
    opened = sheaf();
    desk = untrack(openDesk);
    pages = untrack(openPages);
  });

  // The next time one comes, one goes on from here.
  $effect(() => {
    if (desk.pile.length === 0) return;
    const { script, item } = desk.place;
    const place = [data.by, script.id, item.id].join('.');
    document.cookie = `desk-${data.sitting.id}=${place}; path=/marking; max-age=31536000; samesite=lax`;
  });

  // The cursor waits in the answer of whatever comes up.
  $effect(() => {
    if (desk.pile.length > 0) void desk.place;
    flow.isMissing = false;
    void tick().then(() => focusAnswer());
  });

  const sheaves = $derived(sheafWords(data));
  const absent = $derived(
    data.by === 'script'
      ? data.scripts.find(({ id, isAbsent }) => id === data.scriptId && isAbsent)
      : undefined
  );
  const sheafAt = $derived(sheaves.findIndex(({ id }) => id === sheafId));

  /** What stands there already is typed over, not added to. */
  function focusAnswer() {
    answerInput?.focus();
    answerInput?.select();
  }

  guardLeaving({
    isSaved: () => desk.unsaved.length === 0,
    settle: () => desk.settle()
  });

  async function open(change: Record<string, string | number>) {
    await desk.settle();
    const query = new URLSearchParams({ by: data.by });
    for (const [name, value] of Object.entries(change)) query.set(name, String(value));
    await goto(`?${query}`, { invalidateAll: true });
  }

  const openSheaf = (id: number) => open({ [data.by === 'script' ? 'script' : 'item']: id });

  /** The hand goes on in the first square as soon as there are squares. */
  async function openSquares() {
    desk.isOpened = true;
    await tick();
    const first = firstSquare(desk.worked.graph, desk.place.item.printed.layout);
    if (first) inputs[first]?.focus();
  }

  const flow = new DeskFlow({
    get desk() {
      return desk;
    },
    get sheaves() {
      return sheaves;
    },
    get sheafAt() {
      return sheafAt;
    },
    get isAtWork() {
      return document.activeElement?.matches('[data-digits], .reason') ?? false;
    },
    openSheaf,
    openAt: ({ script, item }) => open({ script, item }),
    shown: tick,
    focusAnswer,
    openSquares,
    focusBeside(step) {
      const field = inputs[step];
      if (!field || document.activeElement === field) return false;
      field.focus();
      return true;
    }
  });

  function keys(event: KeyboardEvent) {
    if (flow.take(event)) {
      event.preventDefault();
      return;
    }
    if (desk.pile.length === 0) return;
    // A key that is leant on closes one response, not all that follow.
    const closes = event.key === 'Enter' || event.key === '=' || event.key === '#';
    if (event.repeat && closes && (event.target as HTMLElement).matches('[data-digits]')) {
      event.preventDefault();
      return;
    }
    const target = event.target as HTMLElement;
    const isReason = target.matches('.reason, select');
    const isControl = event.ctrlKey || event.metaKey;
    if (isControl && event.key.toLowerCase() === 'z' && !isReason) void flow.undo();
    else if (event.altKey && event.key.toLowerCase() === 'm') firstMark?.focus();
    else if (event.altKey && event.key.toLowerCase() === 'c') commentInput?.focus();
    else if (event.altKey && event.key.toLowerCase() === 'x') desk.attempt('crossed-out');
    else if (event.altKey && event.key.toLowerCase() === 'o') desk.attempt('another-method');
    else if (event.key === 'PageDown') desk.next();
    else if (event.key === 'PageUp') desk.previous();
    else if (event.key === 'Enter' && target.matches('[data-digits], .reason'))
      void flow.finish({ isAlone: event.shiftKey });
    else if (event.key === '=' && target.matches('[data-digits]')) void flow.close('key');
    else if (event.key === '#' && target.matches('[data-digits]')) void flow.close('blank');
    else if (event.key === 'Escape' && target.matches('input')) focusAnswer();
    else return;
    event.preventDefault();
  }
</script>

<svelte:head
  ><title>{data.sitting.className}: {data.sitting.title} · Marking · Zealous Quill</title
  ></svelte:head
>
<svelte:window onkeydown={keys} />

<DeskHead
  {desk}
  className={data.sitting.className}
  title={data.sitting.title}
  sittingId={data.sitting.id}
  by={data.by}
  {sheaves}
  {sheafId}
  onorder={(by) =>
    open(by === 'script' ? { by, script: desk.place.script.id } : { by, item: desk.place.item.id })}
  onsheaf={openSheaf}
/>
{#each data.damage as said (said)}<Problem>{said}</Problem>{/each}
<p class="came" role="status">{flow.came}</p>
{#if acts.notice}
  {#await import('$lib/ui/kit/Notice.svelte') then { default: Notice }}
    <Notice bind:told={acts.notice} />
  {/await}
{/if}
{#if absent && absent.pupilId === null}
  {#await import('$lib/ui/marking/SpareScript.svelte') then { default: SpareScript }}
    <SpareScript
      name={absent.name}
      pupils={data.unmarked}
      onname={(pupil) => acts.giveName(absent, pupil, data.scripts)}
    />
  {/await}
{:else if absent}
  <p class="leaf">
    {absent.name} was absent: there is nothing to mark.
    <Button onclick={() => acts.setAbsent(absent, false)}>Was there after all</Button>
  </p>
{:else if desk.pile.length === 0}
  <p class="leaf">Everyone was absent: there is nothing to mark.</p>
{:else}
  <PileStrip {desk} by={data.by} />
  {#each desk.clashes as place (keyOf(place))}
    {#await import('$lib/ui/marking/Clash.svelte') then { default: Clash }}
      <Clash {desk} {place} />
    {/await}
  {/each}

  <div class="desk">
    <section class="leaf" aria-label="Script">
      {#await import('$lib/ui/marking/ScriptPicture.svelte') then { default: ScriptPicture }}
        <ScriptPicture
          place={desk.place}
          working={data.written[keyOf(desk.place)]}
          graph={desk.worked.graph}
          style={data.style}
          {pages}
          sittingId={data.sitting.id}
          onremove={(page) => acts.removePage(pages, desk.place.script.id, page)}
        />
      {/await}
    </section>
    <section aria-label="Entry">
      <EntryPane
        {desk}
        style={data.style}
        available={data.available}
        isMissing={flow.isMissing}
        bind:answerInput
        bind:commentInput
        bind:inputs
        onsquares={openSquares}
        ondone={() => flow.finish()}
        onkey={() => flow.close('key')}
        onblank={() => flow.close('blank')}
        onundo={() => flow.undo()}
        onabsent={() => acts.setAbsent(desk.place.script, true)}
      />
    </section>
    <section class="leaf verdicts" aria-label="Verdict and marks">
      <MarkLines {desk} bind:first={firstMark} />
      {#await import('$lib/ui/marking/Verdicts.svelte') then { default: Verdicts }}
        <Verdicts {desk} style={data.style} />
      {/await}
    </section>
  </div>
{/if}
{#if desk.left === 0}
  {#await import('$lib/ui/marking/SheafDone.svelte') then { default: SheafDone }}
    <SheafDone
      by={data.by}
      sittingId={data.sitting.id}
      scripts={data.sitting.scripts}
      onnext={sheafAt < sheaves.length - 1 ? () => openSheaf(sheaves[sheafAt + 1]!.id) : null}
    />
  {/await}
{/if}

<style>
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr) 20.5rem;
    gap: var(--space-5);
    margin-top: var(--space-3);
    align-items: start;
  }
  .leaf {
    padding: var(--space-3) var(--space-4);
  }
  .came {
    font-size: var(--text-sm);
    color: var(--lamp);
  }
  .verdicts {
    display: grid;
    gap: var(--space-2);
  }
  @media (max-width: 1080px) {
    .desk {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
  }
  @media (max-width: 640px) {
    .desk {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
