import type { Scheme } from '@zealous-quill/core/schemes';
import { askServer } from '../ask-server';

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
  const answer = await askServer('schemeSet', '/house-style/scheme', { json: asked });
  if (answer.ok) return { was: answer.reply.was, problem: '' };
  const now = answer.details['was'];
  return { ...(typeof now === 'string' && { was: now }), problem: answer.message };
}
