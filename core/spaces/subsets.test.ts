import assert from 'node:assert/strict';
import { test } from 'node:test';
import { choose, subsetAt, subsetSpanning, subsetsSpanning } from './subsets';

/** All subsets of 0 .. n-1, each in rising order. */
function allSubsets(n: number): number[][] {
  return Array.from({ length: 2 ** n }, (_, bits) =>
    Array.from({ length: n }, (_, at) => at).filter((at) => (bits >> at) & 1)
  );
}

test('binomials are those of Pascal’s triangle, and 0 outside of it', () => {
  for (let n = 1; n <= 20; n++) {
    for (let k = 0; k <= n; k++) {
      assert.equal(choose(n, k), choose(n - 1, k - 1) + choose(n - 1, k));
    }
  }
  assert.deepEqual([choose(0, 0), choose(5, -1), choose(5, 6)], [1, 0, 0]);
});

test('ranks go through all subsets of a size', () => {
  for (let n = 0; n <= 7; n++) {
    for (let k = 0; k <= n; k++) {
      const listed = allSubsets(n).filter(({ length }) => length === k);
      const ranked = listed.map((_, rank) => subsetAt(n, k, rank).join());
      assert.deepEqual(ranked.toSorted(), listed.map(String).sort());
    }
  }
});

test('subsets of a span are counted and ranked as a list of all would be, from anywhere and from one place', () => {
  for (const from of [undefined, 0, 2, 6]) {
    for (let size = 1; size <= 4; size++) {
      for (const span of [
        { min: 0, max: 0 },
        { min: 1, max: 3 },
        { min: 3, max: 9 }
      ]) {
        const listed = allSubsets(7).filter((subset) => {
          const width = subset.at(-1)! - subset[0]!;
          const isFrom = from === undefined || subset[0] === from;
          return subset.length === size && width >= span.min && width <= span.max && isFrom;
        });
        const wanted = { among: 7, size, span, ...(from !== undefined && { from }) };
        assert.equal(subsetsSpanning(wanted), listed.length, JSON.stringify(wanted));
        const ranked = listed.map((_, rank) => subsetSpanning(wanted, rank).join());
        assert.deepEqual(ranked.toSorted(), listed.map(String).sort(), JSON.stringify(wanted));
        assert.throws(() => subsetSpanning(wanted, listed.length), RangeError);
      }
    }
  }
});
