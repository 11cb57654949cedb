import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import { drawItems, skillOf, Wanted, WorkedItem } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import { checkPatterns, schoolsOf } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import type { Given } from './numbers';
import { items } from './space';

const skill = skillOf('decimal-subtraction');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

/** Numbers of 0 to 4 places, larger first. */
const anyItem = fc
  .tuple(fc.nat(99_999), fc.nat(4), fc.nat(99_999), fc.nat(4), fc.nat(9999), fc.nat(9999))
  .map(([one, places, other, otherPlaces, tail, otherTail]) => {
    const numeral = (whole: number, to: number, decimals: number) =>
      new Decimal(`${whole}.${String(decimals).padStart(4, '0').slice(0, to)}`);
    const [a, b] = [numeral(one, places, tail), numeral(other, otherPlaces, otherTail)];
    const [minuend, subtrahend] = a.gt(b) ? [a, b] : [b, a];
    return { minuend: minuend.toFixed(), subtrahend: subtrahend.toFixed() };
  })
  .filter((given) => skill.given.schema.safeParse(given).success);

test('both schools give what decimal.js gives; features are those of an independent measurement', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      const [a, b] = [new Decimal(given.minuend), new Decimal(given.subtrahend)];
      for (const school of schoolsOf(skill)) {
        assert.equal(new WorkedItem(skill, given, school).answer, a.minus(b).toFixed());
      }
      const found = measure(given);
      const places = [a, b].map((value) => value.decimalPlaces());
      const most = Math.max(...places);
      const ragged = most - Math.min(...places);
      assert.deepEqual(
        [found.maxPlaces, found.raggedness, found.padded, found.wholeDigits],
        [most, ragged, ragged, a.floor().toFixed().length]
      );
      assert.equal(found.integers, places.filter((own) => own === 0).length);
      assert.equal(found.wholeMinuend, a.isInteger());
      assert.equal(found.belowOne, a.minus(b).lt(1));
      assert.equal(found.acrossPoint, a.mod(1).lt(b.mod(1)));
      const tail = a.minus(b).toFixed(most).split('.')[1]!;
      assert.equal(found.trailingZeros, tail.length - tail.replace(/0+$/, '').length);
    })
  );
});

const exactly = (value: number) => ({ min: value, max: value });

/** Numbers of exactly so many places, in units of the smallest, below 10. */
const numbersOf = (places: number) =>
  Array.from({ length: 10 ** (places + 1) }, (_, at) => at)
    .filter((units) => units > 0 && (places === 0 || units % 10 !== 0))
    .map((units) => new Decimal(units).div(10 ** places).toFixed());

/** All differences of numbers below 10 with so many places each, one way round or the other. */
function allOf(one: number, other: number): Given[] {
  const pairs = numbersOf(one).flatMap((a) => numbersOf(other).map((b) => [a, b] as const));
  return pairs.flatMap(([a, b]): Given[] => {
    const [x, y] = [Number(a), Number(b)];
    if (x > y) return [{ minuend: a, subtrahend: b }];
    return x < y && one !== other ? [{ minuend: b, subtrahend: a }] : [];
  });
}

test('counts, combinations and ranks are those of lists of all items', () => {
  const lists: [places: number, raggedness: number, items: Given[]][] = [
    [1, 0, allOf(1, 1)],
    [2, 1, allOf(2, 1)],
    [2, 2, allOf(2, 0)]
  ];
  for (const [places, raggedness, all] of lists) {
    const within: Constraints = {
      ...{ maxPlaces: exactly(places), raggedness: exactly(raggedness) },
      wholeDigits: exactly(1)
    };
    countsAsMeasured({ specs, items: all, measure, within, space: items });
    const space = items(new Wanted(specs, within));
    combinationsAsMeasured(space, skill.decidingFeatures, all.map(measure));
    const rare: Constraints = { ...within, trailingZeros: exactly(0), belowOne: true };
    const wanted = all.filter((given) => new Wanted(specs, rare).meets(measure(given)));
    ranksAsListed(items(new Wanted(specs, rare)), wanted, (given) => skill.given.print(given));
  }
});

test('long items are what was asked for', () => {
  const asked = { wholeDigits: 5, maxPlaces: 4, acrossZeros: { min: 5 }, acrossPoint: true };
  const drawn = drawItems(skill, { controls: asked, count: 200, seed: 1852 });
  assert.ok(drawn.ok);
  for (const given of drawn.given as Given[]) {
    assert.ok(skill.given.schema.safeParse(given).success, skill.given.print(given));
    const found = measure(given);
    assert.deepEqual([found.wholeDigits, found.maxPlaces, found.acrossPoint], [5, 4, true]);
    assert.ok(Number(found.acrossZeros) >= 5, skill.given.print(given));
  }
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    'smaller-from-larger': [
      ['74 - 12.43', '62.43'],
      ['5.2 - 1.75', '4.55'], // 5-0, 7-2, 5-1
      ['9.6 - 5', '='],
      ['6.03 - 2.58', '4.55'],
      ['10.5 - 0.75', '10.25']
    ],
    'no-decrement': [
      ['74 - 12.43', '62.67'], // 10-3, 10-4, 4-2, 7-1
      ['5.2 - 1.75', '4.55'],
      ['9.6 - 5', '='],
      ['6.03 - 2.58', '4.55'], // 13-8, 10-5, 6-2
      ['10.5 - 0.75', '10.85'] // 10-5, 15-7, 10-0 is no taking, 1
    ],
    'stops-at-zero': [
      ['74 - 12.43', '62.57'], // hundredths 10-3, the tenths become 9, 4-2
      ['5.2 - 1.75', '='],
      ['6.03 - 2.58', '4.45'], // 13-8, 9-5, 6-2
      ['8 - 0.06', '8.94'],
      ['70.01 - 4.03', '66.98'] // 11-3, the tenths become 9, 10-4 from the tens
    ],
    'skips-zero': [
      ['74 - 12.43', '60.67'], // both tens come from the 4
      ['5.2 - 1.75', '='],
      ['6.03 - 2.58', '2.55'], // 13-8 and 10-5 from the 6
      ['8 - 0.06', '7.04'],
      ['5 - 3.25', '0.85'] // 5-2 left 3-3: 10-5, 10-2
    ],
    'zero-minus-n-is-n': [
      ['74 - 12.43', '='], // blanks are no printed zeros
      ['5.2 - 1.75', '='],
      ['6.05 - 2.58', '='], // one was taken from the 0, for 15-8
      ['7.04 - 2.53', '5.51'],
      ['10.5 - 0.75', '=']
    ],
    'zero-minus-n-is-zero': [
      ['74 - 12.43', '='],
      ['5.2 - 1.75', '='],
      ['7.04 - 2.53', '5.01'],
      ['20.4 - 6.3', '20.1'],
      ['10.5 - 0.75', '=']
    ],
    'blank-brought-down': [
      ['74 - 12.43', '62.43'],
      ['5.2 - 1.75', '3.55'],
      ['9.6 - 5', '='],
      ['8 - 0.06', '8.06'],
      ['10.5 - 0.75', '9.85']
    ],
    'right-aligned': [
      ['44.07 - 13.9', '42.68'],
      ['5.2 - 1.75', '-'],
      ['9.6 - 5', '9.1'],
      ['74 - 12.43', '-'],
      ['10.5 - 0.75', '0.3']
    ],
    'point-splits-number': [
      ['8.25 - 3.4', '5.21'],
      ['5.2 - 1.75', '-'],
      ['9.6 - 5', '='],
      ['10.5 - 0.75', '-'],
      ['6.13 - 2.08', '4.5'] // 13 less 8
    ],
    'integer-as-decimal': [
      ['9.6 - 5', '9.1'],
      ['5.2 - 1.75', '='],
      ['74 - 12.43', '-'],
      ['40.25 - 38', '39.87'],
      ['250.5 - 100', '-']
    ],
    'point-dropped': [
      ['5.2 - 1.75', '345'],
      ['74 - 12.43', '6157'],
      ['9.6 - 5', '46'],
      ['0.5 - 0.48', '2'],
      ['7.25 - 2.25', '500']
    ]
  }));
