import type { ExamDocument } from './exam-print';
import type { Measured } from './measured';

/** How far apart the tops of two questions may be that stand beside each other, in millimetres. */
const BESIDE = 1;

/** Rows of questions that stay on a page from which one is moved. */
const FEWEST_ROWS = 2;

/**
 * An exam laid out so that its last page does not hold one question alone, but the row before it as well, in all forms.
 * `measure` lays out the first form, as all are alike.
 */
export function fitExam<Document extends ExamDocument>(
  document: Document,
  measure: (document: Document) => readonly Measured[]
): Document {
  if (document.kind !== 'paper') return document;
  const one = { ...document, papers: document.papers.slice(0, 1) };
  const moved = questionToMove(one, measure(one));
  if (moved === undefined) return document;
  const fitted = startingAt(document, moved);
  const pages = (asked: Document) => Math.max(...measure(asked).map(({ page }) => page));
  return pages(startingAt(one, moved)) === pages(one) ? fitted : document;
}

/** The first question of the row before the last, if the last page holds one question alone. */
function questionToMove(
  { papers }: ExamDocument,
  measured: readonly Measured[]
): string | undefined {
  const questions = papers.flatMap(({ sections }) => sections.flatMap((one) => one.questions));
  const places = questions.flatMap(({ id, parts: [first] }) => {
    const found = measured.find(({ what, label }) => what === 'part' && label === first?.label);
    return found ? [{ id, page: found.page, y: found.y }] : [];
  });
  const last = Math.max(...places.map(({ page }) => page));
  const alone = places.filter(({ page }) => page === last);
  const before = places.filter(({ page }) => page === last - 1);
  const lowest = before.at(-1);
  if (alone.length !== 1 || !lowest) return undefined;
  const isBeside = ({ y }: { y: number }) => Math.abs(y - lowest.y) < BESIDE;
  const rows = new Set(before.filter((one) => !isBeside(one)).map(({ y }) => Math.round(y)));
  return rows.size >= FEWEST_ROWS ? before.find(isBeside)?.id : undefined;
}

/** The document in which a question begins a page, on every form. */
const startingAt = <Document extends ExamDocument>(document: Document, id: string): Document => ({
  ...document,
  papers: document.papers.map((paper) => ({
    ...paper,
    sections: paper.sections.map((section) => ({
      ...section,
      questions: section.questions.map((question) =>
        question.id === id ? { ...question, startsPage: true } : question
      )
    }))
  }))
});
