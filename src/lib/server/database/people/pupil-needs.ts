import { and, eq } from 'drizzle-orm';
import { change } from '../base/change';
import type { Db } from '../base/db';
import { pupils } from '../base/schema';

/** Sizes of print that pupils can be given, in points; 0 for the usual one. */
export const pupilPrints = [0, 18, 24] as const;

/** What a pupil needs of a print and of the time. */
export interface Needs {
  readonly largePrint: (typeof pupilPrints)[number];
  readonly extraTime: boolean;
}

/** Says what a pupil of a class needs, over what stood there when it was read. */
export function setNeeds(
  db: Db,
  { classId, id }: { classId: number; id: number },
  needs: Needs,
  was: Needs
): 'saved' | 'missing' | 'changed' {
  return change(db, (tx, log) => {
    const own = and(eq(pupils.id, id), eq(pupils.classId, classId));
    const now = tx.select().from(pupils).where(own).get();
    if (!now) return 'missing';
    if (now.largePrint !== was.largePrint || now.extraTime !== was.extraTime) return 'changed';
    tx.update(pupils).set(needs).where(own).run();
    log('large print or extra time of a pupil changed', ['pupil', id], [['class', classId]]);
    return 'saved';
  });
}
