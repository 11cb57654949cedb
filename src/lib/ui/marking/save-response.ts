import type { DraftReply } from '../draft.svelte';
import { postDraft } from '../post-draft';
import type { Entry, Place, SavedEntry } from './desk.svelte';

/** Saves a response of a sitting over the version it was read at. */
export function saveResponse(
  sittingId: number,
  { script, item }: Place,
  entry: Entry,
  version: number
): Promise<DraftReply<Entry>> {
  return postDraft<Entry>(
    `/marking/${sittingId}/save`,
    { scriptId: script.id, partId: item.id, version, ...entry },
    (details) => {
      const { version, ...current } = details['current'] as SavedEntry;
      return { version, current };
    }
  );
}
