import {
  byRegister,
  pupilKey,
  toldApart,
  type ClassListLine,
  type PupilName
} from '@zealous-quill/core/exchange';
import { and, asc, count, eq, ne } from 'drizzle-orm';
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

/** A pupil as a class list has one. */
type ListedPupil = Omit<ClassListLine, 'isAgain'>;

export interface Pupil extends PupilName {
  readonly id: number;
  /** Scripts of this pupil, which would go with the pupil. */
  readonly scripts: number;
}

export interface ClassWithPupils {
  readonly id: number;
  readonly name: string;
  readonly sittings: number;
  /** In the order of a register; those of one name are told apart. */
  readonly pupils: readonly Pupil[];
}

export function readClass(db: Reader, id: number): ClassWithPupils | undefined {
  const group = db.select().from(classes).where(eq(classes.id, id)).get();
  if (!group) return undefined;
  const members = db
    .select({
      id: pupils.id,
      name: pupils.name,
      surname: pupils.surname,
      scripts: count(scripts.id)
    })
    .from(pupils)
    .leftJoin(scripts, eq(scripts.pupilId, pupils.id))
    .where(eq(pupils.classId, id))
    .groupBy(pupils.id)
    .orderBy(asc(pupils.id))
    .all();
  const sat = db.select({ n: count() }).from(sittings).where(eq(sittings.classId, id)).get()!.n;
  const { name } = group;
  return { id, name, sittings: sat, pupils: toldApart(members.toSorted(byRegister)) };
}

/** The new class's id, or undefined if the name is taken. */
export function createClass(db: Db, name: string): number | undefined {
  return db.transaction((tx) => {
    const row = tx.insert(classes).values({ name }).onConflictDoNothing().returning().get();
    if (row) log(tx, 'class made', `class ${row.id}`);
    return row?.id;
  });
}

/** The new pupil's id. A class may have two pupils of one name. */
export function addPupil(db: Db, classId: number, pupil: PupilName): number {
  return db.transaction((tx) => {
    const { id } = tx
      .insert(pupils)
      .values({ classId, ...nameColumns(pupil) })
      .returning()
      .get();
    log(tx, 'pupil added', `pupil ${id}`);
    return id;
  });
}

/** Renames a class; false if there is none, or another has that name. */
export function renameClass(db: Db, id: number, name: string): boolean {
  return db.transaction((tx) => {
    const other = tx
      .select({ id: classes.id })
      .from(classes)
      .where(and(eq(classes.name, name), ne(classes.id, id)))
      .get();
    if (other) return false;
    const { changes } = tx.update(classes).set({ name }).where(eq(classes.id, id)).run();
    if (changes > 0) log(tx, 'class renamed', `class ${id}`);
    return changes > 0;
  });
}

/** Renames a pupil of a class; false if the class has none of that id. */
export function renamePupil(db: Db, classId: number, id: number, pupil: PupilName): boolean {
  return db.transaction((tx) => {
    const own = and(eq(pupils.id, id), eq(pupils.classId, classId));
    const { changes } = tx.update(pupils).set(nameColumns(pupil)).where(own).run();
    if (changes > 0) log(tx, 'pupil renamed', `pupil ${id}`);
    return changes > 0;
  });
}

export type RemoveResult = 'removed' | 'missing' | 'has-marks';

/** Removes a pupil; one who has scripts only if those may go as well. */
export function removePupil(db: Db, classId: number, id: number, withMarks: boolean): RemoveResult {
  return db.transaction(
    (tx): RemoveResult => {
      const pupil = tx.select().from(pupils).where(eq(pupils.id, id)).get();
      if (pupil?.classId !== classId) return 'missing';
      const own = eq(scripts.pupilId, id);
      const script = tx.select({ id: scripts.id }).from(scripts).where(own).get();
      if (script && !withMarks) return 'has-marks';
      tx.delete(scripts).where(own).run();
      tx.delete(pupils).where(eq(pupils.id, id)).run();
      log(tx, 'pupil removed', `pupil ${id}`);
      return 'removed';
    },
    { behavior: 'immediate' }
  );
}

/** Removes a class with its pupils; one that has sat papers only if its marks may go as well. */
export function removeClass(db: Db, id: number, withMarks: boolean): RemoveResult {
  return db.transaction(
    (tx): RemoveResult => {
      const group = readClass(tx, id);
      if (!group) return 'missing';
      if (group.sittings > 0 && !withMarks) return 'has-marks';
      tx.delete(sittings).where(eq(sittings.classId, id)).run();
      tx.delete(classes).where(eq(classes.id, id)).run();
      log(tx, 'class removed', `class ${id}`);
      return 'removed';
    },
    { behavior: 'immediate' }
  );
}

/**
 * Lines of a class list whose pupil is in the class already: of several of one name, as many as the class
 * has of them.
 */
export function knownPupils(db: Reader, lines: readonly ListedPupil[]): Set<number> {
  const waiting = new Map<string, number>();
  for (const { className, name } of db
    .select({ className: classes.name, name: pupils.name })
    .from(pupils)
    .innerJoin(classes, eq(classes.id, pupils.classId))
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
  return db.transaction((tx) => {
    const ids = new Map<string, number>();
    const known = knownPupils(tx, lines);
    let added = 0;
    for (const { line, className, ...pupil } of lines) {
      let id = ids.get(className);
      if (id === undefined) {
        tx.insert(classes).values({ name: className }).onConflictDoNothing().run();
        id = tx.select().from(classes).where(eq(classes.name, className)).get()!.id;
        ids.set(className, id);
      }
      if (known.has(line)) continue;
      tx.insert(pupils)
        .values({ classId: id, ...nameColumns(pupil) })
        .run();
      added++;
    }
    log(tx, 'class list imported', `${added} pupils`);
    return { classes: [...ids.values()], added };
  });
}

const nameColumns = ({ name, surname }: PupilName) => ({ name, surname });
