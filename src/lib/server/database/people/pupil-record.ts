import { isMarked } from '@zealous-quill/core/papers';
import { patternKey } from '@zealous-quill/core/skill';
import { and, asc, desc, eq, inArray, max, sql } from 'drizzle-orm';
import { change, type Log } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { eraseFromBin } from '../records/erase-from-bin';
import { scriptDecisions, type Decided } from '../records/logbook';
import { readResponses } from '../marking/responses';
import {
  classes,
  decisions,
  logbook,
  logbookAbout,
  markings,
  papers,
  pupils,
  responses,
  scriptPages,
  scripts,
  sittings
} from '../base/schema';
import { readSat } from '../sittings/snapshots';
import { timedOf } from './timed';

/** Everything that is held about one pupil. */
export interface PupilRecord {
  readonly name: string;
  readonly className: string;
  readonly year: string;
  /** Points; 0 for the usual size. */
  readonly largePrint: number;
  readonly hasExtraTime: boolean;
  readonly papers: readonly SatRecord[];
  /** Older papers that are left out here. */
  readonly older: number;
  /** Practices that were made for this pupil alone. */
  readonly practices: readonly { readonly title: string; readonly madeAt: string }[];
  /** Scores and times of quick practice. */
  readonly timed: ReturnType<typeof timedOf>;
  /** What the logbook says was done. */
  readonly log: readonly { readonly at: string; readonly action: string }[];
}

interface SatRecord {
  readonly title: string;
  readonly satOn: string;
  readonly isAbsent: boolean;
  readonly items: readonly ItemRecord[];
  readonly decisions: readonly Decided[];
  readonly pages: readonly PageRecord[];
}

interface ItemRecord {
  /** What it is called on the paper: `3(a)`. */
  readonly label: string;
  readonly prompt: string;
  readonly answer: string;
  /** By what the step is called, as it was typed; the answer stands last. */
  readonly written: readonly (readonly [step: string, text: string])[];
  readonly attempt: string;
  readonly isMarked: boolean;
  readonly awarded: number | null;
  readonly available: number | null;
  readonly patterns: readonly string[];
  readonly comment: string;
}

interface PageRecord {
  readonly mediaType: string;
  readonly base64: string;
}

/**
 * The record of a pupil of a class, with all papers or so many of the newest; undefined if the class has no such pupil.
 */
export function pupilRecord(
  db: Reader,
  classId: number,
  id: number,
  newest = Infinity
): PupilRecord | undefined {
  const found = db
    .select({ pupil: pupils, className: classes.name, year: classes.year })
    .from(pupils)
    .innerJoin(classes, eq(classes.id, pupils.classId))
    .where(and(eq(pupils.id, id), eq(pupils.classId, classId)))
    .get();
  if (!found) return undefined;
  const { pupil, className, year } = found;
  const sat = db
    .select({
      script: scripts,
      paperId: sittings.paperId,
      satOn: sittings.satOn,
      title: papers.title
    })
    .from(scripts)
    .innerJoin(sittings, eq(sittings.id, scripts.sittingId))
    .innerJoin(papers, eq(papers.id, sittings.paperId))
    .where(eq(scripts.pupilId, id))
    .orderBy(asc(sittings.satOn))
    .all();
  const shown = sat.slice(Math.max(0, sat.length - newest));
  return {
    ...{ name: pupil.name, className, year },
    largePrint: pupil.largePrint,
    hasExtraTime: pupil.extraTime,
    older: sat.length - shown.length,
    papers: shown.map(({ script, paperId, satOn, title }) => ({
      ...{ title, satOn, isAbsent: script.isAbsent },
      items: itemRecords(db, script.id, paperId),
      decisions: scriptDecisions(db, script.id),
      pages: pageRecords(db, script.id)
    })),
    practices: db
      .select({ title: papers.title, madeAt: papers.createdAt })
      .from(papers)
      .where(eq(papers.pupilId, id))
      .orderBy(asc(papers.id))
      .all(),
    timed: timedOf(db, id),
    log: db
      .select({ at: logbook.at, action: logbook.action })
      .from(logbook)
      .innerJoin(logbookAbout, eq(logbookAbout.lineId, logbook.id))
      .where(and(eq(logbookAbout.kind, 'pupil'), eq(logbookAbout.subjectId, id)))
      .orderBy(asc(logbook.id))
      .all()
  };
}

function itemRecords(db: Reader, scriptId: number, paperId: number): ItemRecord[] {
  const items = readSat(db, paperId).parts.filter((part) => isMarked(part));
  const states = readResponses(db, { scripts: [scriptId], parts: items.map(({ id }) => id) });
  const outcomes = new Map(
    db
      .select({ partId: responses.partId, outcome: responses.outcome })
      .from(responses)
      .innerJoin(markings, eq(markings.id, responses.markingId))
      .where(eq(markings.scriptId, scriptId))
      .all()
      .map(({ partId, outcome }) => [partId, outcome])
  );
  return items.flatMap(({ id, label, item }) => {
    const state = states[`${scriptId}/${id}`];
    if (!state) return [];
    const outcome = outcomes.get(id);
    return {
      ...{ label, prompt: item.prompt, answer: item.answer },
      written: item.steps.flatMap(({ id: step, label }) => {
        const text = state.working[step];
        return text === undefined ? [] : [[label, text] as const];
      }),
      ...{ attempt: state.attempt, isMarked: state.isMarked, comment: state.comment },
      awarded: outcome?.awarded ?? null,
      available: outcome?.available ?? null,
      patterns: item.errorPatterns.flatMap(({ id: pattern, title }) =>
        outcome?.didShow.includes(patternKey(item.skill, pattern)) ? [title] : []
      )
    };
  });
}

function pageRecords(db: Reader, scriptId: number): PageRecord[] {
  return db
    .select({ mediaType: scriptPages.mediaType, bytes: scriptPages.bytes })
    .from(scriptPages)
    .where(eq(scriptPages.scriptId, scriptId))
    .orderBy(asc(scriptPages.position))
    .all()
    .map(({ mediaType, bytes }) => ({ mediaType, base64: bytes.toString('base64') }));
}

/**
 * Erases a pupil: the name, the pages of scripts, comments and reasons go for good, from the bin as well. Marks and
 * what was written stay with a script without a name, so that the statistics of the class stay what they are. False
 * if the class has no such pupil.
 */
export function erasePupil(db: Db, classId: number, id: number): boolean {
  const isErased = change(db, (tx, log) => {
    const own = and(eq(pupils.id, id), eq(pupils.classId, classId));
    if (!tx.select({ id: pupils.id }).from(pupils).where(own).get()) return false;
    eraseOne(tx, log, classId, id);
    return true;
  });
  // The log of the database has the old pages until it is written back.
  if (isErased) db.$client.pragma('wal_checkpoint(TRUNCATE)');
  return isErased;
}

function eraseOne(tx: Writer, log: Log, classId: number, id: number): void {
  const own = tx.select({ id: scripts.id }).from(scripts).where(eq(scripts.pupilId, id)).all();
  const ids = own.map((script) => script.id);
  const answered = tx
    .select({ id: responses.id })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(inArray(markings.scriptId, ids));
  tx.update(decisions)
    .set({ reason: 'removed' })
    .where(inArray(decisions.responseId, answered))
    .run();
  tx.update(responses).set({ comment: '' }).where(inArray(responses.id, answered)).run();
  tx.delete(scriptPages).where(inArray(scriptPages.scriptId, ids)).run();
  tx.update(scripts).set({ pupilId: null }).where(inArray(scripts.id, ids)).run();
  tx.delete(pupils).where(eq(pupils.id, id)).run();
  eraseFromBin(tx, id, ids);
  log('pupil erased', ['pupil', id], [['class', classId]]);
}

/** A class whose pupils' names are older than the department keeps them. */
export interface OldNames {
  readonly classId: number;
  readonly name: string;
  readonly year: string;
  /** The last day on which it sat a paper, or the day it was made. */
  readonly lastOn: string;
  readonly pupils: number;
}

/** The classes that sat their last paper more than so many years before a day, and still have names. */
export function oldNames(db: Reader, years: number, today: string): OldNames[] {
  const before = `${Number(today.slice(0, 4)) - years}${today.slice(4)}`;
  const last = sql<string>`coalesce(${max(sittings.satOn)}, substr(${classes.createdAt}, 1, 10))`;
  return db
    .select({
      classId: classes.id,
      name: classes.name,
      year: classes.year,
      lastOn: last,
      pupils: sql<number>`(select count(*) from ${pupils} where ${pupils.classId} = ${classes.id})`
    })
    .from(classes)
    .leftJoin(sittings, eq(sittings.classId, classes.id))
    .groupBy(classes.id)
    .orderBy(desc(last))
    .all()
    .filter((row) => row.pupils > 0 && row.lastOn < before);
}

/** Erases all pupils of those classes whose names are old; gives how many pupils that were. */
export function eraseOldNames(
  db: Db,
  classIds: readonly number[],
  { years, today }: { years: number; today: string }
): number {
  const erased = change(db, (tx, log) => {
    const due = oldNames(tx, years, today).map(({ classId }) => classId);
    const members = tx
      .select({ id: pupils.id, classId: pupils.classId })
      .from(pupils)
      .where(
        inArray(
          pupils.classId,
          due.filter((id) => classIds.includes(id))
        )
      )
      .all();
    for (const { id, classId } of members) eraseOne(tx, log, classId, id);
    return members.length;
  });
  db.$client.pragma('wal_checkpoint(TRUNCATE)');
  return erased;
}
