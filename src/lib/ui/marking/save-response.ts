import type { DraftReply } from '../draft.svelte';
import { postDraft } from '../post-draft';
import type { Response } from '@zealous-quill/core/marking';
import type { Place, SavedEntry } from './pile';

/** Saves a response of a sitting over the version it was read at. */
export function saveResponse(
  sittingId: number,
  { script, item }: Place,
  entry: Response,
  version: number
): Promise<DraftReply<Response>> {
  return postDraft<Response>(
    `/marking/${sittingId}/save`,
    { scriptId: script.id, partId: item.id, version, ...entry },
    (details) => {
      const { version, ...current } = details['current'] as SavedEntry;
      return { version, current };
    }
  );
}
