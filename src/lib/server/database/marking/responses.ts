import { noResponse, type Attempt, type Response } from '@zealous-quill/core/marking';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { Reader } from '../base/db';
import { decisions, entries, markings, responses, scripts } from '../base/schema';
import { ROUND } from '../tables/marking';

/** A response with the version it was read at. */
export type ResponseState = Response & { readonly version: number };
export type GivenMarks = Response['given'];

export const NOTHING: ResponseState = { version: 0, ...noResponse };

/** The responses to some parts on some scripts, by `scriptId/partId`. */
export function readResponses(
  db: Reader,
  where: { scripts: readonly number[]; parts: readonly number[] }
): Record<string, ResponseState> {
  const rows = db
    .select({ scriptId: markings.scriptId, response: responses })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(
      and(
        eq(markings.round, ROUND),
        inArray(markings.scriptId, [...where.scripts]),
        inArray(responses.partId, [...where.parts])
      )
    )
    .all();
  const ids = rows.map(({ response }) => response.id);
  const written = groupBy(db.select().from(entries).where(inArray(entries.responseId, ids)).all());
  const decided = standing(db, ids);
  return Object.fromEntries(
    rows.map(({ scriptId, response: { id, partId, version, isMarked, attempt, comment } }) => [
      `${scriptId}/${partId}`,
      {
        ...{ version, isMarked, comment },
        attempt: attempt as Attempt,
        working: Object.fromEntries(
          (written.get(id) ?? []).map(({ step, written }) => [step, written])
        ),
        given: decided.get(id) ?? {}
      }
    ])
  );
}

/** How a part of a script stands: the marks it was given, if it is marked, and the version of its response. */
export interface ResponseMarks {
  readonly marks: number | null;
  readonly version: number;
  /** Working was entered, so that the marks are not all there is. */
  readonly hasWorking: boolean;
}

/** The marks of all responses of a sitting, by `scriptId/partId`. */
export function readResponseMarks(db: Reader, sittingId: number): Record<string, ResponseMarks> {
  const rows = db
    .select({
      ...{ scriptId: markings.scriptId, partId: responses.partId, version: responses.version },
      ...{ isMarked: responses.isMarked, outcome: responses.outcome },
      steps: sql<number>`(select count(*) from ${entries} where ${entries.responseId} = ${responses.id})`
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(eq(scripts.sittingId, sittingId))
    .all();
  return Object.fromEntries(
    rows.map(({ scriptId, partId, version, isMarked, outcome, steps }) => [
      `${scriptId}/${partId}`,
      { version, marks: isMarked ? (outcome?.awarded ?? 0) : null, hasWorking: steps > 0 }
    ])
  );
}

/** The marks of a sitting as the cells of a grid, a row a script, a column a part. */
export function readMarkCells(
  db: Reader,
  sittingId: number
): Record<string, { readonly value: number | null; readonly version: number }> {
  return Object.fromEntries(
    Object.entries(readResponseMarks(db, sittingId)).map(([at, { marks, version }]) => [
      at,
      { value: marks, version }
    ])
  );
}

/** The decisions that stand on some responses: the newest on each mark, where it gives one. */
function standing(db: Reader, ids: readonly number[]): Map<number, GivenMarks> {
  const made = db
    .select()
    .from(decisions)
    .where(inArray(decisions.responseId, [...ids]))
    .orderBy(asc(decisions.id))
    .all();
  return new Map(
    [...groupBy(made)].map(([id, rows]) => {
      const newest = new Map(rows.map((row) => [row.mark, row]));
      const given = [...newest.values()].flatMap(({ mark, given, reason }) =>
        given === null ? [] : [[mark, { given, reason }] as const]
      );
      return [id, Object.fromEntries(given)];
    })
  );
}

function groupBy<T extends { responseId: number }>(rows: readonly T[]): Map<number, T[]> {
  const groups = new Map<number, T[]>();
  for (const row of rows) {
    const group = groups.get(row.responseId);
    if (group) group.push(row);
    else groups.set(row.responseId, [row]);
  }
  return groups;
}
