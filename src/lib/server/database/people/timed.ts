import type { QuickAsked } from '@zealous-quill/core/quick';
import { findCard } from '@zealous-quill/core/catalogue';
import { and, asc, countDistinct, desc, eq, isNotNull } from 'drizzle-orm';
import { moveToBin } from '../records/bin';
import { change, logWork } from '../base/change';
import type { Db, Reader } from '../base/db';
import type { Removed } from '../papers/papers';
import { type timedKinds, timedEntries, timedSets } from '../base/schema';

/** Sheets that a class works against the clock, and what they were drawn from. */
export interface TimedSet {
  readonly id: number;
  readonly classId: number;
  readonly skill: string;
  readonly asked: QuickAsked & { readonly minutes: number };
  /** Items on each sheet. */
  readonly items: number;
  readonly createdAt: string;
}

export interface TimedSummary extends TimedSet {
  /** Pupils of whom something is noted. */
  readonly pupils: number;
}

/** Where a score or a time stands: of whom, on which sheet. */
export interface TimedPlace {
  readonly pupilId: number;
  readonly sheet: number;
  readonly kind: (typeof timedKinds)[number];
}

export interface TimedEntry extends TimedPlace {
  /** Right answers, or seconds; null where it was taken back. */
  readonly value: number | null;
  readonly version: number;
}

/** Longest time that is noted, in seconds. */
const LONGEST_TIME = 7200;

/** Keeps sheets for a class; the same sheets for the same class are one set, whoever presses twice. */
export function keepTimedSet(
  db: Db,
  { classId, skill, asked, items }: Omit<TimedSet, 'id' | 'createdAt'>
): number {
  return change(db, (tx, log) => {
    const same = setsOf(tx, classId).find(
      (one) => one.skill === skill && JSON.stringify(one.asked) === JSON.stringify(asked)
    );
    if (same) return same.id;
    const { id } = tx.insert(timedSets).values({ classId, skill, asked, items }).returning().get();
    log('timed practice kept', ['class', classId]);
    return id;
  });
}

const setsOf = (db: Reader, classId: number): TimedSet[] =>
  db
    .select()
    .from(timedSets)
    .where(eq(timedSets.classId, classId))
    .orderBy(desc(timedSets.id))
    .all();

/** The sets of a class, the newest first, with how many pupils have something noted. */
export function listTimedSets(db: Reader, classId: number): TimedSummary[] {
  const noted = new Map(
    db
      .select({ setId: timedEntries.setId, pupils: countDistinct(timedEntries.pupilId) })
      .from(timedEntries)
      .where(isNotNull(timedEntries.value))
      .groupBy(timedEntries.setId)
      .all()
      .map(({ setId, pupils }) => [setId, pupils])
  );
  return setsOf(db, classId).map((set) => ({ ...set, pupils: noted.get(set.id) ?? 0 }));
}

/** A set of a class with what is noted of its pupils; undefined if the class has no such set. */
export function readTimedSet(
  db: Reader,
  classId: number,
  id: number
): (TimedSet & { readonly entries: readonly TimedEntry[] }) | undefined {
  const set = setsOf(db, classId).find((one) => one.id === id);
  return set && { ...set, entries: entriesOf(db, id) };
}

const entriesOf = (db: Reader, setId: number): TimedEntry[] =>
  db
    .select({
      pupilId: timedEntries.pupilId,
      sheet: timedEntries.sheet,
      kind: timedEntries.kind,
      value: timedEntries.value,
      version: timedEntries.version
    })
    .from(timedEntries)
    .where(eq(timedEntries.setId, setId))
    .orderBy(asc(timedEntries.id))
    .all();

export type SavedEntry = 'saved' | 'changed' | 'too-many';

/** Saves scores and times over the versions they were read at; of each what came of it. */
export function saveTimedEntries(
  db: Db,
  set: TimedSet,
  entries: readonly TimedEntry[]
): SavedEntry[] {
  return change(db, (tx, log) => {
    const codes = entries.map(({ value, version, ...place }): SavedEntry => {
      if ((value ?? 0) > (place.kind === 'score' ? set.items : LONGEST_TIME)) return 'too-many';
      const where = and(
        eq(timedEntries.setId, set.id),
        eq(timedEntries.pupilId, place.pupilId),
        eq(timedEntries.sheet, place.sheet),
        eq(timedEntries.kind, place.kind)
      );
      const now = tx.select().from(timedEntries).where(where).get();
      if ((now?.version ?? 0) !== version) return 'changed';
      const next = { value, version: version + 1 };
      if (now) tx.update(timedEntries).set(next).where(where).run();
      else
        tx.insert(timedEntries)
          .values({ setId: set.id, ...place, ...next })
          .run();
      return 'saved';
    });
    if (codes.includes('saved')) logWork(tx, log, 'scores and times noted', ['class', set.classId]);
    return codes;
  });
}

/** Moves a set into the bin with what is noted of it. */
export function removeTimedSet(db: Db, set: TimedSet, title: string): Removed {
  return change(db, (tx, log) => {
    log('timed practice removed', ['class', set.classId]);
    return {
      title,
      bin: moveToBin(tx, { kind: 'timed practice', title, table: 'timed_sets', id: set.id })
    };
  });
}

/** What one pupil did on the sheets of each set, for the record of that pupil. */
export function timedOf(db: Reader, pupilId: number) {
  const rows = db
    .select({ set: timedSets, entry: timedEntries })
    .from(timedEntries)
    .innerJoin(timedSets, eq(timedSets.id, timedEntries.setId))
    .where(and(eq(timedEntries.pupilId, pupilId), isNotNull(timedEntries.value)))
    .orderBy(asc(timedSets.id), asc(timedEntries.sheet))
    .all();
  return [...new Set(rows.map(({ set }) => set.id))].map((id) => {
    const own = rows.filter(({ set }) => set.id === id);
    const { skill, items, createdAt } = own[0]!.set;
    const value = (sheet: number, kind: TimedPlace['kind']) =>
      own.find(({ entry }) => entry.sheet === sheet && entry.kind === kind)?.entry.value ?? null;
    const sheets = [...new Set(own.map(({ entry }) => entry.sheet))];
    return {
      ...{ title: findCard(skill)?.title ?? skill, skill, items, since: createdAt },
      sheets: sheets.map((sheet) => ({
        sheet: 'ABCD'[sheet]!,
        score: value(sheet, 'score'),
        seconds: value(sheet, 'seconds')
      }))
    };
  });
}
