import { db } from '../database/base/connection';
import { MOST_TOLD, readContext, tellContext } from '../database/papers/contexts';
import { run } from '../jobs/pool';
import { undoneWords } from '../jobs/words';

const words = {
  missing: 'This context is not there any more.',
  unsound: 'Something is missing in this context: it is said beside the field.',
  changed: 'This context was changed in another window just now. Look at it, and try again.',
  'too-many': `Problems are told in ${MOST_TOLD} contexts of your own already. Stop using another one first.`
};

/** Tells problems in a context from now on, as it stands; what keeps it from that, in words, or undefined if nothing does. */
export async function whyNotUsed(id: number): Promise<string | undefined> {
  const saved = readContext(db(), id);
  if (!saved) return words.missing;
  // It is looked over away from those who save marks meanwhile.
  const looked = await run('contextProblems', saved.context);
  if (!looked.ok) return undoneWords[looked.error.code];
  if (looked.result.some(({ isHint }) => !isHint)) return words.unsound;
  const done = tellContext(db(), saved);
  return done.ok ? undefined : words[done.code];
}
