import type { Answer } from '$lib/contract/read-reply';
import type { ReplyName } from '$lib/contract/replies';

interface Asking {
  /** GET if nothing is sent. */
  readonly method?: 'POST' | 'DELETE';
  /** Sent as JSON. */
  readonly json?: object;
  /** Sent as it is, in the place of JSON. */
  readonly bytes?: Blob;
  readonly signal?: AbortSignal | undefined;
  /** What to do where no server answers. */
  readonly advice?: string;
}

/**
 * Asks the server for something of the contract. Never rejects: where nobody answers, or the asking was given up, the
 * code is `unheard`.
 */
export async function askServer<Name extends ReplyName>(
  name: Name,
  address: string,
  { method, json, bytes, signal, advice = 'Try it again.' }: Asking = {},
  send: typeof fetch = fetch
): Promise<Answer<Name>> {
  const type = json ? 'application/json' : bytes && 'application/octet-stream';
  const body = json ? JSON.stringify(json) : bytes;
  try {
    const reply = await send(address, {
      ...(method && { method }),
      ...(body !== undefined && { method: 'POST', body }),
      ...(type && { headers: { 'content-type': type } }),
      ...(signal && { signal })
    });
    const said: unknown = await reply.json();
    // What reads replies is not loaded with the page.
    const { readReply } = await import('$lib/contract/read-reply');
    return readReply(name, reply.ok, said);
  } catch {
    const message = `The server does not answer. ${advice}`;
    return { ok: false, code: 'unheard', message, details: {} };
  }
}
