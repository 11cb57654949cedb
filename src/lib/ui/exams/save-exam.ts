import type { Exam } from '@zealous-quill/core/exams';
import type { DraftReply } from '../draft.svelte';
import { postDraft } from '../post-draft';

/** Saves an exam over the version it was read at. */
export function saveExam(id: number, exam: Exam, version: number): Promise<DraftReply<Exam>> {
  return postDraft<Exam>(`/papers/${id}/exam/save`, { version, exam }, (details) => ({
    version: details['version'] as number,
    current: details['exam'] as Exam
  }));
}
