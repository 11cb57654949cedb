import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { skillOf, Wanted } from '../../../skill';
import { suitability } from '../../../catalogue';
import type { Constraints } from '../../../skill/controls';
import { markItem } from '../../../marking';
import { checkPatterns, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { nearMultiple } from '../../../methods/in-the-head/near-multiple';
import { items } from './space';

const skill = skillOf('near-multiple-subtraction');
const specs = skill.features;

function allItems(limit: number) {
  const found: { start: string; change: string }[] = [];
  for (let start = 2; start < limit; start++) {
    for (let change = 1; change < start; change++)
      found.push({ start: `${start}`, change: `${change}` });
  }
  return found;
}

test('features, pairs of them and combinations count as brute force for starts below 100', () => {
  const small = allItems(100);
  const within = { digits: { min: 1, max: 2 } };
  countsAsMeasured({ specs, items: small, measure: skill.measure, within, space: items });
  combinationsAsMeasured(
    items(new Wanted(specs, within)),
    skill.decidingFeatures,
    small.map(skill.measure)
  );
});

test('ranks run through a small space once each, and only through it', () => {
  const small = allItems(1000).filter(({ start }) => start.length > 1);
  const requests: Constraints[] = [
    {},
    { crosses: true },
    { crosses: false, answerDigits: { min: 2, max: 2 } }
  ];
  for (const more of requests) {
    const controls = { digits: { min: 2, max: 3 }, suited: true, ...more };
    const asked = new Wanted(specs, controls);
    const wanted = small.filter((given) => asked.meets(skill.measure(given)));
    ranksAsListed(items(asked), wanted, skill.given.print);
  }
});

test('the multiple is the one a slow search finds (common practice: within 30, 10 and 2)', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 999_999 }), (change) => {
      const multiples = (base: number) =>
        [-1, 0, 1].map((k) => (Math.floor(change / base) + k) * base).filter((m) => m > 0);
      const nearest = (base: number) =>
        multiples(base).sort((a, b) => Math.abs(a - change) - Math.abs(b - change) || b - a)[0] ??
        base;
      const near = (
        [
          [1000, 30],
          [100, 10],
          [10, 2]
        ] as const
      ).find(
        ([base, within]) => Math.abs(nearest(base) - change) <= within && nearest(base) !== change
      );
      const found = nearMultiple(change);
      assert.deepEqual([found.base, found.suited], [near?.[0] ?? 10, near !== undefined]);
      assert.equal(found.multiple, nearest(found.base));
    })
  );
  assert.deepEqual(
    [298, 95, 35].map((change) => nearMultiple(change).offset),
    [-2, -5, -5]
  );
});

test('error patterns answer as worked by hand', () =>
  checkPatterns(skill.id, {
    'compensated-wrong-way': [
      ['532 - 298', '230'],
      ['1200 - 985', '185'],
      ['64 - 39', '23'], // 40: 24, one back is 25; the wrong way 23
      ['81 - 42', '43'], // 40: 41, two more away is 39; the wrong way 43
      ['700 - 300', '='], // nothing to put right
      ['50 - 3', '33'] // from 10: 40, seven back is 47; the wrong way 33
    ],
    'compensation-forgotten': [
      ['532 - 298', '232'],
      ['1200 - 985', '200'],
      ['64 - 39', '24'],
      ['81 - 42', '41'],
      ['700 - 300', '='],
      ['50 - 3', '40']
    ]
  }));

test('another multiple is as good, and own figures are followed from it', () => {
  const mark = (working: Record<string, string>) =>
    markItem(worked(skill.id, '532 - 298'), working);
  const other = mark({ multiple: '290', difference: '242', answer: '234' });
  assert.deepEqual([other.marks.awarded, other.flags, other.firstSlip], [2, [], null]);
  const wrongWay = mark({ multiple: '300', difference: '232', adjustment: '2', answer: '230' });
  assert.deepEqual(
    wrongWay.diagnosis.map(({ patterns }) => patterns[0]),
    ['compensated-wrong-way']
  );
  assert.deepEqual(
    mark({ multiple: '300', difference: '232', answer: '232' }).firstSlip,
    'adjustment'
  );
});

test('suitability weighs the ways of working a sum; 532 - 298 near 300 holds four digits', () => {
  const { strategies, cheapest } = suitability('subtraction', ['532', '298']);
  const { school, applies, steps, held } = strategies.find((one) => one.skill === skill.id)!;
  assert.deepEqual([school, applies, steps, held], ['compensation', true, 4, 4]);
  assert.equal(cheapest, skill.id);
  const unsuited = suitability('subtraction', ['532', '254']);
  assert.equal(unsuited.strategies.find((one) => one.skill === skill.id)!.applies, false);
  assert.equal(unsuited.cheapest, 'column-subtraction');
  assert.deepEqual(suitability('division', ['8', '2']), { strategies: [], cheapest: null });
});
