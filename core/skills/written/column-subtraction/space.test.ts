import assert from 'node:assert/strict';
import { test } from 'node:test';
import { printNumber } from '../../../numbers';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  measured,
  ranksAsListed,
  specsOf
} from '../../../skill/space-checks.test-helper';
import { Wanted } from '../../../skill/request';
import { features, look } from './features';
import type { Given } from './numbers';
import { items } from './space';

const specs = specsOf(features);
const measure = (given: Given, base?: number) => measured(features, look(given, base));

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

test('every feature and every pair of features counts as brute force: to 4 digits in base 4, 2 in base 10', () => {
  for (const { base, digits } of [
    { base: 4, digits: 4 },
    { base: 10, digits: 2 }
  ]) {
    const within = { digits: { min: 1, max: digits } };
    const all = [...allItems(base ** digits, base)];
    countsAsMeasured({
      specs,
      items: all,
      measure: (given) => measure(given, base),
      within,
      space: (wanted) => items(wanted, base)
    });
    combinationsAsMeasured(
      items(new Wanted(specs, within), base),
      ['digits', 'regroupings', 'acrossZeros', 'longestRun', 'lostColumns', 'zeros'],
      all.map((given) => measure(given, base))
    );
  }
});

test('ranks run through a small space once each, and only through it', () => {
  const constraints = {
    digits: { min: 1, max: 4 },
    acrossZeros: { min: 1, max: 2 },
    lostColumns: { min: 1, max: 1 }
  };
  const wanted = [...allItems(3 ** 4, 3)].filter((item) => {
    const found = measure(item, 3);
    return (
      Number(found['acrossZeros']) >= 1 &&
      Number(found['acrossZeros']) <= 2 &&
      found['lostColumns'] === 1
    );
  });
  ranksAsListed(
    items(new Wanted(specs, constraints), 3),
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
    const found = measure({ minuend, subtrahend });
    assert.deepEqual([found['regroupings'], found['acrossZeros']], [regroupings, acrossZeros]);
  }
});
