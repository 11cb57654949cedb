import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { BitIndex, bitCount } from './bit-index';
import { firstWhere } from './binary-search';
import { gridItems } from './grid';
import { members } from './spaces.test-helper';
import { weightedSpace } from './weighted';

test('the first place is that of a search from the left', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(20), { minLength: 1 }), fc.nat(25), (numbers, limit) => {
      const rising = numbers.toSorted((one, other) => one - other);
      const found = rising.findIndex((number) => number > limit);
      const wanted = found < 0 ? rising.length - 1 : found;
      assert.equal(
        firstWhere(rising.length, (place) => rising[place]! > limit),
        wanted
      );
    })
  );
});

test('a weighted space lists each key as often as it weighs', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(4), { maxLength: 12 }), (weights) => {
      const space = weightedSpace(weights, (key, index) => `${key}/${index}`);
      const listed = weights.flatMap((weight, key) =>
        Array.from({ length: weight }, (_, index) => `${key}/${index}`)
      );
      assert.deepEqual(members(space), listed);
      assert.throws(() => space.at(BigInt(listed.length)), RangeError);
      assert.throws(() => space.at(-1n), RangeError);
    })
  );
  assert.throws(() => weightedSpace([2 ** 53, 2 ** 53], String), RangeError);
});

test('a table is ranked row by row and cell by cell, with rows that are empty and numbers that begin anywhere', () => {
  fc.assert(
    fc.property(
      fc.array(fc.array(fc.nat(3), { minLength: 1, maxLength: 4 }), { maxLength: 6 }),
      fc.integer({ min: -5, max: 5 }),
      (cells, min) => {
        const listed = cells.flatMap((row, at) =>
          row.flatMap((weight, cell) =>
            Array.from({ length: weight }, (_, index) => `${min + at} ${cell} ${index}`)
          )
        );
        const grid = gridItems({
          rows: { min, max: min + cells.length - 1 },
          weights: (row) => cells[row - min]!,
          member: (row, cell, index) => `${row} ${cell} ${index}`,
          told: () => [[{ kind: 'all' }, listed.length]] as const,
          count: () => listed.length
        });
        assert.deepEqual(members(grid.ranked()), listed);
        assert.equal(grid.count, BigInt(listed.length));
        assert.equal(grid.isEmpty, listed.length === 0);
        assert.deepEqual(
          grid.combinations(['kind']),
          listed.length === 0 ? [] : [{ features: { kind: 'all' }, count: BigInt(listed.length) }]
        );
        assert.throws(() => grid.ranked().at(BigInt(listed.length)), RangeError);
      }
    )
  );
});

test('a bit index ranks its members in rising order, over many words', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.nat(2999), { maxLength: 400 }), (numbers) => {
      const index = new BitIndex(3000);
      numbers.forEach((number) => index.add(number));
      const rising = numbers.toSorted((one, other) => one - other);
      assert.equal(index.count, rising.length);
      assert.deepEqual(
        rising.map((_, rank) => index.at(rank)),
        rising
      );
      assert.throws(() => index.at(rising.length), RangeError);
    }),
    { numRuns: 60 }
  );
});

test('bits are counted as in binary', () => {
  fc.assert(
    fc.property(fc.integer(), (word) => {
      assert.equal(
        bitCount(word),
        [...(word >>> 0).toString(2)].filter((bit) => bit === '1').length
      );
    })
  );
});
