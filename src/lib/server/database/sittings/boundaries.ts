import type { Boundary } from '@zealous-quill/core/results';
import { eq } from 'drizzle-orm';
import { wasOf } from '../base/was';
import { change, withinSitting } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { sittings } from '../base/schema';

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
  return change(db, (tx, log) => {
    if (wasOf(readBoundaries(tx, ids[0]!)) !== was) return false;
    for (const id of ids) {
      writeBoundaries(tx, id, boundaries);
      log('grade boundaries set', ['sitting', id], withinSitting(tx, id));
    }
    return true;
  });
}

/** Keeps the boundaries of a sitting, the best first. */
export function writeBoundaries(tx: Writer, id: number, boundaries: readonly Boundary[]): void {
  const best = boundaries.toSorted((one, other) => other.from - one.from);
  tx.update(sittings).set({ boundaries: best }).where(eq(sittings.id, id)).run();
}
