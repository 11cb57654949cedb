import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { ExamDocument } from './exam-print';
import { fitExam } from './fit-exam';
import type { Measured } from './measured';

/** A question that takes so many millimetres; a narrow one may stand beside the one before it. */
interface Sized {
  readonly height: number;
  readonly isBeside: boolean;
}

const PAGE = 100;

/** A document of questions of some sizes, and its layout from top to bottom. */
function laidOut(sizes: readonly Sized[], forms = 2) {
  const questions = sizes.map((_, at) => ({
    id: `q${at}`,
    startsPage: false,
    parts: [{ label: `${at + 1}` }]
  }));
  const paper = { sections: [{ questions }] };
  const document = {
    kind: 'paper',
    papers: Array.from({ length: forms }, () => paper)
  } as unknown as ExamDocument;
  const measure = ({ papers: [first] }: ExamDocument): Measured[] => {
    let [page, y, bottom] = [1, 0, 0];
    return first!.sections
      .flatMap((section) => section.questions)
      .map((question, at) => {
        const { height, isBeside } = sizes[at]!;
        const stands = isBeside && at > 0 && !question.startsPage && bottom - y >= height;
        if (!stands) {
          if (bottom + height > PAGE || question.startsPage) [page, bottom] = [page + 1, 0];
          y = bottom;
          bottom = y + height;
        }
        return { what: 'part', label: question.parts[0]!.label, marks: 1, page, x: 0, y };
      });
  };
  return { document, measure };
}

const sizes = fc.array(
  fc.record({ height: fc.integer({ min: 5, max: 60 }), isBeside: fc.boolean() }),
  { minLength: 1, maxLength: 14 }
);

test('an exam takes no page more, keeps its order, and all its forms are laid out alike', () => {
  fc.assert(
    fc.property(sizes, (some) => {
      const { document, measure } = laidOut(some);
      const fitted = fitExam(document, measure);
      const [before, after] = [measure(document), measure(fitted)];
      assert.equal(after.at(-1)!.page, before.at(-1)!.page);
      assert.deepEqual(fitted.papers[0], fitted.papers[1]);
      const alone = (all: readonly Measured[]) =>
        all.filter(({ page }) => page === all.at(-1)!.page).length === 1;
      assert.ok(alone(before) || fitted === document, 'what was well is left');
      assert.ok(fitted === document || !alone(after), 'what was moved stands with another');
    }),
    { seed: 25 }
  );
});

test('a question that would stand alone takes the row before it along, both of two beside each other', () => {
  const one = (height: number, isBeside = false) => ({ height, isBeside });
  const begins = (some: readonly Sized[]) => {
    const { document, measure } = laidOut(some);
    return measure(fitExam(document, measure)).filter(({ page }) => page === 2)[0]?.label;
  };
  assert.equal(begins([one(30), one(30), one(30), one(30)]), '3');
  assert.equal(begins([one(30), one(30), one(30), one(30, true), one(30)]), '3');
  // Too little would be left, or two are there already.
  assert.equal(begins([one(50), one(50), one(30)]), '3');
  assert.equal(begins([one(40), one(50), one(30), one(30)]), '3');
});
