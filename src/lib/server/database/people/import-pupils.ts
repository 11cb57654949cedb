import { pupilKey, type ClassListLine } from '@zealous-quill/core/exchange';
import { eq, isNull } from 'drizzle-orm';
import { change } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { classes, pupils } from '../base/schema';
import { classNamed, nameColumns } from './classes';

/** A pupil as a class list has one. */
type ListedPupil = Omit<ClassListLine, 'isAgain'>;

/**
 * Lines of a class list whose pupil is in the class already: of several of one name, as many as the class
 * has of them. Classes that are archived are not looked into.
 */
export function knownPupils(db: Reader, lines: readonly ListedPupil[]): Set<number> {
  const waiting = new Map<string, number>();
  for (const { className, name } of db
    .select({ className: classes.name, name: pupils.name })
    .from(pupils)
    .innerJoin(classes, eq(classes.id, pupils.classId))
    .where(isNull(classes.archivedAt))
    .all()) {
    const key = pupilKey(name, className);
    waiting.set(key, (waiting.get(key) ?? 0) + 1);
  }
  const known = new Set<number>();
  for (const { line, className, name } of lines) {
    const key = pupilKey(name, className);
    const left = waiting.get(key) ?? 0;
    if (left === 0) continue;
    waiting.set(key, left - 1);
    known.add(line);
  }
  return known;
}

/** Takes in the lines of a class list whose pupils are not there yet; classes that are missing are made. */
export function importPupils(
  db: Db,
  lines: readonly ListedPupil[]
): { classes: number[]; added: number } {
  return change(db, (tx, log) => {
    const ids = new Map<string, number>();
    const known = knownPupils(tx, lines);
    let added = 0;
    for (const { line, className, ...pupil } of lines) {
      const id = ids.get(className) ?? classNamed(tx, className) ?? newClass(tx, className);
      ids.set(className, id);
      if (known.has(line)) continue;
      tx.insert(pupils)
        .values({ classId: id, ...nameColumns(pupil) })
        .run();
      added++;
    }
    const taken = [...new Set(ids.values())];
    log(
      `class list imported (${added} pupils)`,
      'department',
      taken.map((id) => ['class', id])
    );
    return { classes: taken, added };
  });
}

function newClass(tx: Writer, name: string): number {
  return tx.insert(classes).values({ name }).returning().get().id;
}
