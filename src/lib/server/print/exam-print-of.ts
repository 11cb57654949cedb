import { formLabel, partsIn, type PartSnapshot } from '@zealous-quill/core/exams';
import type { Db } from '../database/base/db';
import { idOf } from '../http/form-fields';
import { readDefaultSchemes } from '../database/papers/default-schemes';
import { dealings, type Dealing } from '../database/exams/dealing';
import { dealtForms } from '../database/people/dealt-forms';
import { readForms, type StoredForm } from '../database/exams/forms';
import { readExam } from '../database/exams/exams';
import { readHouseStyle } from '../database/papers/house-style';
import { pictureNames, readPictures } from '../database/papers/pictures';
import { keptForms } from '../database/sittings/snapshots';
import type { PaperDocument } from './compile';
import { examDocument } from './exam-document';
import {
  examPrintKinds,
  printSizes,
  type ExamPrint,
  type ExamPrintKind,
  type PrintSize
} from './exam-print';

/** Everything that a print of an exam is made of, to be handed to another thread. */
export interface ExamPrintAsked extends ExamPrint {
  readonly pictures: Readonly<Record<string, Uint8Array>>;
}

/** What is asked of a print by its address. */
export interface ExamQuery {
  readonly kind: ExamPrintKind;
  /** The label of a form, `letters`, `pupils` for those with names and the spares, or `all`. */
  readonly form: string;
  readonly size: PrintSize;
  /** The scripts of some classes in that size, with names, in the place of forms. */
  readonly scripts: { readonly classIds: readonly number[]; readonly dealing: Dealing } | null;
}

/** Reads the address of a print; undefined if there is no such print. */
export function examQuery(query: URLSearchParams): ExamQuery | undefined {
  const kind = examPrintKinds.find((one) => one === (query.get('kind') ?? 'paper'));
  const size = printSizes.find((one) => one === Number(query.get('size') ?? 0));
  const form = query.get('form') ?? (kind === 'key' ? 'all' : '');
  const classIds = query.getAll('class').flatMap((one) => idOf(one) ?? []);
  const dealing = dealings.find((one) => one === (query.get('forms') ?? 'first'));
  if (!kind || size === undefined || !dealing) return undefined;
  return { kind, form, size, scripts: classIds.length > 0 ? { classIds, dealing } : null };
}

/** Parts on all forms that one print may have: so many take the better part of half a minute. */
export const MOST_PRINTED_PARTS = 3000;

export type ExamPrintFound =
  | { readonly ok: true; readonly asked: ExamPrintAsked }
  | { readonly ok: false; readonly code: 'missing' | 'too-long' };

/** What a print of an exam is made of: as it was sat, or as it is now. */
export function examPrintOf(db: Db, paperId: number, query: ExamQuery): ExamPrintFound {
  const stored = readExam(db, paperId);
  if (!stored || partsIn(stored.exam).length === 0) return { ok: false, code: 'missing' };
  const { exam, edition, state, isSat } = stored;
  const { kind, size } = query;
  const all = readForms(db, paperId);
  const chosen = chosenForms(db, paperId, all, query);
  if (chosen.length === 0) return { ok: false, code: 'missing' };
  if (chosen.length * partsIn(exam).length > MOST_PRINTED_PARTS) {
    return { ok: false, code: 'too-long' };
  }
  const kept = isSat ? keptForms(db, paperId) : new Map<number, Record<string, PartSnapshot>>();
  return {
    ok: true,
    asked: {
      ...{ exam, edition, kind, size, isApproved: isSat || state === 'approved' },
      forms: chosen.map(({ id, kind: own, letter, name, group, given }) => ({
        ...{ kind: own, letter, name, group, given },
        kept: kept.get(id) ?? null
      })),
      isOneOfMany: all.length > 1,
      style: stored.style ?? readHouseStyle(db),
      defaults: readDefaultSchemes(db),
      pictures: readPictures(db, pictureNames(exam))
    }
  };
}

type ChosenForm = StoredForm & { readonly group: string | null };

/** The forms that are asked for; or the scripts of classes in the order of the lists, spares last. */
function chosenForms(
  db: Db,
  paperId: number,
  all: readonly StoredForm[],
  { form, size, scripts }: ExamQuery
): ChosenForm[] {
  const nameless = (one: StoredForm) => ({ ...one, group: null });
  if (!scripts) return all.filter((one, at) => isAsked(one, at, form)).map(nameless);
  const named = dealtForms(db, paperId, scripts)
    .filter(({ largePrint }) => largePrint === size)
    .map(({ form: own, name, group }) => ({ ...own, name, group }));
  const hasSpares = scripts.dealing === 'own' && size === 0;
  const spares = hasSpares ? all.filter(({ kind }) => kind === 'spare') : [];
  return [...named, ...spares.map(nameless)];
}

function isAsked(form: StoredForm, at: number, asked: string): boolean {
  switch (asked) {
    case '':
      return at === 0;
    case 'all':
      return true;
    case 'letters':
      return form.kind === 'letter';
    case 'pupils':
      return form.kind !== 'letter';
    default:
      return formLabel(form) === asked;
  }
}

/** Lays a print of an exam out. */
export function examDocumentOf({ pictures, ...asked }: ExamPrintAsked): PaperDocument {
  return { ...examDocument(asked), pictures };
}
