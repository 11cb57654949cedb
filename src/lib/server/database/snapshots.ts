import type { PaperPart, PartSnapshot } from '@zealous-quill/core/exams';
import { isMarked, snapshotOf, type Rung } from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skills';
import { and, asc, eq, sql } from 'drizzle-orm';
import { version } from '../version';
import type { Reader, Writer } from './connection';
import { readHouseStyle } from './house-style';
import { keptItem, keptSnapshot } from './kept-snapshot';
import type { StoredPaper } from './papers';
import { schemesSince, type Withdrawal } from './scheme-versions';
import { forms, papers, parts, questions, sections, sittings, snapshots } from './schema';

/** A part of a sat paper as it was when it was sat; its number counts through the paper. */
export interface SatItem extends PartSnapshot {
  readonly id: number;
  readonly number: number;
  /** What it is called: `3`, or `3(a)` where its question has several parts. */
  readonly label: string;
  readonly kind: Rung['kind'] | PaperPart['kind'];
  readonly section: string;
  /** Whether it counts: left out, or full marks for all. */
  readonly withdrawn: Withdrawal;
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

/** A form of a sat paper as far as it can be read, the first if none is named, and in words what of it cannot. */
export function readSat(
  db: Reader,
  paperId: number,
  formId?: number
): { parts: SatItem[]; damage: string[] } {
  const isForm = formId === undefined ? eq(forms.position, 0) : eq(forms.id, formId);
  const kept = new Map(
    db
      .select({ partId: snapshots.partId, ...keptTexts })
      .from(snapshots)
      .innerJoin(forms, and(eq(forms.id, snapshots.formId), isForm))
      .where(eq(forms.paperId, paperId))
      .all()
      .map(({ partId, ...texts }) => [partId, texts])
  );
  const places = partsOf(db, paperId);
  const changed = schemesSince(
    db,
    places.map(({ id }) => id)
  );
  const sat: { parts: SatItem[]; damage: string[] } = { parts: [], damage: [] };
  labelled(places).forEach(({ id, section, kind, label }, at) => {
    const texts = kept.get(id);
    if (!texts) return;
    const snapshot = keptSnapshot(texts);
    const place = { id, number: at + 1, label, kind: kind as SatItem['kind'], section };
    const since = changed.get(id);
    if (!snapshot) sat.damage.push(`Item ${label} ${DAMAGED}`);
    else {
      const { scheme = snapshot.scheme, withdrawn = 'no' } = since ?? {};
      sat.parts.push({ ...place, ...snapshot, scheme, withdrawn });
    }
  });
  return sat;
}

/** The forms of a sat paper that its scripts of some sitting answer, each with its parts by their ids. */
export function satForms(
  db: Reader,
  paperId: number,
  formIds: readonly number[]
): Map<number, Map<number, SatItem>> {
  return new Map(
    [...new Set(formIds)].map((id) => [
      id,
      new Map(readSat(db, paperId, id).parts.map((part) => [part.id, part]))
    ])
  );
}

/** Questions are counted through the paper; the parts of one have letters. */
function labelled<T extends { readonly question: number }>(
  places: readonly T[]
): (T & { label: string })[] {
  const questions = [...new Set(places.map(({ question }) => question))];
  return places.map((place) => {
    const own = places.filter(({ question }) => question === place.question);
    const letter = own.length > 1 ? `(${'abcdefghij'[own.indexOf(place)]})` : '';
    return { ...place, label: `${questions.indexOf(place.question) + 1}${letter}` };
  });
}

/** What was kept of each form of a sat exam, by the ids of the forms and of the parts on the paper. */
export function keptForms(db: Reader, paperId: number): Map<number, Record<string, PartSnapshot>> {
  const rows = db
    .select({ formId: snapshots.formId, key: parts.key, ...keptTexts })
    .from(snapshots)
    .innerJoin(forms, eq(forms.id, snapshots.formId))
    .innerJoin(parts, eq(parts.id, snapshots.partId))
    .where(eq(forms.paperId, paperId))
    .all();
  const kept = new Map<number, Record<string, PartSnapshot>>();
  for (const { formId, key, ...texts } of rows) {
    const snapshot = keptSnapshot(texts);
    if (snapshot) kept.set(formId, { ...kept.get(formId), [key]: snapshot });
  }
  return kept;
}

/** The parts of a sat paper that are marked: those of every rung but the shown ones. */
export function satItems(db: Reader, paperId: number): SatItem[] {
  return satParts(db, paperId).filter((item) => isMarked(item));
}

function partsOf(db: Reader, paperId: number) {
  return db
    .select({
      ...{ id: parts.id, section: sections.key, key: parts.key, kind: parts.kind },
      question: questions.id
    })
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
