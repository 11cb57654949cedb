import { readReply } from '$lib/contract/read-reply';
import type { OwnContexts } from '@zealous-quill/core/catalogue';

/** The department's own contexts, as the server has them. Without it only those are told that come with the skill. */
export async function toldContexts(): Promise<OwnContexts> {
  try {
    const reply = await fetch('/house-style/contexts/told');
    const answer = readReply('contexts', reply.ok, await reply.json());
    if (answer.ok) return answer.reply;
  } catch {
    // The server is away: what needs it says so itself.
  }
  return { told: [], past: [] };
}
