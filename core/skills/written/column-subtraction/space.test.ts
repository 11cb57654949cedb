import assert from 'node:assert/strict';
import { test } from 'node:test';
import { printNumber } from '../../../numbers';
import { countsAsMeasured, ranksAsListed } from '../../space-checks.test-helper';
import { features, measure } from './features';
import type { Given } from './operands';
import { count, space } from './space';

/** All items with a minuend below a limit, written in the base. */
function* allItems(limit: number, base: number): Generator<Given> {
  for (let top = 2; top < limit; top++) {
    for (let bottom = 1; bottom < top; bottom++) {
      yield {
        minuend: printNumber(BigInt(top), base),
        subtrahend: printNumber(BigInt(bottom), base)
      };
    }
  }
}

test('every feature and every pair of features counts as brute force: to 4 digits in base 4, 3 in base 10', () => {
  for (const { base, digits } of [
    { base: 4, digits: 4 },
    { base: 10, digits: 3 }
  ]) {
    countsAsMeasured({
      features,
      items: allItems(base ** digits, base),
      measure: (given) => measure(given, base),
      count: (constraints) => count({ digits: { min: 1, max: digits }, ...constraints }, base)
    });
  }
});

test('ranks run through a small space once each, and only through it', () => {
  const constraints = {
    digits: { min: 1, max: 4 },
    acrossZeros: { min: 1, max: 2 },
    lostColumns: { min: 1, max: 1 }
  };
  const wanted = [...allItems(3 ** 4, 3)].filter((item) => {
    const measured = measure(item, 3);
    return (
      Number(measured['acrossZeros']) >= 1 &&
      Number(measured['acrossZeros']) <= 2 &&
      measured['lostColumns'] === 1
    );
  });
  ranksAsListed(
    space(constraints, 3),
    wanted,
    ({ minuend, subtrahend }) => `${minuend}-${subtrahend}`
  );
});

test('the worked examples of the catalogue', () => {
  const cases: [string, string, number, number][] = [
    ['403', '127', 2, 1],
    ['1000', '1', 3, 2],
    ['52', '27', 1, 0]
  ];
  for (const [minuend, subtrahend, regroupings, acrossZeros] of cases) {
    const measured = measure({ minuend, subtrahend });
    assert.deepEqual(
      [measured['regroupings'], measured['acrossZeros']],
      [regroupings, acrossZeros]
    );
  }
});
