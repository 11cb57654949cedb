import assert from 'node:assert/strict';
import { test } from 'node:test';
import { arrangementLeaving, arrangementsLeaving } from './arrangements';
import { permutations } from './spaces.test-helper';

test('of up to six things, each rank is another arrangement that leaves so many in place, and none is left out', () => {
  for (let n = 0; n <= 6; n++) {
    const things = Array.from({ length: n }, (_, at) => at);
    const all = permutations(things);
    for (let placed = 0; placed <= n; placed++) {
      const listed = all.filter((one) => one.filter((thing, at) => thing === at).length === placed);
      assert.equal(arrangementsLeaving(n, placed), listed.length, `${n} things, ${placed} placed`);
      const ranked = listed.map((_, rank) => arrangementLeaving(things, placed, rank).join());
      assert.deepEqual(ranked.sort(), listed.map(String).sort(), `${n} things, ${placed} placed`);
    }
  }
});

test('derangements are 1, 0, 1, 2, 9, 44, 265, 1854 (OEIS A000166, from memory)', () => {
  const counts = [0, 1, 2, 3, 4, 5, 6, 7].map((n) => arrangementsLeaving(n, 0));
  assert.deepEqual(counts, [1, 0, 1, 2, 9, 44, 265, 1854]);
});
