import { askServer } from '../ask-server';
import type { Answer, Ask } from './exam-editor.svelte';

/** Asks the server about an exam that is being edited. */
export function askExam(id: number): Ask {
  return async (ask): Promise<Answer> => {
    const answer = await askServer('examAnswer', `/papers/${id}/exam/ask`, { json: ask });
    return answer.ok ? { ok: true, ...answer.reply } : answer;
  };
}
