<script lang="ts">
  import type { Entry, MarkingDesk, Place } from './desk.svelte';

  let { desk, place }: { desk: MarkingDesk; place: Place } = $props();

  const draft = $derived(desk.draftOf(place));
  const named = $derived(new Map(place.item.item.steps.map(({ id, label }) => [id, label])));

  function text({ working, isMarked, given }: Entry): string {
    const written = Object.entries(working).map(
      ([step, text]) => `${(named.get(step) ?? step).toLowerCase()} ${text}`
    );
    const decided = Object.entries(given).map(([mark, one]) => `${mark} given ${one.given}`);
    const all = [...written, ...decided].join(', ') || 'nothing';
    return isMarked ? `${all} (marked)` : all;
  }
</script>

<div class="clash" role="alertdialog" aria-label="Changed elsewhere">
  <p>
    <strong>{place.script.name}, item {place.item.number}</strong> was changed in another window or by
    another marker since you opened it. Nothing has been overwritten.
  </p>
  <dl>
    <dt>There</dt>
    <dd>{draft.clash ? text(draft.clash.theirs) : ''}</dd>
    <dt>Here</dt>
    <dd>{text(draft.value)}</dd>
  </dl>
  <button type="button" class="main-button" onclick={() => draft.settleClash('theirs')}
    >Take what is there</button
  >
  <button type="button" class="side-button" onclick={() => draft.settleClash('mine')}
    >Keep what is here</button
  >
</div>

<style>
  .clash {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: 0.6rem 1rem;
    margin-top: 0.6rem;
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0 0.8rem;
    margin: 0.3rem 0 0.5rem;
  }
  button + button {
    margin-left: 0.5rem;
  }
  dt {
    font-weight: 700;
  }
</style>
