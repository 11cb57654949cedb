import { byRegister } from '@zealous-quill/core/exchange';
import { partsIn, type FormSnapshot, type SnapshotsAsked } from '@zealous-quill/core/exams';
import { eq } from 'drizzle-orm';
import { version as release } from '../base/version';
import { change, withinSitting } from '../base/change';
import type { Db, Writer } from '../base/db';
import { readDefaultSchemes } from '../papers/default-schemes';
import { formFor, type Dealing } from '../exams/dealing';
import { readForms, type StoredForm } from '../exams/forms';
import { readExam, type StoredExam } from '../exams/exams';
import { readHouseStyle } from '../papers/house-style';
import { partIds } from '../papers/paper-parts';
import { classes, papers, pupils, scripts, sittings, snapshots } from '../base/schema';

export interface ExamSitting {
  readonly classIds: readonly number[];
  readonly satOn: string;
  readonly dealing: Dealing;
}

export type SitExam =
  | { readonly ok: true; readonly ids: readonly number[] }
  | {
      readonly ok: false;
      readonly code: 'missing' | 'no-items' | 'no-class' | 'no-pupils' | 'twice' | 'changed';
    };

/** What has to be worked out before an exam is sat; null for one that was sat before, or that is not there. */
export function snapshotsAsked(db: Db, paperId: number): SnapshotsAsked | null {
  const stored = readExam(db, paperId);
  if (!stored || stored.isSat) return null;
  return {
    exam: stored.exam,
    forms: readForms(db, paperId),
    style: readHouseStyle(db),
    defaults: readDefaultSchemes(db)
  };
}

/**
 * Some classes sit an exam on a day: each pupil gets a script of a form. What is printed, keyed and marked of every
 * form is kept, unless it was before; refused if the exam is not what the snapshots were made of any more.
 */
export function sitExam(
  db: Db,
  { id, version }: { readonly id: number; readonly version: number },
  { classIds, satOn, dealing }: ExamSitting,
  kept: readonly FormSnapshot[]
): SitExam {
  try {
    return change(db, (tx, log): SitExam => {
      const stored = readExam(tx, id);
      if (!stored) return { ok: false, code: 'missing' };
      if (partsIn(stored.exam).length === 0) return { ok: false, code: 'no-items' };
      if (classIds.length === 0) return { ok: false, code: 'no-class' };
      if (stored.version !== version) return { ok: false, code: 'changed' };
      if (!stored.isSat) freezeExam(tx, stored, kept);
      const forms = readForms(tx, id);
      const ids = classIds.map((classId, at) => {
        const sitting = newSitting(tx, { paperId: id, classId, satOn });
        deal(tx, { sitting, classId, classAt: at, forms, dealing });
        log('paper sat', ['sitting', sitting], withinSitting(tx, sitting));
        return sitting;
      });
      return { ok: true, ids };
    });
  } catch (error) {
    // Nothing of it is done where one of the classes cannot sit it.
    if (error instanceof Refused) return { ok: false, code: error.code };
    throw error;
  }
}

/** Takes a whole transaction back. */
class Refused extends Error {
  constructor(readonly code: 'no-class' | 'no-pupils' | 'twice') {
    super(code);
  }
}

function newSitting(
  tx: Writer,
  values: { paperId: number; classId: number; satOn: string }
): number {
  const group = tx.select().from(classes).where(eq(classes.id, values.classId)).get();
  if (!group) throw new Refused('no-class');
  const made = tx.insert(sittings).values(values).onConflictDoNothing().returning().get();
  if (!made) throw new Refused('twice');
  return made.id;
}

interface Deal {
  readonly sitting: number;
  readonly classId: number;
  readonly classAt: number;
  readonly forms: readonly StoredForm[];
  readonly dealing: Dealing;
}

function deal(tx: Writer, { sitting, classId, classAt, forms, dealing }: Deal): void {
  const members = tx
    .select({ id: pupils.id, name: pupils.name, surname: pupils.surname })
    .from(pupils)
    .where(eq(pupils.classId, classId))
    .all()
    .toSorted(byRegister);
  if (members.length === 0) throw new Refused('no-pupils');
  members.forEach(({ id: pupilId }, at) =>
    tx
      .insert(scripts)
      .values({
        ...{ sittingId: sitting, pupilId },
        formId: formFor(forms, dealing, { pupil: pupilId, at, classAt }).id
      })
      .run()
  );
  // A spare waits for whoever needed one.
  if (dealing !== 'own') return;
  for (const { id: formId } of forms.filter(({ kind }) => kind === 'spare')) {
    tx.insert(scripts).values({ sittingId: sitting, formId, isAbsent: true }).run();
  }
}

function freezeExam(tx: Writer, { id }: StoredExam, kept: readonly FormSnapshot[]): void {
  const ids = partIds(tx, id);
  for (const { formId, part, item, scheme, printed, options } of kept) {
    const partId = ids.get(part)!;
    const whole = { ...printed, ...(options && { options }) };
    tx.insert(snapshots)
      .values({ formId, partId, item, scheme, printed: whole, by: release })
      .run();
  }
  const frozenAt = new Date().toISOString();
  tx.update(papers)
    .set({ frozenAt, style: readHouseStyle(tx) })
    .where(eq(papers.id, id))
    .run();
}
