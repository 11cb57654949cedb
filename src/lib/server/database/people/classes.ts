import { byRegister, toldApart, type PupilName } from '@zealous-quill/core/exchange';
import { asc, count, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import { moveToBin } from '../records/bin';
import { change, isFirst } from '../base/change';
import type { Db, Reader } from '../base/db';
import type { Removed } from '../papers/papers';
import { classes, pupils, scripts, sittings } from '../base/schema';

export interface ClassSummary {
  readonly id: number;
  readonly name: string;
  /** The school year, `2026/27`; empty where nobody said. */
  readonly year: string;
  readonly isArchived: boolean;
  readonly pupils: number;
  readonly sittings: number;
}

/** The classes of the department, or those that were archived, by their years and names. */
export function listClasses(db: Db, isArchived = false): ClassSummary[] {
  const sat = new Map(
    db
      .select({ classId: sittings.classId, n: count() })
      .from(sittings)
      .groupBy(sittings.classId)
      .all()
      .map(({ classId, n }) => [classId, n])
  );
  return db
    .select({ id: classes.id, name: classes.name, year: classes.year, pupils: count(pupils.id) })
    .from(classes)
    .leftJoin(pupils, eq(pupils.classId, classes.id))
    .where(isArchived ? isNotNull(classes.archivedAt) : isNull(classes.archivedAt))
    .groupBy(classes.id)
    .orderBy(desc(classes.year), asc(classes.name))
    .all()
    .map((row) => ({ ...row, isArchived, sittings: sat.get(row.id) ?? 0 }));
}

interface Pupil extends PupilName {
  readonly id: number;
  /** Scripts of this pupil, which would go with the pupil. */
  readonly scripts: number;
  /** The size of print that is wanted, in points; 0 for the usual one. */
  readonly largePrint: number;
  readonly extraTime: boolean;
}

export interface ClassWithPupils {
  readonly id: number;
  readonly name: string;
  readonly year: string;
  readonly isArchived: boolean;
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
      largePrint: pupils.largePrint,
      extraTime: pupils.extraTime,
      scripts: count(scripts.id)
    })
    .from(pupils)
    .leftJoin(scripts, eq(scripts.pupilId, pupils.id))
    .where(eq(pupils.classId, id))
    .groupBy(pupils.id)
    .orderBy(asc(pupils.id))
    .all();
  const sat = db.select({ n: count() }).from(sittings).where(eq(sittings.classId, id)).get()!.n;
  const { name, year, archivedAt } = group;
  const listed = toldApart(members.toSorted(byRegister));
  return { id, name, year, isArchived: archivedAt !== null, sittings: sat, pupils: listed };
}

/** The class of a name, whatever its capitals, among those that are not archived. */
export function classNamed(db: Reader, name: string): number | undefined {
  const wanted = name.toLowerCase();
  const all = db
    .select({ id: classes.id, name: classes.name })
    .from(classes)
    .where(isNull(classes.archivedAt))
    .all();
  return (
    all.find((one) => one.name === name) ?? all.find((one) => one.name.toLowerCase() === wanted)
  )?.id;
}

/** The new class's id, or undefined if the name is taken. */
export function createClass(db: Db, name: string, year = ''): number | undefined {
  return change(db, (tx, log) => {
    if (classNamed(tx, name) !== undefined) return undefined;
    const { id } = tx.insert(classes).values({ name, year }).returning().get();
    log('class made', ['class', id]);
    return id;
  });
}

/** The new pupil's id; undefined if that was done for this key. A class may have two pupils of one name. */
export function addPupil(db: Db, classId: number, pupil: PupilName, key = ''): number | undefined {
  return change(db, (tx, log) => {
    if (!isFirst(tx, key)) return undefined;
    const { id } = tx
      .insert(pupils)
      .values({ classId, ...nameColumns(pupil) })
      .returning()
      .get();
    log('pupil added', ['pupil', id], [['class', classId]]);
    return id;
  });
}

/** A name was given another meanwhile: it says which. */
export type Renamed =
  | { readonly ok: true }
  | { readonly ok: false; readonly code: 'missing' | 'taken' }
  | { readonly ok: false; readonly code: 'changed'; readonly name: string };

/** Renames a class, unless its name is not `was` any more, or another class has the new one. */
export function renameClass(db: Db, id: number, name: string, was: string): Renamed {
  return change(db, (tx, log): Renamed => {
    const own = tx.select().from(classes).where(eq(classes.id, id)).get();
    if (!own) return { ok: false, code: 'missing' };
    if (own.name === name) return { ok: true };
    if (own.name !== was) return { ok: false, code: 'changed', name: own.name };
    if ((classNamed(tx, name) ?? id) !== id) return { ok: false, code: 'taken' };
    tx.update(classes).set({ name }).where(eq(classes.id, id)).run();
    log('class renamed', ['class', id]);
    return { ok: true };
  });
}

/** Renames a pupil of a class, unless the name is not `was` any more. */
export function renamePupil(
  db: Db,
  { classId, id }: { classId: number; id: number },
  pupil: PupilName,
  was: string
): Renamed {
  return change(db, (tx, log): Renamed => {
    const own = tx.select().from(pupils).where(eq(pupils.id, id)).get();
    if (own?.classId !== classId) return { ok: false, code: 'missing' };
    if (own.name === pupil.name && own.surname === pupil.surname) return { ok: true };
    if (own.name !== was) return { ok: false, code: 'changed', name: own.name };
    tx.update(pupils).set(nameColumns(pupil)).where(eq(pupils.id, id)).run();
    log('pupil renamed', ['pupil', id], [['class', classId]]);
    return { ok: true };
  });
}

export type RemoveResult =
  | ({ readonly ok: true } & Removed)
  | { readonly ok: false; readonly code: 'missing' | 'has-marks' };

/** Moves a pupil into the bin; one who has scripts only if those may go as well. */
export function removePupil(db: Db, classId: number, id: number, withMarks: boolean): RemoveResult {
  return change(db, (tx, log): RemoveResult => {
    const pupil = tx.select().from(pupils).where(eq(pupils.id, id)).get();
    if (pupil?.classId !== classId) return { ok: false, code: 'missing' };
    const script = tx.select().from(scripts).where(eq(scripts.pupilId, id)).get();
    if (script && !withMarks) return { ok: false, code: 'has-marks' };
    log('pupil removed', ['pupil', id], [['class', classId]]);
    const title = pupil.name;
    return { ok: true, title, bin: moveToBin(tx, { kind: 'pupil', title, table: 'pupils', id }) };
  });
}

/** Moves a class with its pupils into the bin; one that has sat papers only if its marks may go as well. */
export function removeClass(db: Db, id: number, withMarks: boolean): RemoveResult {
  return change(db, (tx, log): RemoveResult => {
    const group = readClass(tx, id);
    if (!group) return { ok: false, code: 'missing' };
    if (group.sittings > 0 && !withMarks) return { ok: false, code: 'has-marks' };
    log('class removed', ['class', id]);
    const title = group.name;
    return { ok: true, title, bin: moveToBin(tx, { kind: 'class', title, table: 'classes', id }) };
  });
}

export const nameColumns = ({ name, surname }: PupilName) => ({ name, surname });
