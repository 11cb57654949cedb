import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { parseDigits, printNumber } from '../../numbers';
import { ANSWER, evaluate, graphOf } from '../../working';
import { addendDigits, columnsOf, leftAlignedColumns, total } from './sum/columns';
import { columnSteps, figureSteps } from './sum/working';
import { carriesDropped, totalsWritten } from './sum/errors';
import { replaceRules } from '../../working';
import { mergedPairs } from './difference/pairs';
import { differenceSteps } from './difference/working';
import { skipsZero, smallerFromLarger } from './difference/errors';
import type { Columns, School } from './difference/columns';

const base = fc.integer({ min: 2, max: 16 });
const numbers = fc.array(fc.nat(99_999), { minLength: 1, maxLength: 5 });

test('columns of any addends in any base add up as BigInt says, figure by figure and carry by carry', () => {
  fc.assert(
    fc.property(numbers, base, (addends, radix) => {
      const digits = addendDigits(
        { addends: addends.map((one) => printNumber(BigInt(one), radix)) },
        radix
      );
      const columns = columnsOf(digits);
      const values = evaluate(graphOf(columnSteps(columns, radix)));
      const sum = addends.reduce((whole, one) => whole + one, 0);
      assert.equal(values.get(ANSWER), BigInt(sum));
      for (const place of columns.keys()) {
        const power = radix ** (place + 1);
        const below = addends.reduce((whole, one) => whole + (one % power), 0);
        assert.equal(values.get(`carry.${place + 1}`), BigInt(Math.floor(below / power)));
        assert.equal(
          values.get(`digit.${place}`),
          BigInt(Math.floor(sum / (power / radix)) % radix)
        );
      }
    })
  );
});

test('figures that begin at another place have the names of those places', () => {
  const ids = figureSteps(
    [
      [1, 2],
      [9, 9]
    ],
    10,
    -2
  ).map(({ id }) => id);
  assert.deepEqual(ids, ['digit.-2', 'carry.-1', 'digit.-1', 'carry.0', 'digit.0']);
});

test('shorter addends leave columns short at the left, or at the right where they are lined up there', () => {
  const digits = [parseDigits('487')!, parseDigits('6')!];
  assert.deepEqual(columnsOf(digits), [[7, 6], [8], [4]]);
  assert.deepEqual(leftAlignedColumns(digits), [
    [7, 0],
    [8, 0],
    [4, 6]
  ]);
  assert.equal(total([9, 8, 7]), 24);
  assert.throws(() => addendDigits({ addends: ['12', '1x'] }, 10), /no numeral/);
});

test('carries dropped and totals written whole are what a hand gets that does so', () => {
  fc.assert(
    fc.property(fc.tuple(fc.nat(9999), fc.nat(9999)), (addends) => {
      const columns = columnsOf(addends.map((one) => parseDigits(String(one))!));
      const graph = graphOf(columnSteps(columns));
      const under = (rules: Parameters<typeof replaceRules>[1]) =>
        evaluate(replaceRules(graph, rules)).get(ANSWER);
      const totals = columns.map(total);
      const last = totals.length - 1;
      const dropped = totals.map((sum, at) => (at === last ? sum : sum % 10));
      assert.equal(under(carriesDropped(columns)), BigInt(dropped.toReversed().join('')));
      assert.equal(under(totalsWritten(columns)), BigInt(totals.toReversed().join('')));
    })
  );
});

/** Columns of a difference of whole numbers. */
function columnsFor(minuend: number, subtrahend: number): Columns {
  const top = parseDigits(String(minuend))!;
  const bottom = parseDigits(String(subtrahend).padStart(top.length, '0'))!;
  return { top, bottom, lowest: 0, blanks: 0 };
}

const difference = fc
  .tuple(fc.nat(99_999), fc.nat(99_999))
  .filter(([one, other]) => one !== other)
  .map(([one, other]) => [Math.max(one, other), Math.min(one, other)] as const);
const schools: readonly School[] = ['decomposition', 'equal-additions'];

test('both schools of subtraction give what BigInt gives, and each column only figures', () => {
  fc.assert(
    fc.property(difference, fc.constantFrom(...schools), ([one, other], school) => {
      const columns = columnsFor(one, other);
      const values = evaluate(graphOf(differenceSteps(columns, school)));
      const figures = [...columns.top.keys()].map(
        (place) => values.get(`digit.${place}`) as bigint
      );
      assert.ok(figures.every((figure) => figure >= 0n && figure <= 9n));
      assert.equal(BigInt(figures.toReversed().join('')), BigInt(one - other));
    })
  );
});

test('the smaller from the larger is taken column by column; a ten that skips zeros comes from beyond them', () => {
  fc.assert(
    fc.property(difference, ([one, other]) => {
      const columns = columnsFor(one, other);
      const rules = smallerFromLarger(columns, 'decomposition');
      const graph = replaceRules(graphOf(differenceSteps(columns, 'decomposition')), rules);
      const values = evaluate(graph);
      columns.top.forEach((top, place) =>
        assert.equal(values.get(`digit.${place}`), BigInt(Math.abs(top - columns.bottom[place]!)))
      );
    })
  );
  const stands = (minuend: number, subtrahend: number) => {
    const rules = skipsZero(columnsFor(minuend, subtrahend));
    return rules && Object.values(rules).map(({ rule }) => Number(rule(() => undefined)));
  };
  // 403 - 128: the ten for the ones comes from the hundreds, and the zero stays 0: then that takes one as well.
  assert.deepEqual(stands(403, 128), [13, 10, 2]);
  assert.deepEqual(stands(95, 38), [15, 8]);
  assert.equal(stands(100, 99), undefined);
});

test('pairs of figures are put together by what they do to the columns left of them', () => {
  for (const borrowed of [0, 1]) {
    for (const radix of [2, 10]) {
      const ends = [0, radix - 1] as const;
      const merged = mergedPairs(ends, ends, borrowed, radix);
      const all = merged.flatMap((effect) => effect.pairs.map((pair) => ({ pair, effect })));
      assert.equal(new Set(all.map(({ pair }) => pair.join())).size, radix ** 2);
      for (const { pair, effect } of all) {
        const [top, bottom] = pair;
        const left = top - bottom - borrowed;
        assert.deepEqual(
          [effect.borrow, effect.topZero, effect.zero],
          [left < 0 ? 1 : 0, top === 0, left === 0 || left === -radix]
        );
      }
      const keys = merged.map(({ borrow, topZero, zero }) => [borrow, topZero, zero].join());
      assert.equal(new Set(keys).size, keys.length);
    }
  }
});
