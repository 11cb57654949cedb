import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import { defaultHouseStyle } from '../../../house-style';
import { markItem } from '../../../marking';
import { drawItems, itemOf, skillOf, Wanted, WorkedItem } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import type { Given } from '../../../methods/division/look';
import { checkPatterns, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { items } from './space';

const skill = skillOf('decimal-division');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

/** Quotient and divisor chosen, so that every item ends. */
const anyItem = fc
  .record({
    units: fc.integer({ min: 1, max: 99_999 }),
    places: fc.nat(3),
    divisor: fc.integer({ min: 2, max: 99 }),
    divisorPlaces: fc.nat(2)
  })
  .map(({ units, places, divisor, divisorPlaces }): Given => {
    const by = new Decimal(divisor).div(10 ** divisorPlaces);
    const quotient = new Decimal(units).div(10 ** places);
    return { dividend: quotient.times(by).toFixed(), divisor: by.toFixed() };
  })
  .filter((given) => skill.given.schema.safeParse(given).success);

test('the answer is what decimal.js gives; features are those of an independent measurement', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      const [a, b] = [new Decimal(given.dividend), new Decimal(given.divisor)];
      const quotient = a.div(b);
      const text = skill.given.print(given);
      assert.equal(new WorkedItem(skill, given, 'shifted').answer, quotient.toFixed(), text);
      const found = measure(given);
      const [places, by] = [a.decimalPlaces(), b.decimalPlaces()];
      const moved = a.times(10 ** by);
      assert.deepEqual(
        [found.dividendPlaces, found.divisorPlaces, found.quotientPlaces],
        [places, by, quotient.decimalPlaces()]
      );
      assert.equal(found.divisor, b.times(10 ** by).toNumber());
      assert.equal(found.shiftZeros, Math.max(0, by - places));
      assert.equal(found.extraZeros, quotient.decimalPlaces() - moved.decimalPlaces(), text);
      const figures = quotient.toFixed().replace('.', '').replace(/^0+/, '');
      assert.equal(found.quotientDigits, figures.length);
      assert.equal(found.quotientZeros, figures.split('0').length - 1);
      assert.deepEqual([found.belowOne, found.divisorBelowOne], [quotient.lt(1), b.lt(1)]);
    }),
    { numRuns: 1000 }
  );
});

const exactly = (value: number) => ({ min: value, max: value });

test('counts, combinations and ranks are those of a list of small divisions', () => {
  const numerals = (most: number, places: number) =>
    Array.from({ length: most }, (_, at) => at + 1).flatMap((units) =>
      Array.from({ length: places + 1 }, (_, own) => new Decimal(units).div(10 ** own).toFixed())
    );
  const dividends = [...new Set(numerals(99, 3))];
  const divisors = [...new Set(numerals(16, 2))];
  const all = dividends
    .flatMap((dividend) => divisors.map((divisor): Given => ({ dividend, divisor })))
    .filter((given) => skill.given.schema.safeParse(given).success)
    .filter((given) => Number(measure(given).divisor) <= 16);
  const within: Constraints = { digits: { min: 1, max: 2 }, divisor: { min: 2, max: 16 } };
  countsAsMeasured({ specs, items: all, measure, within, space: items });
  const space = items(new Wanted(specs, within));
  combinationsAsMeasured(space, skill.decidingFeatures, all.map(measure));
  const rare: Constraints = { ...within, shiftZeros: exactly(1), extraZeros: exactly(1) };
  const wanted = all.filter((given) => new Wanted(specs, rare).meets(measure(given)));
  ranksAsListed(items(new Wanted(specs, rare)), wanted, (given) => skill.given.print(given));
});

test('longer divisions are what was asked for', () => {
  const controls = { digits: 5, quotientZeros: 2, extraZeros: 1, divisorBelowOne: true };
  const drawn = drawItems(skill, { controls, count: 200, seed: 1852 });
  assert.ok(drawn.ok, 'there are such items');
  for (const given of drawn.given as Given[]) {
    assert.ok(skill.given.schema.safeParse(given).success, skill.given.print(given));
    const { digits, quotientZeros, extraZeros, divisorBelowOne } = measure(given);
    assert.deepEqual([digits, quotientZeros, extraZeros, divisorBelowOne], [5, 2, 1, true]);
  }
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    'divisor-point-only-moved': [
      ['1.68 / 0.4', '0.42'],
      ['6 / 0.05', '1.2'],
      ['7 / 4', '='],
      ['4.488 / 2.2', '0.204'],
      ['0.9 / 0.03', '0.3']
    ],
    'point-not-raised': [
      ['2.4 / 4', '6'],
      ['1.68 / 0.4', '42'],
      ['7 / 4', '-'],
      ['6 / 0.05', '='],
      ['4.488 / 2.2', '204']
    ],
    'quotient-zero-omitted': [
      ['44.88 / 22', '2.4'],
      ['6 / 0.05', '12'],
      ['1.68 / 0.4', '='],
      ['2.4 / 4', '='],
      ['8.12 / 4', '2.3'] // 2.03
    ],
    'stops-at-remainder': [
      ['7 / 4', '1'],
      ['8.1 / 6', '1.3'],
      ['2 / 5', '-'],
      ['1.68 / 0.4', '='],
      ['9 / 0.4', '22'] // 22.5
    ],
    'remainder-as-decimal': [
      ['7 / 4', '1.3'],
      ['8.1 / 6', '1.33'],
      ['2 / 5', '0.2'],
      ['1.68 / 0.4', '='],
      ['9 / 0.4', '22.2']
    ],
    'division-reversed': [
      ['2 / 5', '2.5'],
      ['7 / 4', '-'],
      ['0.3 / 0.6', '2'],
      ['3 / 8', '-'], // 2.666 ...
      ['0.9 / 4.5', '5']
    ]
  }));

test('a point moved otherwise leads the quotient with it; figures are carried on', () => {
  const mark = (line: string, working: Record<string, string>) =>
    markItem(worked(skill.id, line), working).marks.lines.map(({ awarded }) => awarded);
  const figures = { 'quotient.0': '4', 'quotient.-1': '2' };
  const divisor = { 'shifted.divisor': '4' };
  const right = { 'shifted.dividend': '16.8', ...divisor, ...figures, answer: '4.2' };
  assert.deepEqual(mark('1.68 / 0.4', right), [1, 1]);
  // Carried on to the point of the answer: an error pattern, and a slip.
  const unmoved = { 'shifted.dividend': '1.68', ...divisor, ...figures, answer: '0.42' };
  assert.deepEqual(mark('1.68 / 0.4', unmoved), [0, 0]);
  const tooFar = { 'shifted.dividend': '168', ...divisor, ...figures, answer: '42' };
  assert.deepEqual(mark('1.68 / 0.4', tooFar), [1, 0]);
  const long = { 'quotient.0': '2', 'product.0': '44', 'brought.-1': '8', 'quotient.-1': '0' };
  const rest = { 'brought.-2': '88', 'quotient.-2': '4', 'product.-2': '88', answer: '2.04' };
  assert.deepEqual(mark('44.88 / 22', { ...long, ...rest }), [1, 1]);
});

test('a quotient as a fraction is right, and costs the answer mark only where a decimal is asked for', () => {
  const item = worked('decimal-division', '7 / 4');
  const under = (decimalAnswers: 'open' | 'asked', answer: string) => {
    const style = { ...defaultHouseStyle, decimalAnswers };
    const { marks, notes } = markItem(
      item,
      { answer },
      item.skill.scheme(item.given, 'shifted', style)
    );
    return [marks.awarded, ...notes];
  };
  for (const answer of ['1.75', '1 3/4']) assert.deepEqual(under('open', answer), [2], answer);
  assert.deepEqual(under('asked', '1.75'), [2]);
  assert.deepEqual(under('asked', '1 3/4'), [1]);
  const prompt = (decimalAnswers: 'open' | 'asked') =>
    itemOf(item, { ...defaultHouseStyle, decimalAnswers }).prompt;
  assert.equal(prompt('open'), 'Work out 7 ÷ 4.');
  assert.equal(prompt('asked'), 'Work out 7 ÷ 4 as a decimal.');
});
