import type { ClassListLine } from '@zealous-quill/core/exchange';
import { and, asc, count, eq } from 'drizzle-orm';
import type { Db, Reader } from './connection';
import { log } from './logbook';
import { classes, pupils, scripts, sittings } from './schema';

export interface ClassSummary {
  readonly id: number;
  readonly name: string;
  readonly pupils: number;
  readonly sittings: number;
}

export function listClasses(db: Db): ClassSummary[] {
  const sat = new Map(
    db
      .select({ classId: sittings.classId, n: count() })
      .from(sittings)
      .groupBy(sittings.classId)
      .all()
      .map(({ classId, n }) => [classId, n])
  );
  return db
    .select({ id: classes.id, name: classes.name, pupils: count(pupils.id) })
    .from(classes)
    .leftJoin(pupils, eq(pupils.classId, classes.id))
    .groupBy(classes.id)
    .orderBy(asc(classes.name))
    .all()
    .map((row) => ({ ...row, sittings: sat.get(row.id) ?? 0 }));
}

export interface Pupil {
  readonly id: number;
  readonly name: string;
}

export function readClass(
  db: Db,
  id: number
): { id: number; name: string; pupils: Pupil[] } | undefined {
  const group = db.select().from(classes).where(eq(classes.id, id)).get();
  if (!group) return undefined;
  const members = db
    .select({ id: pupils.id, name: pupils.name })
    .from(pupils)
    .where(eq(pupils.classId, id))
    .orderBy(asc(pupils.name))
    .all();
  return { id, name: group.name, pupils: members };
}

/** The new class's id, or undefined if the name is taken. */
export function createClass(db: Db, name: string): number | undefined {
  return db.transaction((tx) => {
    const row = tx.insert(classes).values({ name }).onConflictDoNothing().returning().get();
    if (row) log(tx, 'class made', `class ${row.id}`);
    return row?.id;
  });
}

/** The new pupil's id, or undefined if the class has a pupil of that name. */
export function addPupil(db: Db, classId: number, name: string): number | undefined {
  return db.transaction((tx) => {
    if (hasPupil(tx, classId, name)) return undefined;
    const row = tx.insert(pupils).values({ classId, name }).returning().get();
    log(tx, 'pupil added', `pupil ${row.id}`);
    return row.id;
  });
}

/** Removes a pupil who has no scripts; false if there are some. */
export function removePupil(db: Db, classId: number, pupilId: number): boolean {
  return db.transaction((tx) => {
    const script = tx
      .select({ id: scripts.id })
      .from(scripts)
      .where(eq(scripts.pupilId, pupilId))
      .get();
    const pupil = tx.select().from(pupils).where(eq(pupils.id, pupilId)).get();
    if (script || pupil?.classId !== classId) return false;
    tx.delete(pupils).where(eq(pupils.id, pupilId)).run();
    log(tx, 'pupil removed', `pupil ${pupilId}`);
    return true;
  });
}

/** Lines of a class list whose pupil is in the class already. */
export function knownPupils(db: Db, lines: readonly ClassListLine[]): Set<number> {
  const known = new Set(
    db
      .select({ className: classes.name, name: pupils.name })
      .from(pupils)
      .innerJoin(classes, eq(classes.id, pupils.classId))
      .all()
      .map(({ className, name }) => `${className}\n${name}`.toLowerCase())
  );
  return new Set(
    lines
      .filter(({ className, name }) => known.has(`${className}\n${name}`.toLowerCase()))
      .map(({ line }) => line)
  );
}

/** Takes in a whole class list or nothing; classes that are missing are made. */
export function importPupils(
  db: Db,
  lines: readonly ClassListLine[]
): { classes: number[]; added: number } {
  return db.transaction((tx) => {
    const ids = new Map<string, number>();
    let added = 0;
    for (const { className, name } of lines) {
      let id = ids.get(className);
      if (id === undefined) {
        tx.insert(classes).values({ name: className }).onConflictDoNothing().run();
        id = tx.select().from(classes).where(eq(classes.name, className)).get()!.id;
        ids.set(className, id);
      }
      if (hasPupil(tx, id, name)) continue;
      tx.insert(pupils).values({ classId: id, name }).run();
      added++;
    }
    log(tx, 'class list imported', `${added} pupils`);
    return { classes: [...ids.values()], added };
  });
}

function hasPupil(db: Reader, classId: number, name: string): boolean {
  const named = and(eq(pupils.classId, classId), eq(pupils.name, name));
  return db.select({ id: pupils.id }).from(pupils).where(named).get() !== undefined;
}
