import type { HouseStyle } from '@zealous-quill/core/house-style';
import { outline, problemsIn, type Paper, type PaperProblem } from '@zealous-quill/core/papers';
import { and, count, desc, eq, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import { containing, PAGE, pageOf, type Listed, type ListQuery } from '../base/list-query';
import { moveToBin } from '../records/bin';
import { change, logWork } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { keptStyle, readHouseStyle } from './house-style';
import { readRungs, writeRungs } from './rungs';
import { classes, forms, papers, pupils, sections, sittings } from '../base/schema';

export interface PaperSummary {
  readonly id: number;
  readonly title: string;
  /** The name of the pupil for whom alone it was made. */
  readonly pupil: string | null;
  readonly kind: 'practice' | 'exam';
  readonly edition: number;
  readonly itemCount: number;
  readonly marks: number;
  readonly minutes: number;
  readonly isSat: boolean;
  readonly updatedAt: string;
}

export interface StoredPaper extends Paper {
  readonly id: number;
  readonly version: number;
  readonly edition: number;
  readonly isSat: boolean;
  /** For whom alone it was made. */
  readonly pupil: { readonly id: number; readonly name: string; readonly className: string } | null;
  /** The house style in which it was sat; null if it was not. */
  readonly style: HouseStyle | null;
  /** What could not be read of it, in words; what is sound stands in its rungs. */
  readonly damage: readonly string[];
}

/** The newest papers. */
export function listPapers(db: Db, limit: number): PaperSummary[] {
  return listed(db).orderBy(desc(papers.updatedAt)).limit(limit).all().map(summary);
}

/** Papers, each with the name of the one it was made for. */
const listed = (db: Reader) =>
  db
    .select({ paper: papers, pupil: pupils.name })
    .from(papers)
    .leftJoin(pupils, eq(pupils.id, papers.pupilId));

function summary({
  paper,
  pupil
}: ReturnType<ReturnType<typeof listed>['all']>[number]): PaperSummary {
  const { id, title, kind, edition, itemCount, marks, minutes, frozenAt, updatedAt } = paper;
  return {
    ...{ id, title, pupil, kind, edition, itemCount, marks, minutes, updatedAt },
    isSat: frozenAt !== null
  };
}

/** What of all papers can be shown. */
const paperStates: ReadonlyMap<string | null, SQL> = new Map([
  ['draft', isNull(papers.frozenAt)],
  ['sat', isNotNull(papers.frozenAt)],
  ['practice', eq(papers.kind, 'practice')],
  ['exam', eq(papers.kind, 'exam')]
]);

/** The papers whose titles have all of some words, all or some of them, a page at a time, newest first. */
export function findPapers(db: Db, { words, state, page: asked }: ListQuery): Listed<PaperSummary> {
  const found = and(
    ...words.map((word) => sql`${papers.title} like ${containing(word)} escape '\\'`),
    paperStates.get(state)
  );
  const { total } = db.select({ total: count() }).from(papers).where(found).get()!;
  const { offset, ...page } = pageOf(total, asked);
  const rows = listed(db)
    .where(found)
    .orderBy(desc(papers.updatedAt), desc(papers.id))
    .limit(PAGE)
    .offset(offset)
    .all();
  return { rows: rows.map(summary), ...page };
}

/** A paper with whatever of it is sound; undefined if there is none of that id. */
export function readPaper(db: Reader, id: number): StoredPaper | undefined {
  const row = db.select().from(papers).where(eq(papers.id, id)).get();
  if (!row) return undefined;
  const { title, seed, ramp, version, edition, frozenAt, style } = row;
  const isSat = frozenAt !== null;
  return {
    ...{ id, version, edition, isSat, title, seed, ramp },
    pupil: pupilOf(db, row.pupilId),
    style: isSat ? keptStyle(style!) : null,
    ...readRungs(db, id)
  };
}

function pupilOf(db: Reader, id: number | null): StoredPaper['pupil'] {
  if (id === null) return null;
  return (
    db
      .select({ id: pupils.id, name: pupils.name, className: classes.name })
      .from(pupils)
      .innerJoin(classes, eq(classes.id, pupils.classId))
      .where(eq(pupils.id, id))
      .get() ?? null
  );
}

/** What a paper is made of, and for whom. */
interface PaperOrigin {
  readonly previous?: { readonly id: number; readonly edition: number };
  readonly pupilId?: number | null;
}

/** The house style a paper is read in: that of the day it was sat, else the present one. */
export function styleOf(db: Reader, id: number): HouseStyle {
  const row = db.select({ style: papers.style }).from(papers).where(eq(papers.id, id)).get();
  return row?.style ? keptStyle(row.style) : readHouseStyle(db);
}

export function createPaper(
  db: Db,
  paper: Paper,
  { previous, pupilId = null }: PaperOrigin = {}
): number {
  return change(db, (tx, log) => {
    const { title, seed, ramp } = paper;
    const edition = (previous?.edition ?? 0) + 1;
    const row = tx
      .insert(papers)
      .values({ title, seed, ramp, edition, previousId: previous?.id ?? null, pupilId })
      .returning()
      .get();
    tx.insert(forms).values({ paperId: row.id, position: 0, letter: 'A' }).run();
    writeRungs(tx, row.id, paper.rungs);
    countUp(tx, row.id, paper);
    log('paper made', ['paper', row.id], previous ? [['paper', previous.id]] : []);
    return row.id;
  });
}

export type SaveResult =
  | { ok: true; version: number }
  | { ok: false; code: 'changed' | 'sat' | 'missing' }
  | { ok: false; code: 'unreadable'; problems: readonly PaperProblem[] };

/**
 * Saves a paper over the version it was read at. Refuses if someone else saved since, if it was sat, or if the
 * skills could not read it back.
 */
export function savePaper(db: Db, id: number, version: number, paper: Paper): SaveResult {
  const problems = problemsIn(paper);
  if (problems.length > 0) return { ok: false, code: 'unreadable', problems };
  return change(db, (tx, log): SaveResult => {
    const row = tx.select().from(papers).where(eq(papers.id, id)).get();
    if (!row || row.kind !== 'practice') return { ok: false, code: 'missing' };
    if (row.frozenAt !== null) return { ok: false, code: 'sat' };
    if (row.version !== version) return { ok: false, code: 'changed' };
    const { title, seed, ramp } = paper;
    const updatedAt = new Date().toISOString();
    tx.update(papers)
      .set({ title, seed, ramp, version: version + 1, updatedAt })
      .where(eq(papers.id, id))
      .run();
    tx.delete(sections).where(eq(sections.paperId, id)).run();
    writeRungs(tx, id, paper.rungs);
    countUp(tx, id, paper);
    logWork(tx, log, 'paper edited', ['paper', id]);
    return { ok: true, version: version + 1 };
  });
}

/** A copy to go on with, since a paper that has been sat stays as it was. */
export function newEdition(db: Db, id: number): number | undefined {
  const paper = readPaper(db, id);
  if (!paper) return undefined;
  const { title, seed, ramp, rungs, edition, pupil } = paper;
  return createPaper(
    db,
    { title, seed, ramp, rungs },
    { previous: { id, edition }, pupilId: pupil?.id ?? null }
  );
}

/** What is in the bin now, and where. */
export interface Removed {
  readonly bin: number;
  readonly title: string;
}

/**
 * Moves a paper into the bin; one that was sat only with its sittings and marks, if those may go as well.
 * Undefined if there is none, or they may not.
 */
export function removePaper(db: Db, id: number, withMarks: boolean): Removed | undefined {
  return change(db, (tx, log) => {
    const paper = tx.select({ title: papers.title }).from(papers).where(eq(papers.id, id)).get();
    const sat = tx.select({ id: sittings.id }).from(sittings).where(eq(sittings.paperId, id)).get();
    if (!paper || (sat && !withMarks)) return undefined;
    const { title } = paper;
    log('paper removed', ['paper', id]);
    return { bin: moveToBin(tx, { kind: 'paper', title, table: 'papers', id }), title };
  });
}

/** Keeps beside the paper what lists show of it. */
function countUp(db: Writer, paperId: number, paper: Paper): void {
  const { items, marks, minutes } = outline(paper, readHouseStyle(db));
  db.update(papers)
    .set({ itemCount: items.length, marks, minutes })
    .where(eq(papers.id, paperId))
    .run();
}
