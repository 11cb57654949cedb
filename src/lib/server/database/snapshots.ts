import { isMarked, snapshotOf, type Rung, type Snapshot } from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skills';
import { and, asc, eq, sql } from 'drizzle-orm';
import { version } from '../version';
import type { Reader, Writer } from './connection';
import { readHouseStyle } from './house-style';
import { keptItem, keptSnapshot } from './kept-snapshot';
import type { StoredPaper } from './papers';
import { forms, papers, parts, questions, sections, sittings, snapshots } from './schema';

/** A part of a sat paper as it was when it was sat; its number counts through the paper. */
export interface SatItem extends Snapshot {
  readonly id: number;
  readonly number: number;
  readonly kind: Rung['kind'];
  readonly section: string;
}

/** Keeps everything of a paper as it is now, in the house style of now. */
export function freeze(db: Writer, paper: StoredPaper, formId: number): void {
  const style = readHouseStyle(db);
  const ids = new Map(
    partsOf(db, paper.id).map(({ id, section, key }) => [`${section}/${key}`, id])
  );
  for (const rung of paper.rungs) {
    for (const entry of rung.items) {
      const partId = ids.get(`${rung.id}/${entry.id}`);
      if (partId === undefined) continue;
      const { item, scheme, printed } = snapshotOf(rung, entry, style);
      db.insert(snapshots).values({ formId, partId, item, scheme, printed, by: version }).run();
    }
  }
  db.update(papers)
    .set({ frozenAt: new Date().toISOString(), style })
    .where(eq(papers.id, paper.id))
    .run();
}

const DAMAGED = 'was damaged and can no longer be read. It is left out here.';

/** The columns of a snapshot as they are kept, to be read with care: anything may have happened to them. */
export const keptTexts = {
  item: sql<string>`${snapshots.item}`,
  scheme: sql<string>`${snapshots.scheme}`,
  printed: sql<string | null>`${snapshots.printed}`
};

/** All parts of a sat paper that were kept, shown ones as well as marked ones, as far as they can be read. */
export function satParts(db: Reader, paperId: number): SatItem[] {
  return readSat(db, paperId).parts;
}

/** A sat paper as far as it can be read, and in words what of it cannot. */
export function readSat(db: Reader, paperId: number): { parts: SatItem[]; damage: string[] } {
  const kept = new Map(
    db
      .select({ partId: snapshots.partId, ...keptTexts })
      .from(snapshots)
      .innerJoin(forms, and(eq(forms.id, snapshots.formId), eq(forms.position, 0)))
      .where(eq(forms.paperId, paperId))
      .all()
      .map(({ partId, ...texts }) => [partId, texts])
  );
  const sat: { parts: SatItem[]; damage: string[] } = { parts: [], damage: [] };
  partsOf(db, paperId).forEach(({ id, section, kind }, at) => {
    const texts = kept.get(id);
    if (!texts) return;
    const snapshot = keptSnapshot(texts);
    const place = { id, number: at + 1, kind: kind as Rung['kind'], section };
    if (snapshot) sat.parts.push({ ...place, ...snapshot });
    else sat.damage.push(`Item ${place.number} ${DAMAGED}`);
  });
  return sat;
}

/** The parts of a sat paper that are marked: those of every rung but the shown ones. */
export function satItems(db: Reader, paperId: number): SatItem[] {
  return satParts(db, paperId).filter((item) => isMarked(item));
}

function partsOf(db: Reader, paperId: number) {
  return db
    .select({ id: parts.id, section: sections.key, key: parts.key, kind: parts.kind })
    .from(parts)
    .innerJoin(questions, eq(questions.id, parts.questionId))
    .innerJoin(sections, eq(sections.id, questions.sectionId))
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(sections.position), asc(questions.position), asc(parts.position))
    .all();
}

/** The items that a class has met on any paper, by skill, as the skill writes them without order. */
export function itemsMet(db: Reader, classId: number): Record<string, string[]> {
  const rows = db
    .select({ item: keptTexts.item })
    .from(snapshots)
    .innerJoin(forms, and(eq(forms.id, snapshots.formId), eq(forms.position, 0)))
    .innerJoin(sittings, eq(sittings.paperId, forms.paperId))
    .where(eq(sittings.classId, classId))
    .all();
  const met: Record<string, string[]> = {};
  for (const row of rows) {
    const item = keptItem(row.item);
    if (!item) continue;
    const orderless = skillOf(item.skill).orderless(item.given);
    (met[item.skill] ??= []).push(orderless);
  }
  return met;
}
