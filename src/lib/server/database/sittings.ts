import { isMarked, outline, schemeOf, unmarkedKinds } from '@zealous-quill/core/papers';
import { and, asc, count, desc, eq, inArray, notInArray, sql } from 'drizzle-orm';
import { version } from '../version';
import type { Db } from './connection';
import { log } from './logbook';
import { itemIds, readPaper } from './papers';
import {
  classes,
  paperItems,
  papers,
  pupils,
  responses,
  scripts,
  sections,
  sittings,
  type Derived
} from './schema';

export interface SittingSummary {
  readonly id: number;
  readonly paperId: number;
  readonly title: string;
  readonly className: string;
  readonly satOn: string;
  readonly scripts: number;
  /** Responses marked, and how many there are to mark. */
  readonly marked: number;
  readonly toMark: number;
}

/** Items of a paper that are marked: those of every rung but the shown ones. */
export interface SatItem extends Derived {
  readonly id: number;
  readonly number: number;
  readonly kind: string;
}

export type SitResult =
  { ok: true; id: number } | { ok: false; code: 'missing' | 'no-items' | 'no-pupils' | 'twice' };

/**
 * A class sits a paper on a day: each pupil gets a script, and the paper is frozen with everything that was
 * derived of it, so that its key never changes under a marked script.
 */
export function sitPaper(db: Db, paperId: number, classId: number, satOn: string): SitResult {
  return db.transaction((tx) => {
    const paper = readPaper(tx, paperId);
    const group = tx.select().from(classes).where(eq(classes.id, classId)).get();
    if (!paper || !group) return { ok: false, code: 'missing' };
    const { items } = outline(paper);
    if (!items.some(({ rung }) => isMarked(rung))) return { ok: false, code: 'no-items' };
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
    if (!paper.isSat) {
      const ids = itemIds(tx, paperId);
      for (const { rung, entry, item } of items) {
        const derived = { item, scheme: schemeOf(rung, entry), by: version };
        tx.update(paperItems)
          .set({ derived })
          .where(eq(paperItems.id, ids.get(`${rung.id}/${entry.id}`)!))
          .run();
      }
      tx.update(papers)
        .set({ frozenAt: new Date().toISOString() })
        .where(eq(papers.id, paperId))
        .run();
    }
    members.forEach(({ id }) =>
      tx.insert(scripts).values({ sittingId: sitting.id, pupilId: id }).run()
    );
    log(tx, 'paper sat', `sitting ${sitting.id}`);
    return { ok: true, id: sitting.id };
  });
}

/** The newest sittings with how far their marking is. */
export function listSittings(db: Db, limit = 60): SittingSummary[] {
  const newest = namedSittings(db)
    .orderBy(desc(sittings.satOn), desc(sittings.id))
    .limit(limit)
    .all();
  return withProgress(db, newest);
}

export function readSitting(db: Db, id: number): SittingSummary | undefined {
  return withProgress(db, namedSittings(db).where(eq(sittings.id, id)).all())[0];
}

/** Sittings with the names of their paper and class, to be narrowed by the caller. */
function namedSittings(db: Db) {
  return db
    .select({
      id: sittings.id,
      paperId: sittings.paperId,
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
  db: Db,
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
      inArray(
        scripts.sittingId,
        rows.map(({ id }) => id)
      )
    )
    .groupBy(scripts.sittingId)
    .all();
  const items = db
    .select({ id: sections.paperId, items: count() })
    .from(paperItems)
    .innerJoin(sections, eq(sections.id, paperItems.sectionId))
    .where(
      and(
        inArray(
          sections.paperId,
          rows.map(({ paperId }) => paperId)
        ),
        notInArray(sections.kind, [...unmarkedKinds])
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

/** The items of a sat paper that are marked, as they were derived when it was sat. */
export function satItems(db: Pick<Db, 'select'>, paperId: number): SatItem[] {
  const rows = db
    .select({ id: paperItems.id, kind: sections.kind, derived: paperItems.derived })
    .from(paperItems)
    .innerJoin(sections, eq(sections.id, paperItems.sectionId))
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(sections.position), asc(paperItems.position))
    .all();
  return rows
    .map(({ id, kind, derived }, at) => ({ id, kind, number: at + 1, ...derived! }))
    .filter((item) => isMarked(item));
}

/** The first item of a sitting that is not marked on every script. */
export function firstUnmarkedItem(
  db: Db,
  sittingId: number,
  items: readonly SatItem[]
): SatItem | undefined {
  const scriptCount = listScripts(db, sittingId).length;
  const marked = new Map(
    db
      .select({ itemId: responses.itemId, n: count() })
      .from(responses)
      .innerJoin(scripts, eq(scripts.id, responses.scriptId))
      .where(and(eq(scripts.sittingId, sittingId), eq(responses.isMarked, true)))
      .groupBy(responses.itemId)
      .all()
      .map(({ itemId, n }) => [itemId, n])
  );
  return items.find(({ id }) => (marked.get(id) ?? 0) < scriptCount);
}

export interface ScriptSummary {
  readonly id: number;
  readonly pupilId: number;
  readonly name: string;
  readonly markedItems: number;
}

/** The scripts of a sitting in the order of the pupils' names. */
export function listScripts(db: Pick<Db, 'select'>, sittingId: number): ScriptSummary[] {
  return db
    .select({
      id: scripts.id,
      pupilId: scripts.pupilId,
      name: pupils.name,
      markedItems: scripts.markedItems
    })
    .from(scripts)
    .innerJoin(pupils, eq(pupils.id, scripts.pupilId))
    .where(eq(scripts.sittingId, sittingId))
    .orderBy(asc(pupils.name))
    .all();
}
