import { and, eq } from 'drizzle-orm';
import { change } from './change';
import type { Db } from './connection';
import { pupils } from './schema';

/** Sizes of print that pupils can be given, in points; 0 for the usual one. */
export const pupilPrints = [0, 18, 24] as const;

/** What a pupil needs of a print and of the time. */
export interface Needs {
  readonly largePrint: (typeof pupilPrints)[number];
  readonly extraTime: boolean;
}

/** Says what a pupil of a class needs; false if there is no such pupil. */
export function setNeeds(
  db: Db,
  { classId, id }: { classId: number; id: number },
  needs: Needs
): boolean {
  return change(db, (tx, log) => {
    const { changes } = tx
      .update(pupils)
      .set(needs)
      .where(and(eq(pupils.id, id), eq(pupils.classId, classId)))
      .run();
    if (changes > 0) log('print and time of a pupil changed', ['pupil', id], [['class', classId]]);
    return changes > 0;
  });
}
