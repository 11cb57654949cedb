import type { DraftReply } from './draft.svelte';

/**
 * Sends a draft to be saved. `currentOf` reads what stands there instead from the details of a clash. A
 * server that does not answer, or fails, is asked again; what it refuses is not.
 */
export async function postDraft<T>(
  address: string,
  body: unknown,
  currentOf: (details: Record<string, unknown>) => { version: number; current: T }
): Promise<DraftReply<T>> {
  try {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body)
    });
    const answer = await response.json();
    if (response.status >= 500) {
      const message: string | undefined = answer?.error?.message;
      return message ? { ...unheard, message } : unheard;
    }
    if (response.ok) return { ok: true, version: answer.version };
    const { code, message, details } = answer.error;
    return code === 'changed'
      ? { ok: false, code, ...currentOf(details) }
      : { ok: false, code: 'refused', message };
  } catch {
    return unheard;
  }
}

const unheard = {
  ok: false,
  code: 'unheard',
  message: 'The server does not answer. Nothing is lost; it is tried again by itself.'
} as const;
