import type { Paper } from '@zealous-quill/core/papers';
import type { DraftReply } from '../draft.svelte';
import { postDraft } from '../post-draft';

/** Saves a paper over the version it was read at. */
export function savePaper(id: number, paper: Paper, version: number): Promise<DraftReply<Paper>> {
  return postDraft<Paper>(`/papers/${id}/save`, { version, paper }, (details) => ({
    version: details['version'] as number,
    current: details['paper'] as Paper
  }));
}
