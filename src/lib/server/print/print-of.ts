import type { Paper } from '@zealous-quill/core/papers';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Reader } from '../database/base/db';
import { readHouseStyle } from '../database/papers/house-style';
import { readPaper } from '../database/papers/papers';
import { satParts } from '../database/sittings/snapshots';
import type { PaperDocument } from './compile';
import { partsNow, printDocument, type PrintKind, type PrintPart } from './document';
import { examDocumentOf, type ExamPrintAsked } from './exam-print-of';

/** Items a print may have: so many take the better part of ten seconds, and a gigabyte of memory. */
const mostPrinted: Readonly<Record<PrintKind, number>> = {
  paper: 600,
  key: 600,
  solutions: 300
};

/** Everything that a print is made of, to be handed to another thread. */
export interface PrintAsked {
  readonly paper: Paper & { edition: number };
  /** What was kept of a paper that has been sat; null for one that is worked out as it is now. */
  readonly parts: readonly PrintPart[] | null;
  readonly kind: PrintKind;
  readonly style: HouseStyle;
  /** Whose name stands on the paper; null where a line is left for it. */
  readonly pupil: { readonly name: string; readonly className: string } | null;
}

export type PrintFound =
  | { readonly ok: true; readonly asked: PrintAsked }
  | { readonly ok: false; readonly code: 'missing' }
  | {
      readonly ok: false;
      readonly code: 'too-long';
      readonly items: number;
      readonly most: number;
    };

/** What a print of a paper is made of: as it was sat, or as it is now. */
export function printOf(db: Reader, paperId: number, kind: PrintKind): PrintFound {
  const paper = readPaper(db, paperId);
  if (!paper) return { ok: false, code: 'missing' };
  const { title, seed, ramp, rungs, edition, pupil } = paper;
  const items = paper.rungs.reduce((sum, rung) => sum + rung.items.length, 0);
  if (items > mostPrinted[kind])
    return { ok: false, code: 'too-long', items, most: mostPrinted[kind] };
  const style = paper.style ?? readHouseStyle(db);
  const parts = paper.isSat ? satParts(db, paperId) : null;
  return {
    ok: true,
    asked: { paper: { title, seed, ramp, rungs, edition }, pupil, parts, kind, style }
  };
}

/** Lays a print out, of a practice or an exam. */
export function documentOf(asked: PrintAsked | ExamPrintAsked): PaperDocument {
  if ('exam' in asked) return examDocumentOf(asked);
  const { paper, parts, kind, style, pupil } = asked;
  const document = printDocument(paper, parts ?? partsNow(paper, style), kind, style);
  return { ...document, pupil: { name: pupil?.name ?? '', className: pupil?.className ?? '' } };
}
