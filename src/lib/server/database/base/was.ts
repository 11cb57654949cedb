import { createHash } from 'node:crypto';

/**
 * A short text that is another one as soon as a value is. A page sends back that of what it was read from: a change made in
 * another window meanwhile is not overwritten unseen.
 */
export const wasOf = (value: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(value ?? null))
    .digest('hex')
    .slice(0, 16);

export const CHANGED_MEANWHILE =
  'This was changed in another window meanwhile. Look at what stands here now, then change it again.';
