import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { gradesOf } from './grades';
import type { Pupil } from './table';

const pupil = (name: string, total: number, more: Partial<Pupil> = {}): Pupil => ({
  ...{ scriptId: 1, sittingId: 1, form: '', name, outcomes: [], total, changed: 0 },
  ...{ isComplete: true, isAbsent: false, evidence: [], unknown: [], habits: [] },
  ...more
});

test('a pupil has the best grade that the total reaches, and is near one from two marks below it', () => {
  const boundaries = [
    { grade: 'C', from: 10 },
    { grade: 'A', from: 30 },
    { grade: 'B', from: 20 }
  ];
  const pupils = [
    pupil('Oona', 30),
    pupil('Bram', 29),
    pupil('Tilda', 28),
    pupil('Edrick', 27),
    pupil('Fern', 9),
    pupil('Wyn', 25, { isComplete: false }),
    pupil('Talan', 25, { isAbsent: true })
  ];
  assert.deepEqual(gradesOf(boundaries, pupils), [
    {
      ...{ grade: 'A', from: 30, pupils: 1 },
      near: [
        { name: 'Bram', short: 1 },
        { name: 'Tilda', short: 2 }
      ]
    },
    { grade: 'B', from: 20, pupils: 3, near: [] },
    { grade: 'C', from: 10, pupils: 0, near: [{ name: 'Fern', short: 1 }] }
  ]);
});

test('everybody who is marked and reaches the lowest boundary has one grade, in whatever order boundaries come', () => {
  const totals = fc.array(fc.nat(40), { maxLength: 20 });
  const froms = fc.uniqueArray(fc.nat(40), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(totals, froms, (all, from) => {
      const boundaries = from.map((least) => ({ grade: `from ${least}`, from: least }));
      const graded = gradesOf(
        boundaries,
        all.map((total, at) => pupil(`p${at}`, total))
      );
      const counted = graded.reduce((sum, { pupils }) => sum + pupils, 0);
      assert.equal(counted, all.filter((total) => total >= Math.min(...from)).length);
      assert.deepEqual(
        graded.map((one) => one.from),
        from.toSorted((one, other) => other - one)
      );
    })
  );
});
