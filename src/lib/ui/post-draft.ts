import type { Refusal, Reply } from '$lib/contract/replies';
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
    // What reads replies by the contract is loaded when it is needed: a save must not wait for that.
    const said = (await response.json()) as Partial<Reply<'saved'> & Refusal>;
    const { error } = said;
    if (response.status >= 500) return error ? { ...unheard, message: error.message } : unheard;
    if (response.ok)
      return said.version === undefined ? unheard : { ok: true, version: said.version };
    if (!error) return unheard;
    return error.code === 'changed'
      ? { ok: false, code: 'changed', ...currentOf(error.details) }
      : { ok: false, code: 'refused', message: error.message };
  } catch {
    return unheard;
  }
}

const unheard = {
  ok: false,
  code: 'unheard',
  message: 'The server does not answer. Nothing is lost; it is tried again by itself.'
} as const;
