<script lang="ts">
  import { keyOf, type MarkingDesk } from './desk.svelte';

  let { desk }: { desk: MarkingDesk } = $props();

  const clash = $derived(desk.clash!);
  const mine = $derived(desk.states[keyOf(clash.place)]?.working ?? {});

  const text = (working: Readonly<Record<string, string>>) =>
    Object.entries(working)
      .map(([step, written]) => `${step} ${written}`)
      .join(', ') || 'nothing';
</script>

<div class="clash" role="alertdialog" aria-label="Changed elsewhere">
  <p>
    <strong>{clash.place.script.name}, item {clash.place.item.number}</strong> was changed in another
    window or by another marker since you opened it. Nothing has been overwritten.
  </p>
  <dl>
    <dt>There</dt>
    <dd>{text(clash.current.working)}{clash.current.isMarked ? ' (marked)' : ''}</dd>
    <dt>Here</dt>
    <dd>{text(mine)}</dd>
  </dl>
  <button type="button" class="main-button" onclick={() => desk.settleClash('theirs')}
    >Take what is there</button
  >
  <button type="button" class="side-button" onclick={() => desk.settleClash('mine')}
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
  dt {
    font-weight: 700;
  }
</style>
