import { isMarked, unmarkedKinds } from '@zealous-quill/core/papers';
import {
  and,
  count,
  desc,
  eq,
  inArray,
  isNotNull,
  isNull,
  like,
  notInArray,
  sql
} from 'drizzle-orm';
import { containing, PAGE, pageOf, type Listed, type ListQuery } from '../base/list-query';
import { moveToBin } from '../records/bin';
import { change, withinSitting } from '../base/change';
import type { Db, Reader } from '../base/db';
import { readPaper, type Removed } from '../papers/papers';
import { ROUND } from '../tables/marking';
import {
  classes,
  forms,
  markings,
  papers,
  parts,
  pupils,
  questions,
  responses,
  scripts,
  sections,
  sittings,
  snapshots
} from '../base/schema';
import { freeze, type SatItem } from './snapshots';
import { listScripts } from './scripts';

export interface SittingSummary {
  readonly id: number;
  readonly paperId: number;
  readonly classId: number;
  readonly title: string;
  readonly className: string;
  readonly satOn: string;
  /** Scripts of those who were there. */
  readonly scripts: number;
  /** Responses marked, and how many there are to mark. */
  readonly marked: number;
  readonly toMark: number;
}

export type SitResult =
  { ok: true; id: number } | { ok: false; code: 'missing' | 'no-items' | 'no-pupils' | 'twice' };

/**
 * A class sits a paper on a day: each pupil gets a script, and the paper is frozen with everything that is
 * printed, keyed and marked of it, so that nothing of it changes under a marked script.
 */
export function sitPaper(db: Db, paperId: number, classId: number, satOn: string): SitResult {
  return change(db, (tx, log): SitResult => {
    const paper = readPaper(tx, paperId);
    const group = tx.select().from(classes).where(eq(classes.id, classId)).get();
    const form = tx.select().from(forms).where(eq(forms.paperId, paperId)).get();
    if (!paper || !group || !form) return { ok: false, code: 'missing' };
    const isEmpty = !paper.rungs.some((rung) => isMarked(rung) && rung.items.length > 0);
    if (isEmpty) return { ok: false, code: 'no-items' };
    const members = tx
      .select({ id: pupils.id })
      .from(pupils)
      .where(eq(pupils.classId, classId))
      .all();
    if (members.length === 0) return { ok: false, code: 'no-pupils' };
    const sitting = tx
      .insert(sittings)
      .values({ paperId, classId, satOn })
      .onConflictDoNothing()
      .returning()
      .get();
    if (!sitting) return { ok: false, code: 'twice' };
    if (!paper.isSat) freeze(tx, paper, form.id);
    members.forEach(({ id }) =>
      tx.insert(scripts).values({ sittingId: sitting.id, pupilId: id, formId: form.id }).run()
    );
    log('paper sat', ['sitting', sitting.id], withinSitting(tx, sitting.id));
    return { ok: true, id: sitting.id };
  });
}

/** Moves a sitting with its scripts and marks into the bin, whatever state it is in. */
export function removeSitting(db: Db, id: number): Removed | undefined {
  return change(db, (tx, log) => {
    const sitting = readSitting(tx, id);
    if (!sitting) return undefined;
    const title = `${sitting.className}, ${sitting.title}, ${sitting.satOn}`;
    log('sitting removed', ['sitting', id], withinSitting(tx, id));
    return { bin: moveToBin(tx, { kind: 'sitting', title, table: 'sittings', id }), title };
  });
}

/** What a sitting is in a list: something is to be marked, all is marked, or something is. */
const inState: ReadonlyMap<string | null, (sitting: SittingSummary) => boolean> = new Map([
  ['open', ({ marked, toMark }: SittingSummary) => marked < toMark],
  ['done', ({ marked, toMark }: SittingSummary) => marked >= toMark],
  ['begun', ({ marked }: SittingSummary) => marked > 0]
]);

/** The sittings whose class and title have all of some words, of a class, a year, a state; a page of them, newest first. */
export function findSittings(db: Db, query: ListQuery): Listed<SittingSummary> {
  const { words, state, year, classId, isArchived } = query;
  const named = sql`${papers.title} || ' ' || ${classes.name}`;
  const found = namedSittings(db)
    .where(
      and(
        ...words.map((word) => sql`${named} like ${containing(word)} escape '\\'`),
        classId === null ? undefined : eq(sittings.classId, classId),
        year === null ? undefined : like(sittings.satOn, `${year}-%`),
        isArchived ? isNotNull(classes.archivedAt) : isNull(classes.archivedAt)
      )
    )
    .orderBy(desc(sittings.satOn), desc(sittings.id))
    .all();
  const isAsked = inState.get(state) ?? (() => true);
  const all = withProgress(db, found).filter(isAsked);
  const { offset, ...page } = pageOf(all.length, query.page);
  return { rows: all.slice(offset, offset + PAGE), ...page };
}

/** The classes that sat something, and the years in which that was, to choose from. */
export function sittingChoices(
  db: Db,
  isArchived: boolean
): { classes: [id: string, name: string][]; years: string[]; hasArchive: boolean } {
  const all = db
    .selectDistinct({ id: classes.id, name: classes.name, archivedAt: classes.archivedAt })
    .from(sittings)
    .innerJoin(classes, eq(classes.id, sittings.classId))
    .orderBy(classes.name)
    .all();
  const year = sql<string>`substr(${sittings.satOn}, 1, 4)`;
  const years = db.selectDistinct({ year }).from(sittings).orderBy(desc(year)).all();
  const shown = all.filter(({ archivedAt }) => (archivedAt !== null) === isArchived);
  return {
    classes: shown.map(({ id, name }) => [String(id), name]),
    years: years.map((row) => row.year),
    hasArchive: all.some(({ archivedAt }) => archivedAt !== null)
  };
}

/** The sittings of one paper, the first sat first. */
export function sittingsOf(db: Reader, paperId: number): SittingSummary[] {
  const found = namedSittings(db).where(eq(sittings.paperId, paperId)).orderBy(sittings.satOn);
  return withProgress(db, found.all());
}

/** The newest sittings with how far their marking is. */
export function listSittings(db: Db, limit: number): SittingSummary[] {
  const newest = namedSittings(db)
    .where(isNull(classes.archivedAt))
    .orderBy(desc(sittings.satOn), desc(sittings.id))
    .limit(limit)
    .all();
  return withProgress(db, newest);
}

export function readSitting(db: Reader, id: number): SittingSummary | undefined {
  return withProgress(db, namedSittings(db).where(eq(sittings.id, id)).all())[0];
}

/** Sittings with the names of their paper and class, to be narrowed by the caller. */
function namedSittings(db: Reader) {
  return db
    .select({
      id: sittings.id,
      paperId: sittings.paperId,
      classId: sittings.classId,
      title: papers.title,
      className: classes.name,
      satOn: sittings.satOn
    })
    .from(sittings)
    .innerJoin(papers, eq(papers.id, sittings.paperId))
    .innerJoin(classes, eq(classes.id, sittings.classId));
}

/** How far the marking of some sittings is, in two queries however many they are. */
function withProgress(
  db: Reader,
  rows: readonly Omit<SittingSummary, 'scripts' | 'marked' | 'toMark'>[]
): SittingSummary[] {
  const done = db
    .select({
      id: scripts.sittingId,
      scripts: count(),
      marked: sql<number>`coalesce(sum(${scripts.markedItems}), 0)`
    })
    .from(scripts)
    .where(
      and(
        inArray(
          scripts.sittingId,
          rows.map(({ id }) => id)
        ),
        eq(scripts.isAbsent, false)
      )
    )
    .groupBy(scripts.sittingId)
    .all();
  const items = db
    .select({ id: sections.paperId, items: count() })
    .from(snapshots)
    .innerJoin(parts, eq(parts.id, snapshots.partId))
    .innerJoin(questions, eq(questions.id, parts.questionId))
    .innerJoin(sections, eq(sections.id, questions.sectionId))
    .innerJoin(forms, and(eq(forms.id, snapshots.formId), eq(forms.position, 0)))
    .where(
      and(
        inArray(
          sections.paperId,
          rows.map(({ paperId }) => paperId)
        ),
        notInArray(parts.kind, [...unmarkedKinds])
      )
    )
    .groupBy(sections.paperId)
    .all();
  const doneOf = new Map(done.map((row) => [row.id, row]));
  const itemsOf = new Map(items.map((row) => [row.id, row.items]));
  return rows.map((row) => {
    const { scripts: pile, marked } = doneOf.get(row.id) ?? { scripts: 0, marked: 0 };
    return { ...row, scripts: pile, marked, toMark: pile * (itemsOf.get(row.paperId) ?? 0) };
  });
}

/** The first item of a sitting that is not marked on every script. */
export function firstUnmarkedItem(
  db: Db,
  sittingId: number,
  items: readonly SatItem[]
): SatItem | undefined {
  const scriptCount = listScripts(db, sittingId).filter(({ isAbsent }) => !isAbsent).length;
  const marked = new Map(
    db
      .select({ partId: responses.partId, n: count() })
      .from(responses)
      .innerJoin(markings, eq(markings.id, responses.markingId))
      .innerJoin(scripts, eq(scripts.id, markings.scriptId))
      .where(
        and(
          eq(scripts.sittingId, sittingId),
          eq(scripts.isAbsent, false),
          eq(markings.round, ROUND),
          eq(responses.isMarked, true)
        )
      )
      .groupBy(responses.partId)
      .all()
      .map(({ partId, n }) => [partId, n])
  );
  return items.find(({ id }) => (marked.get(id) ?? 0) < scriptCount);
}
