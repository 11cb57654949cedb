import type { Attempt } from '@zealous-quill/core/marking';
import type { MarkedOutcome } from '@zealous-quill/core/results';
import { and, eq, inArray } from 'drizzle-orm';
import type { Reader } from '../base/db';
import { ROUND } from '../tables/marking';
import { markings, responses, scripts } from '../base/schema';

/** What marking made of what is marked, by script and part: `7/103`. Those who were absent have nothing. */
export function outcomesOf(db: Reader, sittingIds: readonly number[]): Map<string, MarkedOutcome> {
  const rows = db
    .select({
      scriptId: markings.scriptId,
      partId: responses.partId,
      outcome: responses.outcome,
      attempt: responses.attempt,
      comment: responses.comment
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(
      and(
        inArray(scripts.sittingId, [...sittingIds]),
        eq(scripts.isAbsent, false),
        eq(responses.isMarked, true)
      )
    )
    .all();
  return new Map(
    rows.map(({ scriptId, partId, outcome, attempt, comment }) => [
      `${scriptId}/${partId}`,
      { ...outcome!, attempt: attempt as Attempt, comment }
    ])
  );
}
