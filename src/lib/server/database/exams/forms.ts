import { formLabel, type ExamForm } from '@zealous-quill/core/exams';
import { and, asc, eq, gt, inArray } from 'drizzle-orm';
import { change } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { partIds, partsOfPaper } from '../papers/paper-parts';
import { formParts, forms, parts, pupils } from '../base/schema';

/** A form of an exam as it is kept. */
export interface StoredForm extends ExamForm {
  readonly id: number;
  readonly pupilId: number | null;
  /** The pupil whose it is. */
  readonly name: string | null;
}

/** The forms of a paper, the paper itself first. */
export function readForms(db: Reader, paperId: number): StoredForm[] {
  const rows = db
    .select({ form: forms, name: pupils.name })
    .from(forms)
    .leftJoin(pupils, eq(pupils.id, forms.pupilId))
    .where(eq(forms.paperId, paperId))
    .orderBy(asc(forms.position))
    .all();
  const items = db
    .select({ formId: formParts.formId, key: parts.key, given: formParts.given })
    .from(formParts)
    .innerJoin(parts, eq(parts.id, formParts.partId))
    .where(
      inArray(
        formParts.formId,
        rows.map(({ form }) => form.id)
      )
    )
    .all();
  return rows.map(({ form: { id, kind, letter, pupilId }, name }) => ({
    ...{ id, kind, letter, pupilId, name },
    given: Object.fromEntries(
      items.filter(({ formId }) => formId === id).map(({ key, given }) => [key, given])
    )
  }));
}

/** A form to be kept. */
export interface NewForm extends ExamForm {
  readonly pupilId?: number;
}

/** Puts other forms in the place of those of some kinds; the paper itself stays. */
export function replaceForms(
  db: Db,
  paperId: number,
  kinds: readonly ExamForm['kind'][],
  added: readonly NewForm[]
): void {
  change(db, (tx, log) => {
    const others = and(eq(forms.paperId, paperId), gt(forms.position, 0));
    tx.delete(forms)
      .where(and(others, inArray(forms.kind, [...kinds])))
      .run();
    const left = tx.select({ at: forms.position }).from(forms).where(eq(forms.paperId, paperId));
    let position = Math.max(0, ...left.all().map(({ at }) => at));
    const ids = partIds(tx, paperId);
    for (const { kind, letter, given, pupilId = null } of added) {
      const form = tx
        .insert(forms)
        .values({ paperId, position: ++position, kind, letter, pupilId })
        .returning({ id: forms.id })
        .get();
      for (const [key, own] of Object.entries(given)) {
        tx.insert(formParts)
          .values({ formId: form.id, partId: ids.get(key)!, given: own })
          .run();
      }
    }
    const drawn = added.map(formLabel);
    log(drawn.length > 0 ? 'forms drawn' : 'forms removed', ['paper', paperId]);
  });
}

/**
 * Lets the parts of a paper be written anew without losing what further forms hold of them. A part that asks
 * something else than before has no version in them any more.
 */
export function keepForms(db: Writer, paperId: number, rewrite: () => void): void {
  const before = new Map(partsOfPaper(db, paperId).map((row) => [row.id, row]));
  const held = db
    .select()
    .from(formParts)
    .where(inArray(formParts.partId, [...before.keys()]))
    .all();
  rewrite();
  const after = new Map(partsOfPaper(db, paperId).map((row) => [row.key, row]));
  for (const { formId, partId, given } of held) {
    const old = before.get(partId)!;
    const now = after.get(old.key);
    if (!now || now.asks !== old.asks) continue;
    db.insert(formParts).values({ formId, partId: now.id, given }).run();
  }
}
