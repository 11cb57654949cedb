import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DigitSums, joinSums } from './digit-sums';
import { listsOf } from './spaces.test-helper';

/** All digits of a column: those that lead a number first, which are not 0. */
function columns(base: number, leading: number, free: number): number[][] {
  const digits = Array.from({ length: base }, (_, digit) => digit);
  const heads = listsOf(digits.slice(1), leading);
  return heads.flatMap((head) => listsOf(digits, free).map((tail) => [...head, ...tail]));
}

const sum = (digits: readonly number[]) => digits.reduce((total, digit) => total + digit, 0);
const zeros = (digits: readonly number[]) => digits.filter((digit) => digit === 0).length;

test('columns are counted and ranked by their sum and zeros as a list of all choices is, in several bases', () => {
  for (const base of [2, 3, 10]) {
    for (const tellsZeros of [false, true]) {
      const sums = new DigitSums(base, tellsZeros);
      for (const [leading, free] of [
        [0, 0],
        [1, 0],
        [0, 2],
        [2, 1],
        [1, 2]
      ] as const) {
        const all = columns(base, leading, free);
        const classOf = (digits: readonly number[]) =>
          [sum(digits), tellsZeros ? zeros(digits) : 0].join();
        const told = sums.classes({ leading, free });
        assert.equal(told.length, new Set(all.map(classOf)).size);
        for (const one of told) {
          const listed = all.filter((digits) => classOf(digits) === [one.sum, one.zeros].join());
          assert.equal(one.ways, listed.length);
          assert.equal(sums.ways({ leading, free }, one.sum, one.zeros), listed.length);
          const ranked = listed.map((_, rank) =>
            sums.at({ leading, free }, one.sum, one.zeros, rank).join()
          );
          assert.deepEqual(ranked.toSorted(), listed.map(String).sort());
        }
        assert.equal(sums.ways({ leading, free }, 9 * (leading + free) + 1, 0), 0);
      }
    }
  }
});

test('two columns put together have the sums of all pairs of their choices', () => {
  const sums = new DigitSums(4, true);
  const [one, other] = [columns(4, 1, 1), columns(4, 0, 2)];
  const listed = new Map<string, number>();
  for (const a of one) {
    for (const b of other) {
      const key = [sum([...a, ...b]), zeros([...a, ...b])].join();
      listed.set(key, (listed.get(key) ?? 0) + 1);
    }
  }
  const joined = joinSums(
    sums.classes({ leading: 1, free: 1 }),
    sums.classes({ leading: 0, free: 2 })
  );
  assert.deepEqual(new Map(joined.map((one) => [[one.sum, one.zeros].join(), one.ways])), listed);
});
