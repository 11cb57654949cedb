import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { listSpace, productSpace, unionSpace, mapSpace, type Space } from './space';
import { distinctRanks } from './sample';
import { seededRandom } from './random';
import { cycleTypes } from './rearrangements';
import { choose, subsetAt } from './subsets';

function members<T>(space: Space<T>): T[] {
  return Array.from({ length: Number(space.count) }, (_, rank) => space.at(BigInt(rank)));
}

test('a product of lists and a union hold what the loops would list', () => {
  const letters = listSpace(['a', 'b']);
  const digits = listSpace([1, 2, 3]);
  const pairs = productSpace(letters, digits, (letter, digit) => `${letter}${digit}`);
  assert.deepEqual(members(pairs), ['a1', 'a2', 'a3', 'b1', 'b2', 'b3']);
  const all = unionSpace([mapSpace(digits, String), listSpace<string>([]), pairs]);
  assert.deepEqual(members(all), ['1', '2', '3', ...members(pairs)]);
  assert.throws(() => all.at(9n), RangeError);
  assert.throws(() => all.at(-1n), RangeError);
});

test('drawing everything gives every rank once; the same seed gives the same order', () => {
  fc.assert(
    fc.property(
      fc.bigInt(0n, 300n),
      fc.integer({ min: 0, max: 2 ** 32 - 1 }),
      (population, seed) => {
        const ranks = [...distinctRanks(population, seededRandom(seed))];
        assert.equal(ranks.length, Number(population));
        assert.equal(new Set(ranks).size, ranks.length);
        assert.ok(ranks.every((rank) => rank >= 0n && rank < population));
        assert.deepEqual(ranks, [...distinctRanks(population, seededRandom(seed))]);
      }
    )
  );
});

test('samples are uniform: chi-square of 60,000 draws of 3 from 20 ranks, fixed seeds', () => {
  const seen = Array<number>(20).fill(0);
  for (let seed = 0; seed < 20_000; seed++) {
    const draw = distinctRanks(20n, seededRandom(seed));
    for (let i = 0; i < 3; i++) seen[Number(draw.next().value)]!++;
  }
  const expected = 60_000 / 20;
  const chiSquare = seen.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0);
  // 99.9 % point of chi-square with 19 degrees of freedom (standard tables, from memory): 43.82.
  assert.ok(chiSquare < 43.82, `chi-square ${chiSquare}`);
});

test('subsets of every size are listed once each', () => {
  for (let n = 0; n <= 6; n++) {
    for (let k = 0; k <= n; k++) {
      const subsets = Array.from({ length: choose(n, k) }, (_, rank) => subsetAt(n, k, rank));
      assert.equal(new Set(subsets.map(String)).size, choose(n, k));
      assert.ok(subsets.every((set) => new Set(set).size === k && set.every((m) => m < n)));
    }
  }
});

test('cycle types of n things account for all n! rearrangements', () => {
  const sizes = [1, 2, 3, 4, 5, 6].map((n) =>
    cycleTypes(n).reduce((sum, { size }) => sum + size, 0n)
  );
  assert.deepEqual(sizes, [1n, 2n, 6n, 24n, 120n, 720n]);
});
