import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { boundariesAsShares, gradeOf } from './grades';

const boundaries = [
  { grade: 'B', from: 20 },
  { grade: 'A', from: 30 },
  { grade: 'C', from: 10 }
];

test('a grade is the best whose boundary is reached, whatever their order', () => {
  const grades = [0, 9, 10, 19, 20, 29, 30, 40].map((total) => gradeOf(boundaries, total));
  assert.deepEqual(grades, ['', '', 'C', 'C', 'B', 'B', 'A', 'A']);
  assert.equal(gradeOf([], 40), '');
});

test('boundaries as shares are at the nearest mark, and none where two would meet', () => {
  const marks = (after: number) =>
    boundariesAsShares(boundaries, 40, after)?.map(({ from }) => from);
  assert.deepEqual(marks(40), [20, 30, 10]);
  assert.deepEqual(marks(38), [19, 29, 10]); // 28.5 is rounded up, 9.5 too
  assert.equal(marks(2), undefined); // 20 and 10 of 40 would both be 1
  assert.equal(boundariesAsShares(boundaries, 0, 40), undefined);
});

test('a boundary as a share is within half a mark of the exact share, and keeps its order', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 120 }), { minLength: 1, maxLength: 6 }),
      fc.integer({ min: 1, max: 120 }),
      (marks, after) => {
        const all = marks.map((from, at) => ({ grade: `${at}`, from }));
        const shared = boundariesAsShares(all, 120, after);
        if (!shared) return;
        for (const [at, { from }] of shared.entries()) {
          assert.ok(Math.abs(from - (marks[at]! * after) / 120) <= 0.5, `${from} of ${after}`);
        }
        const order = (one: readonly { from: number; grade: string }[]) =>
          one.toSorted((a, b) => a.from - b.from).map(({ grade }) => grade);
        assert.deepEqual(order(shared), order(all));
      }
    ),
    { seed: 7, numRuns: 200 }
  );
});
