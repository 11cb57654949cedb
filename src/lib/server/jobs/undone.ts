/**
 * A task that was not done: it asks for too much work, on any machine; this machine is too slow for it; too many wait
 * before it; who asked for it has gone; or the process that prints died of it.
 */
export interface Undone {
  readonly code: 'too-hard' | 'slow' | 'busy' | 'left' | 'crashed';
  /** What makes it too hard, where that is known. */
  readonly leaveOut?: readonly string[];
}

export type Done<Result> =
  { readonly ok: true; readonly result: Result } | { readonly ok: false; readonly error: Undone };

export interface Manner {
  /** Milliseconds it may take, and how many it may wait before it begins. */
  readonly limit?: number;
  readonly patience?: number;
  /** Aborted when nobody wants the result any more. */
  readonly signal?: AbortSignal;
}

export const undone = (code: Undone['code']) => ({ ok: false, error: { code } }) as const;
