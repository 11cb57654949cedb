import type { Scheme } from '@zealous-quill/core/schemes';

/** What came of it: what it is now, to be sent with the next change, and why it was not done; empty if it was. */
export interface SetScheme {
  readonly was?: string;
  readonly problem: string;
}

/** Makes a scheme the department's for a skill in one presentation, or the usual one again. */
export async function setDepartmentScheme(asked: {
  readonly skill: string;
  readonly kind: string;
  readonly scheme: Scheme | null;
  /** What stood there when it was read; empty for the usual scheme. */
  readonly was: string;
}): Promise<SetScheme> {
  try {
    const reply = await fetch('/house-style/scheme', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(asked)
    });
    const answer = (await reply.json()) as Answer;
    if (reply.ok) return { was: answer.was ?? '', problem: '' };
    const now = answer.error?.details?.was;
    return { ...(now !== undefined && { was: now }), problem: answer.error?.message ?? '' };
  } catch {
    return { problem: 'The server does not answer. Try it again.' };
  }
}

interface Answer {
  readonly was?: string;
  readonly error?: { readonly message: string; readonly details?: { readonly was?: string } };
}
