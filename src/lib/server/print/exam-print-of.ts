import { formLabel, partsIn, type PartSnapshot } from '@zealous-quill/core/exams';
import type { Reader } from '../database/base/db';
import { readDefaultSchemes } from '../database/papers/default-schemes';
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
}

/** Reads the address of a print; undefined if there is no such print. */
export function examQuery(query: URLSearchParams): ExamQuery | undefined {
  const kind = examPrintKinds.find((one) => one === (query.get('kind') ?? 'paper'));
  const size = printSizes.find((one) => one === Number(query.get('size') ?? 0));
  const form = query.get('form') ?? (kind === 'key' ? 'all' : '');
  return kind && size !== undefined ? { kind, form, size } : undefined;
}

/** Parts on all forms that one print may have: so many take the better part of half a minute. */
export const MOST_PRINTED_PARTS = 3000;

export type ExamPrintFound =
  | { readonly ok: true; readonly asked: ExamPrintAsked }
  | { readonly ok: false; readonly code: 'missing' | 'too-long' };

/** What a print of an exam is made of: as it was sat, or as it is now. */
export function examPrintOf(
  db: Reader,
  paperId: number,
  { kind, form, size }: ExamQuery
): ExamPrintFound {
  const stored = readExam(db, paperId);
  if (!stored || partsIn(stored.exam).length === 0) return { ok: false, code: 'missing' };
  const { exam, edition, state, isSat } = stored;
  const all = readForms(db, paperId);
  const chosen = all.filter((one, at) => isAsked(one, at, form));
  if (chosen.length === 0) return { ok: false, code: 'missing' };
  if (chosen.length * partsIn(exam).length > MOST_PRINTED_PARTS) {
    return { ok: false, code: 'too-long' };
  }
  const kept = isSat ? keptForms(db, paperId) : new Map<number, Record<string, PartSnapshot>>();
  return {
    ok: true,
    asked: {
      ...{ exam, edition, kind, size, isApproved: isSat || state === 'approved' },
      forms: chosen.map(({ id, kind: own, letter, name, given }) => ({
        ...{ kind: own, letter, name, given },
        kept: kept.get(id) ?? null
      })),
      isOneOfMany: all.length > 1,
      style: stored.style ?? readHouseStyle(db),
      defaults: readDefaultSchemes(db),
      pictures: readPictures(db, pictureNames(exam))
    }
  };
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
