import type { PaperPart, PartSnapshot } from '@zealous-quill/core/exams';
import { isMarked, snapshotOf, type Rung } from '@zealous-quill/core/papers';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { version } from '../base/version';
import type { Reader, Writer } from '../base/db';
import { readHouseStyle } from '../papers/house-style';
import { keptSnapshot, type KeptTexts } from './read-snapshot';
import type { StoredPaper } from '../papers/papers';
import { partsOfPaper, type PlacedRow } from '../papers/paper-parts';
import type { Withdrawal } from '@zealous-quill/core/results';
import { schemesSince, type SchemeVersion } from '../exams/scheme-versions';
import { forms, papers, parts, snapshots } from '../base/schema';

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
    partsOfPaper(db, paper.id).map(({ id, section, key }) => [`${section}/${key}`, id])
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

/** A form of a sat paper as far as it can be read, and in words what of it cannot. */
export interface SatForm {
  readonly parts: SatItem[];
  readonly damage: string[];
}

/** The first form of a sat paper, in which every part is as it stands on the paper. */
export function readSat(db: Reader, paperId: number): SatForm {
  const first = db
    .select({ id: forms.id })
    .from(forms)
    .where(and(eq(forms.paperId, paperId), eq(forms.position, 0)))
    .get();
  return (first && satForms(db, paperId, [first.id]).get(first.id)) ?? { parts: [], damage: [] };
}

/** Forms of a sat paper, by their ids; with some of the parts alone where these are named. */
export function satForms(
  db: Reader,
  paperId: number,
  formIds: readonly number[],
  partIds?: readonly number[]
): Map<number, SatForm> {
  const all = labelled(partsOfPaper(db, paperId));
  const places = partIds ? all.filter(({ id }) => partIds.includes(id)) : all;
  const ids = places.map(({ id }) => id);
  const changed = schemesSince(db, ids);
  const kept = db
    .select({ formId: snapshots.formId, partId: snapshots.partId, ...keptTexts })
    .from(snapshots)
    .where(and(inArray(snapshots.formId, [...formIds]), inArray(snapshots.partId, ids)))
    .all();
  const texts = new Map(kept.map((row) => [`${row.formId}/${row.partId}`, row]));
  return new Map(
    [...new Set(formIds)].map((formId) => {
      const sat: SatForm = { parts: [], damage: [] };
      for (const place of places) {
        const own = texts.get(`${formId}/${place.id}`);
        if (own) addSat(sat, place, own, changed.get(place.id));
      }
      return [formId, sat];
    })
  );
}

/** Adds a part to a form, or what is to be said of it where it can no longer be read. */
function addSat(
  sat: SatForm,
  { id, number, label, kind, section }: Labelled,
  texts: KeptTexts,
  since: SchemeVersion | undefined
): void {
  const snapshot = keptSnapshot(texts);
  if (!snapshot) {
    sat.damage.push(`Item ${label} ${DAMAGED}`);
    return;
  }
  const { scheme = snapshot.scheme, withdrawn = 'no' } = since ?? {};
  const place = { id, number, label, kind: kind as SatItem['kind'], section };
  sat.parts.push({ ...place, ...snapshot, scheme, withdrawn });
}

type Labelled = PlacedRow & Pick<SatItem, 'number' | 'label'>;

/** Questions are counted through the paper; the parts of one have letters. */
function labelled(places: readonly PlacedRow[]): Labelled[] {
  const questions = [...new Set(places.map(({ question }) => question))];
  return places.map((place, at) => {
    const own = places.filter(({ question }) => question === place.question);
    const letter = own.length > 1 ? `(${'abcdefghij'[own.indexOf(place)]})` : '';
    const label = `${questions.indexOf(place.question) + 1}${letter}`;
    return { ...place, number: at + 1, label };
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
