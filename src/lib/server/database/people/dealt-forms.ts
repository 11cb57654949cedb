import { and, eq } from 'drizzle-orm';
import type { Db, Reader } from '../base/db';
import { scripts, sittings } from '../base/schema';
import { formFor, type Dealing } from '../exams/dealing';
import { readForms, type StoredForm } from '../exams/forms';
import { readClass } from './classes';

/** A pupil with the form that is theirs, and what they need. */
export interface DealtForm {
  readonly name: string;
  /** What their class is called. */
  readonly group: string;
  readonly form: StoredForm;
  /** Size of print in points; 0 for the usual one. */
  readonly largePrint: number;
  readonly extraTime: boolean;
}

/**
 * The forms of the pupils of some classes, class by class in the order of the lists. A class that has sat the exam has the
 * forms that it was dealt then.
 */
export function dealtForms(
  db: Db,
  paperId: number,
  { classIds, dealing }: { readonly classIds: readonly number[]; readonly dealing: Dealing }
): DealtForm[] {
  const forms = readForms(db, paperId);
  return classIds.flatMap((classId, classAt) => {
    const own = readClass(db, classId);
    if (!own) return [];
    const sat = satForms(db, paperId, classId);
    return own.pupils.map(({ id, name, largePrint, extraTime }, at) => ({
      ...{ name, largePrint, extraTime, group: own.name },
      form:
        forms.find((form) => form.id === sat.get(id)) ??
        formFor(forms, dealing, { pupil: id, at, classAt })
    }));
  });
}

/** The ids of the forms that the pupils of a class wrote, by the ids of the pupils. */
function satForms(db: Reader, paperId: number, classId: number): Map<number | null, number> {
  const rows = db
    .select({ pupilId: scripts.pupilId, formId: scripts.formId })
    .from(scripts)
    .innerJoin(sittings, eq(sittings.id, scripts.sittingId))
    .where(and(eq(sittings.paperId, paperId), eq(sittings.classId, classId)))
    .all();
  return new Map(rows.map(({ pupilId, formId }) => [pupilId, formId]));
}
