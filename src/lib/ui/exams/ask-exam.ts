import type { Answer, Ask } from './exam-editor.svelte';

/** Asks the server about an exam that is being edited. */
export function askExam(id: number): Ask {
  return async (ask): Promise<Answer> => {
    try {
      const reply = await fetch(`/papers/${id}/exam/ask`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(ask)
      });
      const answer = await reply.json();
      return reply.ok ? answer : { ok: false, message: answer.error.message };
    } catch {
      return { ok: false, message: 'The server does not answer. Try it again.' };
    }
  };
}
