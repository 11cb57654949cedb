import { and, eq, notInArray, sql } from 'drizzle-orm';
import type { Db } from '../base/db';
import { ROUND } from '../tables/marking';
import { markings, responses, scripts } from '../base/schema';

/** By script of a sitting, the marks of what is marked on it, some parts left out. */
export function scriptTotals(
  db: Db,
  sittingId: number,
  except: readonly number[]
): Record<number, number> {
  const rows = db
    .select({
      scriptId: markings.scriptId,
      awarded: sql<number>`sum(json_extract(${responses.outcome}, '$.awarded'))`
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(
      and(
        eq(scripts.sittingId, sittingId),
        eq(responses.isMarked, true),
        notInArray(responses.partId, [...except])
      )
    )
    .groupBy(markings.scriptId)
    .all();
  return Object.fromEntries(rows.map(({ scriptId, awarded }) => [scriptId, awarded]));
}
