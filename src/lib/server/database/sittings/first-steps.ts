import { eq } from 'drizzle-orm';
import type { Db, Reader } from '../base/db';
import { classes, papers, responses } from '../base/schema';
import { listSittings, type SittingSummary } from './sittings';

/** The steps from an empty department to results and an exam, in their order, and whether each is done. */
export interface FirstSteps {
  readonly class: boolean;
  readonly practice: boolean;
  /** Something was marked. */
  readonly marked: boolean;
  /** All scripts of a sitting are marked. */
  readonly results: boolean;
  readonly exam: boolean;
}

/** Sittings that are looked at for one that is wholly marked. */
const NEWEST = 12;

/** The first steps of a department; `sittings` are its newest. */
export function firstSteps(
  db: Db,
  sittings: readonly SittingSummary[] = listSittings(db, NEWEST)
): FirstSteps {
  const has = (found: { readonly id: unknown } | undefined) => found !== undefined;
  return {
    class: has(one(db, classes)),
    practice: has(one(db, papers)),
    marked: has(
      db
        .select({ id: responses.id })
        .from(responses)
        .where(eq(responses.isMarked, true))
        .limit(1)
        .get()
    ),
    results: sittings.some(({ marked, toMark }) => toMark > 0 && marked >= toMark),
    exam: has(
      db.select({ id: papers.id }).from(papers).where(eq(papers.kind, 'exam')).limit(1).get()
    )
  };
}

const one = (db: Reader, table: typeof classes | typeof papers) =>
  db.select({ id: table.id }).from(table).limit(1).get();
