import { eq, max } from 'drizzle-orm';
import { change } from '../base/change';
import type { Db } from '../base/db';
import { classes, sittings } from '../base/schema';
import { classNamed } from './classes';

/** Whether a text is a school year, `2026/27`, or empty. */
export function isSchoolYear(text: string): boolean {
  const [, from, to] = /^(\d{4})\/(\d\d)$/.exec(text) ?? [];
  return text === '' || (from !== undefined && (Number(from) + 1) % 100 === Number(to));
}

/** Says which school year a class belongs to. */
export function setYear(db: Db, id: number, year: string): void {
  change(db, (tx, log) => {
    const own = tx.select().from(classes).where(eq(classes.id, id)).get();
    if (!own || own.year === year) return;
    tx.update(classes).set({ year }).where(eq(classes.id, id)).run();
    log(year ? `class put into ${year}` : 'class taken out of its year', ['class', id]);
  });
}

/** Puts classes away with what they sat, each in a school year, so that the next one can have its name. */
export function archiveClasses(db: Db, ids: readonly number[]): void {
  change(db, (tx, log) => {
    for (const id of ids) {
      const own = tx.select().from(classes).where(eq(classes.id, id)).get();
      if (!own || own.archivedAt !== null) continue;
      const last = tx
        .select({ day: max(sittings.satOn) })
        .from(sittings)
        .where(eq(sittings.classId, id))
        .get()?.day;
      const year = own.year || schoolYearOf(last ?? own.createdAt);
      const archivedAt = new Date().toISOString();
      tx.update(classes).set({ archivedAt, year }).where(eq(classes.id, id)).run();
      log('class archived', ['class', id]);
    }
  });
}

/** Takes a class out of the archive; false if another that is not archived has its name. */
export function takeOutOfArchive(db: Db, id: number): boolean {
  return change(db, (tx, log) => {
    const own = tx.select().from(classes).where(eq(classes.id, id)).get();
    if (!own || own.archivedAt === null) return true;
    if (classNamed(tx, own.name) !== undefined) return false;
    tx.update(classes).set({ archivedAt: null }).where(eq(classes.id, id)).run();
    log('class taken out of the archive', ['class', id]);
    return true;
  });
}

/** The school year of a day, `2026/27`: it begins in September (common practice). */
function schoolYearOf(day: string): string {
  const [year, month] = [Number(day.slice(0, 4)), Number(day.slice(5, 7))];
  const from = month >= 9 ? year : year - 1;
  return `${from}/${String((from + 1) % 100).padStart(2, '0')}`;
}
