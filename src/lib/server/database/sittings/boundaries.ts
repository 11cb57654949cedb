import { eq } from 'drizzle-orm';
import { wasOf } from '../base/was';
import { change, withinSitting } from '../base/change';
import type { Db, Reader } from '../base/db';
import { sittings } from '../base/schema';

/** A grade and the least marks it needs. */
export interface Boundary {
  readonly grade: string;
  readonly from: number;
}

/** The grade of so many marks: the best whose boundary they reach; empty below all of them. */
export function gradeOf(boundaries: readonly Boundary[], total: number): string {
  const reached = boundaries.filter(({ from }) => from <= total);
  return reached.toSorted((one, other) => other.from - one.from)[0]?.grade ?? '';
}

/** The grade boundaries of a sitting, the best first; none if nobody set any. */
export function readBoundaries(db: Reader, id: number): readonly Boundary[] {
  const row = db
    .select({ boundaries: sittings.boundaries })
    .from(sittings)
    .where(eq(sittings.id, id))
    .get();
  return row?.boundaries ?? [];
}

/**
 * Sets the grade boundaries of some sittings: the same for all who sat the paper together. False if those of the first
 * are not what they were when they were read.
 */
export function setBoundaries(
  db: Db,
  ids: readonly number[],
  boundaries: readonly Boundary[],
  was: string
): boolean {
  const best = boundaries.toSorted((one, other) => other.from - one.from);
  return change(db, (tx, log) => {
    if (wasOf(readBoundaries(tx, ids[0]!)) !== was) return false;
    for (const id of ids) {
      tx.update(sittings).set({ boundaries: best }).where(eq(sittings.id, id)).run();
      log('grade boundaries set', ['sitting', id], withinSitting(tx, id));
    }
    return true;
  });
}
