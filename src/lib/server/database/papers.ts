import { outline, paperSchema, type Paper, type Rung } from '@zealous-quill/core/papers';
import { and, asc, desc, eq } from 'drizzle-orm';
import type { Db } from './connection';
import { log } from './logbook';
import { paperItems, papers, sections, sittings } from './schema';

export interface PaperSummary {
  readonly id: number;
  readonly title: string;
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
}

type Reader = Pick<Db, 'select'>;
type Writer = Pick<Db, 'select' | 'insert' | 'update' | 'delete'>;

export function listPapers(db: Db, limit = 60): PaperSummary[] {
  return db
    .select()
    .from(papers)
    .orderBy(desc(papers.updatedAt))
    .limit(limit)
    .all()
    .map(({ id, title, edition, itemCount, marks, minutes, frozenAt, updatedAt }) => ({
      id,
      title,
      edition,
      itemCount,
      marks,
      minutes,
      isSat: frozenAt !== null,
      updatedAt
    }));
}

export function readPaper(db: Reader, id: number): StoredPaper | undefined {
  const row = db.select().from(papers).where(eq(papers.id, id)).get();
  if (!row) return undefined;
  const rungs = db
    .select()
    .from(sections)
    .where(eq(sections.paperId, id))
    .orderBy(asc(sections.position))
    .all()
    .map((section): Rung => {
      const { key, kind, skill, school, controls, count, spread } = section;
      const plan = { kind, skill, school, controls, count, ...(spread && { spread }) };
      return { id: key, ...plan, items: itemsOf(db, section.id) };
    });
  const { title, seed, ramp, version, edition, frozenAt } = row;
  const paper = paperSchema.parse({ title, seed, ramp, rungs });
  return { id, version, edition, isSat: frozenAt !== null, ...paper };
}

export function createPaper(
  db: Db,
  paper: Paper,
  previous?: { id: number; edition: number }
): number {
  return db.transaction((tx) => {
    const { title, seed, ramp } = paper;
    const edition = (previous?.edition ?? 0) + 1;
    const row = tx
      .insert(papers)
      .values({ title, seed, ramp, edition, previousId: previous?.id ?? null })
      .returning()
      .get();
    writeRungs(tx, row.id, paper);
    log(tx, 'paper made', `paper ${row.id}`);
    return row.id;
  });
}

export type SaveResult =
  { ok: true; version: number } | { ok: false; code: 'changed' | 'sat' | 'missing' };

/** Saves a paper over the version it was read at; refuses if someone else saved since, or if it was sat. */
export function savePaper(db: Db, id: number, version: number, paper: Paper): SaveResult {
  return db.transaction((tx) => {
    const row = tx.select().from(papers).where(eq(papers.id, id)).get();
    if (!row) return { ok: false, code: 'missing' };
    if (row.frozenAt !== null) return { ok: false, code: 'sat' };
    if (row.version !== version) return { ok: false, code: 'changed' };
    const { title, seed, ramp } = paper;
    const updatedAt = new Date().toISOString();
    tx.update(papers)
      .set({ title, seed, ramp, version: version + 1, updatedAt })
      .where(eq(papers.id, id))
      .run();
    tx.delete(sections).where(eq(sections.paperId, id)).run();
    writeRungs(tx, id, paper);
    return { ok: true, version: version + 1 };
  });
}

/** A copy to go on with, since a paper that has been sat stays as it was. */
export function newEdition(db: Db, id: number): number | undefined {
  const paper = readPaper(db, id);
  if (!paper) return undefined;
  const { title, seed, ramp, rungs } = paper;
  return createPaper(db, { title, seed, ramp, rungs }, { id, edition: paper.edition });
}

/** Removes a paper that was never sat; false if it was. */
export function deletePaper(db: Db, id: number): boolean {
  return db.transaction((tx) => {
    const sat = tx.select({ id: sittings.id }).from(sittings).where(eq(sittings.paperId, id)).get();
    if (sat) return false;
    const gone = tx.delete(papers).where(eq(papers.id, id)).run().changes > 0;
    if (gone) log(tx, 'paper removed', `paper ${id}`);
    return gone;
  });
}

function itemsOf(db: Reader, sectionId: number): Rung['items'] {
  return db
    .select()
    .from(paperItems)
    .where(eq(paperItems.sectionId, sectionId))
    .orderBy(asc(paperItems.position))
    .all()
    .map(({ key, given, locked, edited, scheme }) => ({
      id: key,
      given,
      locked,
      edited,
      ...(scheme ? { scheme } : {})
    }));
}

function writeRungs(db: Writer, paperId: number, paper: Paper): void {
  paper.rungs.forEach(
    ({ id: key, kind, skill, school, controls, count, spread, items }, position) => {
      const section = db
        .insert(sections)
        .values({ paperId, position, key, kind, skill, school, controls, count, spread })
        .returning()
        .get();
      items.forEach(({ id, given, locked, edited, scheme }, at) =>
        db
          .insert(paperItems)
          .values({
            sectionId: section.id,
            position: at,
            key: id,
            given,
            locked,
            edited,
            scheme: scheme ?? null
          })
          .run()
      );
    }
  );
  const { items, marks, minutes } = outline(paper);
  db.update(papers)
    .set({ itemCount: items.length, marks, minutes })
    .where(eq(papers.id, paperId))
    .run();
}

/** The stored id of each item of a paper, by its key. */
export function itemIds(db: Reader, paperId: number): Map<string, number> {
  const rows = db
    .select({ id: paperItems.id, section: sections.key, key: paperItems.key })
    .from(paperItems)
    .innerJoin(sections, and(eq(sections.id, paperItems.sectionId), eq(sections.paperId, paperId)))
    .all();
  return new Map(rows.map(({ id, section, key }) => [`${section}/${key}`, id]));
}
