import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import { defaultHouseStyle } from '../../../house-style';
import { markItem } from '../../../marking';
import { decimalNumber } from '../../../numbers';
import { analyseItem, skillOf, Wanted, WorkedItem } from '../../../skill';
import type { Range } from '../../../spaces';
import type { Constraints } from '../../../skill/controls';
import { checkPatterns, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import type { Given } from './numbers';
import { items } from './space';

const skill = skillOf('decimal-addition');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

const numeral = fc
  .tuple(fc.nat(99_999), fc.constantFrom(0, 1, 2, 3, 4), fc.nat(9999))
  .map(([whole, places, tail]) =>
    new Decimal(`${whole}.${String(tail).padStart(4, '0').slice(0, places)}`).toFixed()
  )
  .filter((text) => text !== '0');
const anyItem = fc
  .array(numeral, { minLength: 2, maxLength: 5 })
  .filter((addends) => addends.some((text) => text.includes('.')))
  .map((addends): Given => ({ addends }));

test('the answer is what decimal.js says, and features are those of an independent measurement', () => {
  fc.assert(
    fc.property(anyItem, ({ addends }) => {
      assert.ok(skill.given.schema.safeParse({ addends }).success, addends.join());
      const values = addends.map((text) => new Decimal(text));
      const sum = values.reduce((total, value) => total.plus(value));
      assert.equal(analyseItem(skill, { addends }).answer, sum.toFixed());
      const found = measure({ addends });
      const places = values.map((value) => value.decimalPlaces());
      const most = Math.max(...places);
      const wholes = values.map((value) => value.floor().toFixed().length);
      assert.deepEqual(
        [found.addends, found.integers, found.maxPlaces, found.raggedness, found.padded],
        [
          addends.length,
          values.filter((value) => value.isInteger()).length,
          most,
          most - Math.min(...places),
          places.reduce((blanks, own) => blanks + most - own, 0)
        ]
      );
      assert.equal(found.wholeDigits, Math.max(...wholes));
      assert.equal(found.newColumn, sum.floor().toFixed().length > Math.max(...wholes));
      const tail = sum.toFixed(most).split('.')[1]!;
      assert.equal(found.trailingZeros, tail.length - tail.replace(/0+$/, '').length);
      const fractions = values.reduce((total, value) => total.plus(value.mod(1)), new Decimal(0));
      assert.equal(found.acrossPoint, fractions.gte(1));
    })
  );
  // The catalogue's examples: carries, ripples, longest run, largest carry.
  for (const [line, padded, ...carrying] of [
    ['8.94 + 0.009 + 1.122 + 8', 4, 3, 0, 2, 1],
    ['2.7 + 4 + 16.041', 5, 1, 0, 1, 1],
    ['2.4 + 3.6', 0, 1, 0, 1, 1]
  ] as const) {
    const found = measure(skill.given.parse(line) as Given);
    const { carries, ripples, longestRun, largestCarry } = found;
    assert.deepEqual([carries, ripples, longestRun, largestCarry], carrying, line);
    assert.equal(found.padded, padded, line);
  }
});

const exactly = (value: number) => ({ min: value, max: value });

test('counts, usable items, combinations and ranks are those of a list of all sums of two with a place each', () => {
  const numbers = Array.from({ length: 99 }, (_, at) => new Decimal(at + 1).div(10).toFixed());
  const all = numbers
    .flatMap((one) => numbers.map((other): Given => ({ addends: [one, other] })))
    .filter(({ addends }) => addends.some((text) => text.includes('.')));
  const within = { addends: exactly(2), maxPlaces: exactly(1), wholeDigits: exactly(1) };
  countsAsMeasured({ specs, items: all, measure, within, space: items });
  const space = items(new Wanted(specs, within));
  combinationsAsMeasured(space, skill.decidingFeatures, all.map(measure));
  assert.equal(space.usable, BigInt(new Set(all.map((given) => skill.itemKey(given))).size));
  const rare: Constraints = { ...within, carries: exactly(2), trailingZeros: exactly(1) };
  const wanted = all.filter((given) => new Wanted(specs, rare).meets(measure(given)));
  ranksAsListed(items(new Wanted(specs, rare)), wanted, (given) => skill.given.print(given));
});

/** Places that a number of units of 10^-places needs. */
function placesNeeded(units: number, places: number): number {
  return places > 0 && units % 10 === 0 ? placesNeeded(units / 10, places - 1) : places;
}

test('longer sums are counted as a loop over all of them counts, whatever goes together', () => {
  // Numbers below 10 with one place, three at a time; with up to two places, two at a time.
  for (const [places, size] of [
    [1, 3],
    [2, 2]
  ] as const) {
    const below = 10 ** (places + 1);
    const needed = Array.from({ length: below }, (_, units) => placesNeeded(units, places));
    const counts = new Map<string, bigint>();
    for (let rank = 0; rank < below ** size; rank++) {
      const units = Array.from({ length: size }, (_, at) => Math.floor(rank / below ** at) % below);
      if (units.includes(0)) continue;
      const own = units.map((value) => needed[value]!);
      const most = Math.max(...own);
      if (most !== places) continue;
      const sum = units.reduce((total, value) => total + value, 0);
      // What the numbers cut off right of a place come to beyond it, place by place.
      const carries = [10, 100, 1000]
        .slice(0, places + 1)
        .map((power) =>
          Math.floor(units.reduce((total, value) => total + (value % power), 0) / power)
        );
      const key = [
        own.filter((value) => value === 0).length,
        most - Math.min(...own),
        own.reduce((blanks, value) => blanks + most - value, 0),
        carries.filter((carry) => carry > 0).length,
        Math.max(...carries),
        most - placesNeeded(sum, most)
      ].join();
      counts.set(key, (counts.get(key) ?? 0n) + 1n);
    }
    assert.ok(counts.size > 10, String(counts.size));
    for (const [key, expected] of counts) {
      const [integers, raggedness, padded, carries, largestCarry, trailingZeros] = key
        .split(',')
        .map((value) => exactly(Number(value))) as [Range, Range, Range, Range, Range, Range];
      const asked: Constraints = {
        ...{ addends: exactly(size), maxPlaces: exactly(places), wholeDigits: exactly(1) },
        ...{ integers, raggedness, padded, carries, largestCarry, trailingZeros }
      };
      assert.equal(items(new Wanted(specs, asked)).count, expected, `${places} ${key}`);
    }
  }
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    'carry-dropped': [
      ['8.94 + 0.009 + 1.122 + 8', '17.061'],
      ['2.4 + 3.6', '5'],
      ['5.12 + 3.7', '='],
      ['7.85 + 4.67', '11.42'], // 2, 4 and 11
      ['95.6 + 7.8', '92.4']
    ],
    'total-written-whole': [
      ['8.94 + 0.009 + 1.122 + 8', '17.10611'],
      ['2.4 + 3.6', '5.1'], // 5.10
      ['5.12 + 3.7', '='],
      ['7.85 + 4.67', '11.1412'],
      ['95.6 + 7.8', '912.14']
    ],
    'right-aligned': [
      ['5.12 + 3.7', '5.49'],
      ['20.8 + 35', '24.3'],
      ['2.4 + 3.6', '='],
      ['0.25 + 1.5', '0.4'], // 25 + 15
      ['4 + 0.05', '0.09']
    ],
    'point-splits-number': [
      ['5.12 + 3.7', '8.19'],
      ['2.7 + 4 + 16.041', '22.48'],
      ['20.8 + 35', '='],
      ['2.4 + 3.6', '5.10'],
      ['0.85 + 0.5', '0.90']
    ],
    'point-dropped': [
      ['5.12 + 3.7', '882'],
      ['2.4 + 3.6', '60'],
      ['20.8 + 35', '558'],
      ['0.05 + 0.02', '7'],
      ['1.25 + 0.75', '200']
    ],
    'integer-as-decimal': [
      ['20.8 + 35', '21.15'],
      ['5.12 + 3.7', '='],
      ['4 + 0.5', '0.9'],
      ['100 + 0.5', '-'],
      ['1.5 + 2 + 30', '2.00'] // 0.2 and 0.30
    ]
  }));

test('zeros at the end are right; whether they are spoken of, and zeros put in, is up to the house', () => {
  const item = worked(skill.id, '2.4 + 3.6');
  const noted = { ...defaultHouseStyle, trailingZeros: 'noted' as const };
  const notes = (style: typeof noted | typeof defaultHouseStyle, answer: string) => {
    const marked = markItem(item, { answer }, skill.scheme(item.given, item.school, style));
    assert.equal(marked.marks.awarded, marked.marks.available);
    return marked.notes;
  };
  assert.deepEqual(notes(defaultHouseStyle, '6.0'), []);
  assert.deepEqual(notes(noted, '6.0'), ['trailing-zeros']);
  assert.deepEqual(notes(noted, '6'), []);
  const ragged = new WorkedItem(skill, { addends: ['5.12', '3.7'] }, 'columns');
  const pads = (style: typeof defaultHouseStyle) =>
    ragged.modelled(ragged.layout(style)).filter(({ kind }) => kind === 'pad').length;
  assert.deepEqual([pads(defaultHouseStyle), pads({ ...noted, blankPlaces: 'open' })], [1, 0]);
});

test('a comma alone groups digits where the house does so, and is a decimal mark elsewhere', () => {
  const item = worked(skill.id, '1230.5 + 3.5');
  const right = (grouping: 'comma' | 'space', answer: string) =>
    markItem(
      item,
      { answer },
      skill.scheme(item.given, item.school, { ...defaultHouseStyle, grouping })
    ).answer.verdict === 'correct';
  assert.deepEqual([right('comma', '1,234'), right('comma', '1,234.0')], [true, true]);
  assert.deepEqual([right('space', '1,234'), right('space', '1 234')], [false, true]);
});

test('grouped numbers are read with either mark', () => {
  for (const [written, printed] of [
    ['1,234.5', '1234.5'],
    ['1.234,5', '1234.5'],
    ['1 234,5', '1234.5'],
    ['12,345,678.25', '12345678.25'],
    ['0,60', '0.60'],
    ['.6', '0.6'],
    ['6.0', '6.0'],
    ['1,23.4', undefined],
    ['1.2.3', undefined]
  ] as const) {
    const value = decimalNumber.parse(written);
    assert.equal(value && decimalNumber.print(value), printed, written);
  }
});
