import type { DeskState, Place, SaveReply } from './desk.svelte';

/** Saves a response of a sitting; a server that does not answer is a problem like any other. */
export async function saveResponse(
  sittingId: number,
  { script, item }: Place,
  state: DeskState
): Promise<SaveReply> {
  try {
    const response = await fetch(`/marking/${sittingId}/save`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ scriptId: script.id, itemId: item.id, ...state })
    });
    const body = await response.json();
    if (response.ok) return { ok: true, version: body.version };
    if (response.status === 409)
      return { ok: false, code: 'changed', current: body.error.details.current };
    return { ok: false, code: 'problem', message: body.error.message };
  } catch {
    return {
      ok: false,
      code: 'problem',
      message: 'The server does not answer; it is tried again by itself.'
    };
  }
}
