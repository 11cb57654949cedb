import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { skillOf, Wanted, WorkedItem } from '../../../skill';
import { markItem } from '../../../marking';
import { ANSWER } from '../../../working';
import { meets, type Constraints } from '../../../skill/controls';
import { checkPatterns, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  measured,
  ranksAsListed,
  specsOf
} from '../../../skill/space-checks.test-helper';
import { features, look } from './features';
import type { Given } from '../../../methods/products/factors';
import { items } from './space';

const skill = skillOf('long-multiplication');
const specs = specsOf(features);
const exactly = (value: number) => ({ min: value, max: value });
const under = (constraints: Constraints) => items(new Wanted(specs, constraints));
const measure = (given: Given) => measured(features, look(given));
const twoByTwo = { digits: exactly(2), multiplierDigits: exactly(2) };

function pairs(a: [number, number], b: [number, number]): Given[] {
  const found: Given[] = [];
  for (let x = a[0]; x <= a[1]; x++) {
    for (let y = b[0]; y <= b[1]; y++) found.push({ multiplicand: `${x}`, multiplier: `${y}` });
  }
  return found;
}

test('two-digit by two-digit products by held carries are the published numbers', () => {
  // Enumerated by an independent programme; see the list of values to check.
  const counts = [0, 1, 2].map(
    (carries) => under({ ...twoByTwo, carries: exactly(carries) }).count
  );
  assert.deepEqual(counts, [2052n, 2178n, 3870n]);
});

test('features, pairs of them and combinations count as brute force, 2 by 2 digits and some of 3 by 2', () => {
  for (const [within, all] of [
    [twoByTwo, pairs([10, 99], [10, 99])],
    [
      { digits: exactly(3), multiplierDigits: exactly(2), zeros: exactly(2) },
      pairs([100, 999], [10, 99]).filter(({ multiplicand }) => multiplicand.endsWith('00'))
    ]
  ] as const) {
    countsAsMeasured({ specs, items: all, measure, within, space: items });
    combinationsAsMeasured(under(within), skill.decidingFeatures, all.map(measure));
  }
});

test('tables, usable items and ranks equal brute force', () => {
  const allowed = { ...twoByTwo, tables: { allow: new Set([2, 5]) } };
  const wanted = pairs([10, 99], [10, 99]).filter((given) =>
    meets(measure(given)['tables']!, allowed.tables)
  );
  ranksAsListed(under(allowed), wanted, skill.given.print);
  assert.equal(under(allowed).usable, BigInt(new Set(wanted.map(skill.itemKey)).size));
});

test('features equal those read off the working; the product is BigInt’s', () => {
  const given = fc.record({
    multiplicand: fc.integer({ min: 10, max: 9999 }).map(String),
    multiplier: fc.integer({ min: 10, max: 999 }).map(String)
  });
  fc.assert(
    fc.property(given, (item) => {
      const { graph, key } = new WorkedItem(skill, item, 'rows');
      assert.equal(key.get(ANSWER), BigInt(item.multiplicand) * BigInt(item.multiplier));
      const values = (kind: string) =>
        graph.steps.filter((step) => step.kind === kind).map(({ id }) => Number(key.get(id)));
      const found = measure(item);
      assert.equal(found['carries'], values('carry').filter((carry) => carry > 0).length);
      assert.equal(found['largestCarry'], Math.max(...values('carry')));
      assert.equal(
        found['additionCarries'],
        values('sum-carry').filter((carry) => carry > 0).length
      );
    }),
    { numRuns: 1000 }
  );
  assert.equal(measure({ multiplicand: '91', multiplier: '90' })['largestCarry'], 0);
});

/** Worked by hand; `-` where the pattern cannot be carried out, `=` where it does not show. */
const table: Record<string, [string, string][]> = {
  'placeholder-missing': [
    ['47 x 36', '423'], // 282 + 141
    ['46 x 23', '230'], // 138 + 92
    ['12 x 11', '24'],
    ['20 x 30', '60'], // 0 + 60
    ['123 x 201', '369'] // 123 + 0 + 246
  ],
  'carry-dropped': [
    ['58 x 67', '3436'], // 356 + 3080
    ['46 x 23', '948'], // 128 + 820
    ['47 x 36', '1452'], // 242 + 1210
    ['12 x 11', '='],
    ['19 x 15', '245'] // 55 + 190
  ],
  'carry-added-before-multiplying': [
    ['47 x 36', '2292'], // 482 + 1810
    ['46 x 23', '1178'], // 158 + 1020
    ['12 x 11', '='],
    ['19 x 15', '445'], // 9x5=45: 5 hold 4; (1+4)x5=25: 255, and 190
    ['25 x 14', '410'] // 5x4=20: 0 hold 2; (2+2)x4=16: 160, and 250
  ],
  'old-carries-reused': [
    ['47 x 36', '2092'], // 282 + 1810
    ['46 x 23', '1158'], // 138 + 1020: 2x6=12, 2x4+1+1=10
    ['12 x 11', '='],
    ['19 x 15', '685'], // 95 + 590: 1x9=9, 1x1+4=5
    ['11 x 99', '='],
    ['97 x 98', '10006'] // 776, and 9x7=63, 9x9+6+5=92: 923 tens
  ],
  'digit-by-digit-only': [
    ['47 x 36', '1242'], // 42 + 1200
    ['46 x 23', '818'],
    ['12 x 11', '102'],
    ['123 x 45', '-'],
    ['123 x 201', '20003'] // 3x1, 2x0, 1x2
  ],
  'zero-times-n-is-n': [
    ['406 x 23', '9568'], // 1248 + 8320
    ['47 x 36', '='],
    ['40 x 12', '492'], // 0x2 is 2: 82; 0x1 is 1: 41 tens
    ['20 x 30', '650'], // 0 and 0 is 0, 2 and 0 is 2: 20; 0 and 3 is 3: 63 tens; 20 + 630
    ['12 x 20', '252'] // row of 0: 12; row of 2: 240
  ],
  'rows-not-added': [
    ['47 x 36', '1410'],
    ['46 x 23', '920'],
    ['12 x 11', '120'],
    ['20 x 30', '='],
    ['123 x 201', '24600']
  ],
  'row-omitted': [
    ['23 x 14', '92'],
    ['47 x 36', '282'],
    ['97 x 98', '776'],
    ['20 x 30', '-'], // the first row is not written
    ['123 x 201', '123']
  ]
};

test('error patterns answer as worked by hand', () => checkPatterns('long-multiplication', table));

test('each row has its own method mark: a slip in one does not cost the other', () => {
  const working = {
    'row.0.digit.0': '2',
    'row.0.digit.1': '9',
    'row.0.digit.2': '2',
    'row.1.placeholder.0': '0',
    'row.1.digit.1': '1',
    'row.1.digit.2': '4',
    'row.1.digit.3': '1',
    'sum.digit.0': '2',
    'sum.digit.1': '0',
    'sum.digit.2': '7',
    'sum.digit.3': '1'
  };
  const marked = markItem(worked('long-multiplication', '47 x 36'), working);
  assert.equal(marked.firstSlip, 'row.0.digit.1');
  assert.deepEqual(
    marked.marks.lines.map(({ id, awarded }) => `${id}:${awarded}`),
    ['M1:1', 'M2:1', 'M3:1', 'A1:0']
  );
});
