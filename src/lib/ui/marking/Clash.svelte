<script lang="ts">
  import DraftClash from '../DraftClash.svelte';
  import { attemptWords, type Response } from '@zealous-quill/core/marking';
  import type { MarkingDesk } from './desk.svelte';
  import type { Place } from './pile';

  let { desk, place }: { desk: MarkingDesk; place: Place } = $props();

  const named = $derived(new Map(place.item.item.steps.map(({ id, label }) => [id, label])));

  function text({ working, isMarked, given, attempt, comment }: Response): string {
    const written = Object.entries(working).map(
      ([step, text]) => `${(named.get(step) ?? step).toLowerCase()} ${text}`
    );
    const decided = Object.entries(given).map(([mark, one]) => `${mark} given ${one.given}`);
    const said = [
      ...(attempt === 'written' ? [] : [attemptWords[attempt]]),
      ...(comment === '' ? [] : [`“${comment}”`])
    ];
    const all = [...written, ...decided, ...said].join(', ') || 'nothing';
    return isMarked ? `${all} (marked)` : all;
  }
</script>

<DraftClash draft={desk.draftOf(place)} {text}>
  <strong>{place.script.name}, item {place.item.label}</strong> was changed in another window or by another
  marker since you opened it. Nothing has been overwritten.
</DraftClash>
