import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { analyseItem, skillOf, suitability } from '../..';
import { markItem } from '../../../marking';
import { countsAsMeasured, ranksAsListed } from '../../space-checks.test-helper';
import { evaluatePattern } from '../../item';
import { ANSWER } from '../../../working';
import { features, measure } from './features';
import { nearMultiple, type Given } from './operands';
import { count, space } from './space';

const skill = skillOf('near-multiple-subtraction');

function* allItems(limit: number): Generator<Given> {
  for (let start = 2; start < limit; start++) {
    for (let change = 1; change < start; change++) yield { start: `${start}`, change: `${change}` };
  }
}

test('every feature and pair of features counts as brute force for starts below 1000', () => {
  countsAsMeasured({
    features,
    items: allItems(1000),
    measure,
    count: (constraints) => count({ digits: { min: 1, max: 3 }, ...constraints })
  });
});

test('ranks run through a small space once each, and only through it', () => {
  const constraints = { digits: { min: 2, max: 2 }, suited: true };
  const wanted = [...allItems(100)].filter(
    (given) => given.start.length === 2 && measure(given)['suited'] === true
  );
  ranksAsListed(space(constraints), wanted, skill.print);
  assert.equal(count(constraints), space(constraints).count);
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

/** Worked by hand; undefined where the pattern does not show. */
const table: [string, string | undefined, string | undefined][] = [
  ['532 - 298', '230', '232'],
  ['1200 - 985', '185', '200'],
  ['64 - 39', '23', '24'], // 40: 24, one back is 25; the wrong way 23
  ['81 - 42', '43', '41'], // 40: 41, two more away is 39; the wrong way 43
  ['700 - 300', undefined, undefined], // nothing to put right
  ['50 - 3', '33', '40'] // from 10: 40, seven back is 47; the wrong way 33
];

test('both error patterns answer as worked by hand, and show only where they differ', () => {
  for (const [line, wrongWay, forgotten] of table) {
    const item = analyseItem(skill, skill.parse(line));
    const answer = (id: string) => item.errorPatterns.find((pattern) => pattern.id === id)?.answer;
    assert.deepEqual(
      [answer('compensated-wrong-way'), answer('compensation-forgotten')],
      [wrongWay, forgotten],
      line
    );
  }
  const given = skill.parse('700 - 300');
  for (const pattern of skill.errorPatterns) {
    assert.equal(
      evaluatePattern(pattern, given, skill.graph(given, 'compensation'))?.get(ANSWER),
      400n
    );
  }
});

test('another multiple is as good, and own figures are followed from it', () => {
  const mark = (working: Record<string, string>) =>
    markItem(skill, { given: { start: '532', change: '298' }, school: 'compensation', working });
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
  const near = strategies.find((one) => one.skill === skill.id);
  assert.deepEqual(near, {
    skill: skill.id,
    school: 'compensation',
    applies: true,
    steps: 4,
    held: 4
  });
  assert.equal(cheapest, skill.id);
  const unsuited = suitability('subtraction', ['532', '254']);
  assert.equal(unsuited.strategies.find((one) => one.skill === skill.id)!.applies, false);
  assert.equal(unsuited.cheapest, 'column-subtraction');
  assert.deepEqual(suitability('division', ['8', '2']), { strategies: [], cheapest: null });
});
