import '@zealous-quill/core/catalogue/all';
import { drawingProblem, renderFeedback, renderPdf, renderQuick } from '../print/compile';
import type { ExamPrintAsked } from '../print/exam-print-of';
import type { FeedbackDocument } from '../print/feedback';
import { renderPreview, type Preview } from '../print/preview';
import { documentOf, type PrintAsked } from '../print/print-of';
import type { QuickDocument } from '../print/quick';

/** What the typesetter does, by name: it is native code, so all of it is done in a process of its own. */
export const printTasks = {
  /** A print as a PDF file. */
  print: (asked: PrintAsked | ExamPrintAsked): Uint8Array => renderPdf(documentOf(asked)),

  /** A print as the screen shows it. */
  preview: (asked: PrintAsked | ExamPrintAsked): Preview => renderPreview(documentOf(asked)),

  /** The slips that go back to a class, as a PDF file. */
  feedback: (document: FeedbackDocument): Uint8Array => renderFeedback(document),

  /** Quick practice as a PDF file. */
  quickPrint: (document: QuickDocument): Uint8Array => renderQuick(document),

  /** Why a picture of a question cannot be printed; null if it can. */
  drawing: (picture: { readonly name: string; readonly bytes: Uint8Array }): string | null =>
    drawingProblem(picture)
};

export type PrintTasks = typeof printTasks;
