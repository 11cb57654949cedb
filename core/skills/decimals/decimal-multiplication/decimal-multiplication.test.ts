import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import { markItem } from '../../../marking';
import { drawItems, skillOf, Wanted, WorkedItem } from '../../../skill';
import { defaultHouseStyle } from '../../../house-style';
import type { Constraints } from '../../../skill/controls';
import type { Given } from '../../../methods/products/factors';
import {
  checkPatterns,
  patternAnswers,
  schoolsOf,
  worked
} from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { items } from './space';

const skill = skillOf('decimal-multiplication');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

const factor = (digits: number) =>
  fc
    .tuple(fc.integer({ min: 2, max: 10 ** digits - 1 }), fc.nat(3))
    .map(([units, places]) => new Decimal(units).div(10 ** places).toFixed());
const anyItem = fc
  .record({ multiplicand: factor(4), multiplier: factor(3) })
  .filter((given) => skill.given.schema.safeParse(given).success);

test('both schools give what decimal.js gives; features are those of an independent measurement', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      const [a, b] = [new Decimal(given.multiplicand), new Decimal(given.multiplier)];
      for (const school of schoolsOf(skill)) {
        assert.equal(new WorkedItem(skill, given, school).answer, a.times(b).toFixed());
      }
      const found = measure(given);
      const places = [a.decimalPlaces(), b.decimalPlaces()] as const;
      const all = places[0] + places[1];
      assert.deepEqual(
        [found.digits, found.multiplierDigits],
        [a.precision(true), b.precision(true)],
        skill.given.print(given)
      );
      assert.deepEqual(
        [found.multiplicandPlaces, found.multiplierPlaces, found.totalPlaces],
        [...places, all]
      );
      const [, behind] = a.times(b).toFixed(all).split('.') as [string, string];
      const isBelowOne = a.times(b).lt(1);
      assert.equal(found.productPad, isBelowOne ? /^0*/.exec(behind)![0].length : 0);
      assert.equal(found.trailingZeros, /0*$/.exec(behind)![0].length);
      assert.equal(found.multiplierBelowOne, b.lt(1));
    }),
    { numRuns: 2000 }
  );
});

const exactly = (value: number) => ({ min: value, max: value });

/** All products of factors of up to so many digits and places. */
function allItems(digits: readonly [number, number], places: number): Given[] {
  const numbers = digits.map((most) =>
    Array.from({ length: 10 ** most }, (_, units) => units).flatMap((units) =>
      Array.from({ length: places + 1 }, (_, own) => new Decimal(units).div(10 ** own).toFixed())
    )
  );
  const [one, other] = numbers.map((numerals) => [...new Set(numerals)]) as [string[], string[]];
  const all = one.flatMap((multiplicand) =>
    other.map((multiplier): Given => ({ multiplicand, multiplier }))
  );
  return all.filter((given) => skill.given.schema.safeParse(given).success);
}

test('counts, usable items, combinations and ranks are those of a list of small products', () => {
  const within: Constraints = {
    ...{ digits: { min: 1, max: 2 }, multiplierDigits: exactly(1) },
    ...{ multiplicandPlaces: { min: 0, max: 2 }, multiplierPlaces: { min: 0, max: 2 } }
  };
  const all = allItems([2, 1], 2);
  countsAsMeasured({ specs, items: all, measure, within, space: items });
  const space = items(new Wanted(specs, within));
  combinationsAsMeasured(space, skill.decidingFeatures, all.map(measure));
  assert.equal(space.usable, BigInt(new Set(all.map((given) => skill.itemKey(given))).size));
  const rare: Constraints = { ...within, trailingZeros: exactly(1), productPad: exactly(1) };
  const wanted = all.filter((given) => new Wanted(specs, rare).meets(measure(given)));
  ranksAsListed(items(new Wanted(specs, rare)), wanted, (given) => skill.given.print(given));
});

test('longer products are what was asked for, and as many as there are without any condition', () => {
  const controls = { digits: 4, multiplierDigits: 3, carries: 4, trailingZeros: 2 };
  const drawn = drawItems(skill, { controls, count: 200, seed: 1852 });
  assert.ok(drawn.ok, 'there are such items');
  for (const given of drawn.given as Given[]) {
    assert.ok(skill.given.schema.safeParse(given).success, skill.given.print(given));
    const { digits, multiplierDigits, carries, trailingZeros } = measure(given);
    assert.deepEqual([digits, multiplierDigits, carries, trailingZeros], [4, 3, 4, 2]);
  }
  // Numbers from 2 that are no power of ten; with decimals, those that do not end in 0. One point at least.
  const numerals = (most: number) => {
    const whole = 10 ** most - 1 - most;
    return { whole, all: whole + 3 * (9 * 10 ** (most - 1) - 1) };
  };
  const [one, other] = [numerals(4), numerals(3)];
  const count = BigInt(one.all * other.all - one.whole * other.whole);
  assert.equal(items(new Wanted(specs)).count, count);
});

const byHand: Parameters<typeof checkPatterns>[1] = {
  'places-as-in-addition': [
    ['4.6 x 2.4', '110.4'],
    ['0.2 x 0.3', '0.6'],
    ['4.6 x 3', '='],
    ['0.46 x 2.4', '11.04'],
    ['2.5 x 0.4', '10']
  ],
  'places-counted-from-left': [
    ['0.46 x 2.4', '110.4'],
    ['3.25 x 0.7', '227.5'],
    ['4.6 x 2.4', '='], // 11.04 either way
    ['0.2 x 0.3', '-'],
    ['4.6 x 3', '1.38']
  ],
  'point-dropped': [
    ['4.6 x 2.4', '1104'],
    ['0.2 x 0.3', '6'],
    ['2.5 x 0.4', '100'],
    ['3.25 x 0.7', '2275'],
    ['4.6 x 3', '138']
  ],
  'zeros-dropped-before-counting': [
    ['2.5 x 0.4', '0.01'],
    ['4.6 x 2.4', '='],
    ['0.5 x 6', '0.3'],
    ['1.25 x 0.8', '0.001'],
    ['2.5 x 1.2', '0.03']
  ],
  'parts-multiplied-apart': [
    ['4.6 x 2.4', '8.24'],
    ['0.46 x 2.4', '-'],
    ['4.6 x 3', '-'],
    ['1.05 x 2.3', '2.15'],
    ['12.5 x 1.2', '12.10']
  ],
  'placeholder-missing': [
    ['4.6 x 2.4', '2.76'], // 184 + 92
    ['0.46 x 0.23', '0.023'], // 138 + 92
    ['3.25 x 0.7', '-'],
    ['1.2 x 1.3', '0.48'], // 36 + 12
    ['2.5 x 1.2', '0.75'] // 50 + 25
  ],
  'carry-dropped': [
    ['4.6 x 2.4', '9.84'], // 164, 82 tens
    ['4.6 x 3', '12.8'],
    ['0.2 x 0.3', '='],
    ['3.25 x 0.7', '2.145'], // 35, 14, 21
    ['2.5 x 1.2', '2.9'] // 40, 25 tens
  ],
  'carry-added-before-multiplying': [
    ['4.6 x 3', '15.8'], // 18, (4 + 1) x 3
    ['0.2 x 0.3', '='],
    ['4.6 x 2.4', '12.64'], // 244 and 102 tens: (4 + 2) x 4 and (4 + 1) x 2
    ['3.25 x 0.7', '4.255'], // 35, (2 + 3) x 7 = 35, (3 + 3) x 7 = 42
    ['1.2 x 1.3', '=']
  ],
  'old-carries-reused': [
    ['4.6 x 2.4', '13.04'], // 184; 12, then 8 + 1 + 2 = 11: 112 tens
    ['4.6 x 3', '-'],
    ['1.2 x 1.3', '='],
    ['2.5 x 1.2', '4'], // 50; 5, then 2 + 1: 35 tens
    ['0.46 x 2.4', '1.304']
  ],
  'digit-by-digit-only': [
    ['4.6 x 2.4', '8.24'], // 24 and 800
    ['1.2 x 1.3', '1.06'],
    ['4.6 x 3', '-'],
    ['3.25 x 1.2', '-'],
    ['0.46 x 2.3', '0.818']
  ],
  'zero-times-n-is-n': [
    ['4.06 x 3', '12.48'], // 18, then 3 + 1
    ['4.6 x 2.4', '='],
    ['4.06 x 2.3', '9.568'],
    ['0.2 x 0.3', '='],
    ['1.05 x 0.4', '0.46'] // 20, then 4 + 2
  ],
  'rows-not-added': [
    ['4.6 x 2.4', '9.2'],
    ['1.2 x 1.3', '1.2'],
    ['4.6 x 3', '-'],
    ['2.5 x 1.2', '2.5'],
    ['0.46 x 2.3', '0.92']
  ],
  'row-omitted': [
    ['4.6 x 2.4', '1.84'],
    ['1.2 x 1.3', '0.36'],
    ['4.6 x 3', '-'],
    ['2.5 x 1.2', '0.5'],
    ['0.46 x 2.3', '0.138']
  ],
  'total-written-whole': [
    ['4.6 x 3', '121.8'],
    ['4.6 x 2.4', '-'],
    ['0.2 x 0.3', '='],
    ['3.25 x 0.7', '211.435'],
    ['2.5 x 0.4', '8.2'] // 820
  ],
  'only-ones-multiplied': [
    ['4.6 x 3', '5.8'],
    ['0.2 x 0.3', '='],
    ['4.6 x 2.4', '-'],
    ['3.25 x 0.7', '0.355'], // 35, then 2 + 3, then 3
    ['2.5 x 0.4', '0.4'] // 20, then 2 + 2
  ],
  'carry-and-digit-swapped': [
    ['4.6 x 3', '20.1'], // 18: write 1, hold 8, 12 + 8
    ['0.2 x 0.3', '='],
    ['4.6 x 2.4', '-'],
    ['2.5 x 0.4', '0.82'], // 20: write 2, hold 0, 8
    ['4.7 x 0.6', '2.64']
  ]
};

test('error patterns give the answers worked by hand', () => {
  checkPatterns(skill.id, byHand, ['places']);
});

test('with an estimate, wrong digits get the point that fits it', () => {
  const answers = (line: string) => patternAnswers(worked(skill.id, line, 'estimate'));
  // About 5 x 2 = 10: 276, 984 and 920 are 27.6, 9.84 and 9.2.
  const { 'placeholder-missing': placeholder, 'carry-dropped': carry } = answers('4.6 x 2.4');
  assert.deepEqual(
    [placeholder, carry, answers('4.6 x 2.4')['rows-not-added']],
    ['27.6', '9.84', '9.2']
  );
  assert.equal(answers('4.6 x 2.4')['places-as-in-addition'], undefined);
  assert.equal(answers('4.6 x 3')['total-written-whole'], '12.18');
});

test('the point is put where the estimate says, with own figures; other roundings do as well', () => {
  const mark = (school: string, working: Record<string, string>) =>
    markItem(worked(skill.id, '2.5 x 0.4', school), working).marks.awarded;
  const digits = { 'digit.0': '0', 'carry.1': '2', 'digit.1': '10' };
  assert.equal(mark('estimate', { estimate: '1.2', ...digits, answer: '1' }), 2);
  assert.equal(mark('estimate', { estimate: '0.8', ...digits, answer: '1.00' }), 2);
  // An estimate ten times too large, and a point that fits it.
  assert.equal(mark('estimate', { estimate: '12', ...digits, answer: '10' }), 1);
  assert.equal(mark('places', { ...digits, places: '2', answer: '1' }), 2);
  assert.equal(mark('places', { ...digits, places: '1', answer: '10' }), 1);
});

test('the factors are printed as they are given, zeros and points too, and no figure covers another', () => {
  const skill = skillOf('decimal-multiplication');
  const factor = (places: number) =>
    fc
      .integer({ min: 1, max: 999 })
      .map((units) => new Decimal(units).div(10 ** places).toString());
  const given = fc.record({ multiplicand: factor(3), multiplier: factor(2) });
  fc.assert(
    fc.property(given, fc.constantFrom('point', 'comma'), (factors, decimalMark) => {
      const sheet = skill.sheet(factors, 'places', { ...defaultHouseStyle, decimalMark });
      const printed = sheet.cells.flatMap((cell) => (cell.type === 'printed' ? [cell] : []));
      const first = printed.find(({ role }) => role === 'given')!.y;
      const rows = [first, first + 1].map((row) =>
        printed
          .filter(({ y, text }) => y === row && text !== '×')
          .toSorted((one, other) => one.x - other.x)
      );
      const mark = decimalMark === 'comma' ? ',' : '.';
      assert.deepEqual(
        rows.map((row) => row.map(({ text }) => text).join('')),
        [factors.multiplicand, factors.multiplier].map((one) => one.replace('.', mark))
      );
      for (const { x, y } of printed) {
        assert.equal(printed.filter((other) => other.x === x && other.y === y).length, 1);
        assert.ok(x >= 0 && x < sheet.width, 'on the sheet');
      }
    }),
    { seed: 31, numRuns: 150 }
  );
});
