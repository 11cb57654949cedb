import { isMarked } from '@zealous-quill/core/papers';
import { resultsOf, type Results } from '@zealous-quill/core/results';
import { and, eq, exists, inArray, ne, or, sql } from 'drizzle-orm';
import type { Db } from '../base/db';
import { styleOf } from '../papers/papers';
import { ROUND } from '../tables/marking';
import { decisions, entries, markings, marks, responses, scripts } from '../base/schema';
import { listScripts } from '../sittings/scripts';
import { isUnused } from '../sittings/spares';
import { readSat } from '../sittings/snapshots';
import { outcomesOf } from './outcomes';
import { MARKS_ONLY } from './reasons';

/** Results, and what of the paper can no longer be read, in words. */
export interface ReadResults extends Results {
  readonly damage: readonly string[];
}

/** The results of one sitting of a paper, or of several together. */
export function readResults(
  db: Db,
  sittingIds: number | readonly number[],
  paperId: number
): ReadResults {
  const ids = [sittingIds].flat();
  const { parts: all, damage } = readSat(db, paperId);
  const parts = all.filter((part) => isMarked(part));
  const outcomes = outcomesOf(db, ids);
  const changed = changedOf(db, ids);
  const marked = ids.flatMap((sittingId) =>
    listScripts(db, sittingId)
      .filter((script) => !isUnused(script))
      .map((script) => ({
        ...script,
        sittingId,
        outcomes: parts.map(({ id }) => outcomes.get(`${script.id}/${id}`) ?? null),
        changed: changed.get(script.id) ?? 0
      }))
  );
  return { ...resultsOf(parts, marked, styleOf(db, paperId)), damage };
}

/**
 * By script, how many marks the decisions that stand moved from the proposals. Marks that were typed where no working
 * was entered are the first marks, and moved nothing.
 */
function changedOf(db: Db, sittingIds: readonly number[]): Map<number, number> {
  const newest = sql`(select max(later.id) from ${decisions} later
    where later."responseId" = ${marks.responseId} and later.mark = ${marks.mark})`;
  const hasWorking = exists(
    db.select({ id: entries.responseId }).from(entries).where(eq(entries.responseId, responses.id))
  );
  const rows = db
    .select({
      scriptId: markings.scriptId,
      changed: sql<number>`coalesce(sum(abs(${decisions.given} - ${marks.proposed})), 0)`
    })
    .from(marks)
    .innerJoin(decisions, eq(decisions.id, newest))
    .innerJoin(responses, eq(responses.id, marks.responseId))
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(
      and(
        inArray(scripts.sittingId, [...sittingIds]),
        or(ne(decisions.reason, MARKS_ONLY), hasWorking)
      )
    )
    .groupBy(markings.scriptId)
    .all();
  return new Map(rows.map(({ scriptId, changed }) => [scriptId, changed]));
}
