import { failure, refusal, replies, type Reply, type ReplyName } from './replies';

/** What the server answered, read by the contract. */
export type Answer<Name extends ReplyName> =
  | { readonly ok: true; readonly reply: Reply<Name> }
  | {
      readonly ok: false;
      /** What the server says, or `unheard` if none answered, `failed` if it failed, `unread` if it is not understood. */
      readonly code: string;
      /** For whoever sits at the page. */
      readonly message: string;
      readonly details: Readonly<Record<string, unknown>>;
    };

/** Reads the body of a reply, which is JSON; `isDone` says that the server did what it was asked. */
export function readReply<Name extends ReplyName>(
  name: Name,
  isDone: boolean,
  body: unknown
): Answer<Name> {
  if (isDone) {
    const read = replies[name].safeParse(body);
    if (read.success) return { ok: true, reply: read.data as Reply<Name> };
  } else {
    const refused = refusal.safeParse(body);
    if (refused.success) return { ok: false, ...refused.data.error };
    const failed = failure.safeParse(body);
    if (failed.success) return { ok: false, code: 'failed', ...failed.data, details: {} };
  }
  const message =
    'The server answers in a way that this page does not know. Save what you can, and reload the page.';
  return { ok: false, code: 'unread', message, details: {} };
}
