<script lang="ts">
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { beforeNavigate, goto } from '$app/navigation';
  import { tick, untrack } from 'svelte';
  import { ANSWER, stepOf } from '@zealous-quill/core/working';
  import { plural } from '$lib/ui/format';
  import { keyOf, MarkingDesk, type Place } from '$lib/ui/marking/desk.svelte';
  import Clash from '$lib/ui/marking/Clash.svelte';
  import DeskHead from '$lib/ui/marking/DeskHead.svelte';
  import MarkLines from '$lib/ui/marking/MarkLines.svelte';
  import PileStrip from '$lib/ui/marking/PileStrip.svelte';
  import { saveResponse } from '$lib/ui/marking/save-response';
  import ScriptPicture from '$lib/ui/marking/ScriptPicture.svelte';
  import SquaresInput from '$lib/ui/marking/SquaresInput.svelte';
  import { firstSquare } from '$lib/ui/marking/squares';
  import Verdicts from '$lib/ui/marking/Verdicts.svelte';

  let { data, form } = $props();

  const pileOf = (): Place[] =>
    data.by === 'script'
      ? data.parts.map((item) => ({
          item,
          script: data.scripts.find(({ id }) => id === data.scriptId)!
        }))
      : data.scripts.map((script) => ({
          script,
          item: data.parts.find(({ id }) => id === data.itemId)!
        }));

  function openDesk(): MarkingDesk {
    const pile = pileOf();
    const waiting = pile.findIndex((place) => !data.states[keyOf(place)]?.isMarked);
    const asked = pile.findIndex(
      ({ script, item }) => script.id === data.scriptId && item.id === data.itemId
    );
    const save = saveResponse.bind(null, data.sitting.id);
    const start = waiting < 0 ? Math.max(0, asked) : waiting;
    return new MarkingDesk({ pile, states: data.states, save, start });
  }

  const sheaf = () =>
    `${data.sitting.id}/${data.by}/${data.by === 'script' ? data.scriptId : data.itemId}`;
  let opened = untrack(sheaf);
  let desk = $state.raw(untrack(openDesk));
  let answerInput = $state<HTMLInputElement>();
  let firstMark = $state<HTMLInputElement>();
  /** Enter was pressed with nothing typed. */
  let isMissing = $state(false);
  let inputs = $state<Record<string, HTMLInputElement>>({});

  $effect(() => {
    if (sheaf() === opened) return;
    opened = sheaf();
    desk = untrack(openDesk);
  });

  // The cursor waits in the answer of whatever comes up.
  $effect(() => {
    void desk.place;
    isMissing = false;
    void tick().then(() => focusAnswer());
  });

  const sheaves = $derived(
    data.by === 'script'
      ? data.scripts.map(({ id, name, markedItems }) => ({
          id,
          word: `${name}${markedItems >= data.questions.length ? ' ●' : ''}`
        }))
      : data.questions.map(({ id, number, prompt }) => ({ id, word: `${number}  ${prompt}` }))
  );
  const sheafId = $derived(data.by === 'script' ? data.scriptId : data.itemId);
  const sheafAt = $derived(sheaves.findIndex(({ id }) => id === sheafId));

  const isNumber = $derived(stepOf(desk.worked.graph, ANSWER).reading.kind === 'number');

  /** What stands there already is typed over, not added to. */
  function focusAnswer() {
    answerInput?.focus();
    answerInput?.select();
  }

  beforeNavigate(({ willUnload, cancel }) => {
    if (willUnload && desk.unsaved.length > 0) cancel();
    else void desk.settle();
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

  async function finish() {
    const before = desk.at;
    const closed = desk.answered();
    await tick();
    if (!closed && !desk.hasSquares) {
      isMissing = true;
      focusAnswer();
    } else if (!closed) {
      await openSquares();
    } else if (before === desk.at && desk.left === 0 && sheafAt < sheaves.length - 1) {
      await openSheaf(sheaves[sheafAt + 1]!.id);
    } else {
      focusAnswer();
    }
  }

  function keys(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    const isReason = target.matches('.reason, select');
    const isControl = event.ctrlKey || event.metaKey;
    if (isControl && event.key.toLowerCase() === 'z' && !isReason) desk.undo();
    else if (event.altKey && event.key.toLowerCase() === 'm') firstMark?.focus();
    else if (event.key === 'PageDown') desk.next();
    else if (event.key === 'PageUp') desk.previous();
    else if (event.key === 'Enter' && target.matches('[data-digits]')) void finish();
    else if (event.key === '=' && target.matches('[data-digits]')) desk.asKey();
    else if (event.key === '#' && target.matches('[data-digits]')) desk.asBlank();
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
<PileStrip {desk} by={data.by} />
{#if form?.pageProblem}<Problem isUrgent>{form.pageProblem}</Problem>{/if}
{#each desk.clashes as place (keyOf(place))}<Clash {desk} {place} />{/each}

<div class="desk">
  <section class="leaf" aria-label="Script">
    <ScriptPicture
      place={desk.place}
      working={data.written[keyOf(desk.place)]}
      pages={data.pages[desk.place.script.id] ?? []}
      sittingId={data.sitting.id}
    />
  </section>
  <section aria-label="Entry">
    <h2>
      {desk.place.script.name}
      <span class="standing">{desk.state.isMarked ? '● marked' : ''}</span>
    </h2>
    <label class="answer">
      Answer
      <input
        bind:this={answerInput}
        class="figures"
        type="text"
        class:long={!isNumber}
        inputmode={isNumber ? 'numeric' : 'text'}
        autocomplete="off"
        maxlength="100"
        data-digits
        value={desk.state.working['answer'] ?? ''}
        oninput={(event) => desk.write('answer', event.currentTarget.value)}
        onkeydown={(event) => {
          if (event.key !== 'ArrowDown') return;
          event.preventDefault();
          void openSquares();
        }}
      />
    </label>
    {#if isMissing && Object.keys(desk.state.working).length === 0}
      <p class="missing" role="alert">
        Nothing is typed. If the pupil wrote nothing, press <kbd>#</kbd>.
      </p>
    {/if}
    {#if desk.hasSquares}
      <div class="squares"><SquaresInput {desk} style={data.style} bind:inputs /></div>
    {:else}
      <p class="faint hint">
        <kbd>=</kbd> as the key · type the answer, <kbd>Enter</kbd> · nothing written
        <kbd>#</kbd> · squares <kbd>↓</kbd>
      </p>
    {/if}
    <p class="buttons">
      <Button kind="side" onclick={() => desk.asKey()}>As the key</Button>
      <Button kind="side" onclick={() => desk.asBlank()}>Nothing written</Button>
      <Button kind="main" onclick={finish}>Done, next</Button>
      <Button kind="quiet" onclick={() => desk.undo()}>undo</Button>
    </p>
  </section>
  <section class="leaf verdicts" aria-label="Verdict and marks">
    <MarkLines {desk} bind:first={firstMark} />
    <Verdicts {desk} style={data.style} />
  </section>
</div>
{#if desk.left === 0}
  <p class="done">
    {data.by === 'script' ? 'This script' : 'This question'} is marked.
    {#if sheafAt < sheaves.length - 1}
      <Button kind="main" onclick={() => openSheaf(sheaves[sheafAt + 1]!.id)}
        >Next {data.by === 'script' ? 'script' : 'question'}</Button
      >
    {:else}
      <Button kind="main" href="/results/{data.sitting.id}">To the results</Button>
    {/if}
    <span class="faint">{plural(data.sitting.scripts, 'script')} in the pile</span>
  </p>
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
  .answer {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
    margin-top: var(--space-2);
  }
  .answer input {
    width: 11rem;
    padding: var(--space-1) var(--space-2);
    font-size: var(--text-xl) !important;
  }
  .answer input.long {
    flex: 1;
    min-width: 0;
    font-size: var(--text-lg) !important;
  }
  h2 {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: baseline;
    gap: var(--space-2);
  }
  .standing {
    color: var(--right);
    font: 1rem var(--font-sans);
  }
  .squares {
    margin-top: var(--space-4);
  }
  .missing {
    color: var(--slip);
    margin-top: var(--space-2);
  }
  .hint {
    margin-top: var(--space-3);
  }
  kbd {
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
    background: var(--leaf);
    color: var(--ink);
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-3);
    white-space: nowrap;
    margin-top: var(--space-4);
    align-items: center;
  }
  .done {
    display: flex;
    gap: var(--space-4);
    align-items: center;
    margin-top: var(--space-4);
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
