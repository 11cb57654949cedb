import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import { defaultHouseStyle, writeText } from '../../../house-style';
import { markItem } from '../../../marking';
import { listOfDecimals, misplaced } from '../../../numbers';
import { analyseItem, readControls, skillOf } from '../../../skill';
import { patternAnswers, worked } from '../../../catalogue/skills.test-helper';
import type { Given } from './numbers';

const skill = skillOf('order-decimals');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

const numeral = fc
  .tuple(fc.integer({ min: 0, max: 99 }), fc.constantFrom(0, 1, 2, 3, 4), fc.nat(9999))
  .map(([whole, places, tail]) =>
    new Decimal(`${whole}.${String(tail).padStart(4, '0').slice(0, places)}`).toString()
  )
  .filter((text) => text !== '0');

const anyItem = fc
  .tuple(
    fc.uniqueArray(numeral, { minLength: 3, maxLength: 8 }),
    fc.constantFrom('ascending' as const, 'descending' as const)
  )
  .map(([numbers, order]): Given => ({ numbers, order }));

test('the order is what decimal.js says', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      assert.ok(skill.given.schema.safeParse(given).success, given.numbers.join());
      const sorted = [...given.numbers].sort((one, other) => new Decimal(one).cmp(other));
      const expected = given.order === 'ascending' ? sorted : sorted.reverse();
      assert.equal(analyseItem(skill, given).answer, expected.join(', '));
    })
  );
});

test('features are those of an independent measurement', () => {
  // The catalogue's examples of shared digits.
  for (const [numbers, shared] of [
    [['0.406', '0.45', '0.5'], 1],
    [['2.7', '3', '3.05'], 1],
    [['1.2', '2.2', '3.2'], 0]
  ] as const) {
    assert.equal(measure({ numbers: [...numbers], order: 'ascending' }).sharedPrefix, shared);
  }
  fc.assert(
    fc.property(anyItem, ({ numbers, order }) => {
      const found = measure({ numbers, order });
      const values = numbers.map((text) => new Decimal(text)).sort((a, b) => a.cmp(b));
      const places = values.map((value) => value.decimalPlaces());
      assert.equal(found.maxPlaces, Math.max(...places));
      assert.equal(found.raggedness, Math.max(...places) - Math.min(...places));
      assert.equal(found.integers, values.filter((value) => value.isInteger()).length);
      let [longer, shorter, shared] = [0, 0, 0];
      values.forEach((small, i) =>
        values.slice(i + 1).forEach((large, j) => {
          if (!small.floor().eq(large.floor())) return;
          if (places[i]! > places[i + 1 + j]!) longer++;
          if (places[i]! < places[i + 1 + j]!) shorter++;
          const tens = [1, 2, 3, 4].filter((digits) =>
            small.toDecimalPlaces(digits, 1).eq(large.toDecimalPlaces(digits, 1))
          );
          shared = Math.max(shared, tens.length);
        })
      );
      assert.deepEqual(
        [found.longerTraps, found.shorterTraps, found.sharedPrefix],
        [longer, shorter, shared]
      );
      const wholes = values.map((value) => value.floor().toNumber());
      assert.equal(found.wholeParts, new Set(wholes).size);
      assert.equal(found.wholeSpan, wholes.at(-1)! - wholes[0]!);
      const answer = order === 'ascending' ? values : [...values].reverse();
      assert.equal(found.placed, answer.filter((value, at) => value.eq(numbers[at]!)).length);
      const zero = values.filter((value) => !value.isInteger() && value.mod(1).lt('0.1'));
      assert.equal(found.zeroTraps, zero.length);
    })
  );
});

test('error patterns give the orders worked by hand', () => {
  // The first item is the catalogue's, after Resnick et al. (1989) and Steinle & Stacey (1998). By hand:
  // longer: fewest places first, then as whole numbers. shorter: most places first. zero: 0 after the point
  // first, the rest as longer. ignored: 0.05 read as 0.5 (a tie with 0.5 is undefined). whole ignored: 3 is .0
  const table: [string, Record<string, string>][] = [
    [
      '0.5, 0.45, 0.406, 0.61 ascending',
      {
        'longer-is-larger': '0.5, 0.45, 0.61, 0.406',
        'shorter-is-larger': '0.406, 0.45, 0.61, 0.5',
        'zero-rule': '-', // no 0 stands right after a point
        'zeros-ignored': '=',
        'opposite-order': '0.61, 0.5, 0.45, 0.406',
        'whole-part-ignored': '='
      }
    ],
    [
      '3.05, 3, 2.7 ascending',
      {
        'longer-is-larger': '=',
        'shorter-is-larger': '2.7, 3.05, 3',
        'zero-rule': '2.7, 3.05, 3',
        'zeros-ignored': '=',
        'opposite-order': '3.05, 3, 2.7',
        'whole-part-ignored': '3, 3.05, 2.7'
      }
    ],
    [
      '0.05, 0.5, 0.3 descending',
      {
        'longer-is-larger': '0.05, 0.5, 0.3',
        'shorter-is-larger': '=',
        'zero-rule': '=',
        'zeros-ignored': '-',
        'opposite-order': '0.05, 0.3, 0.5',
        'whole-part-ignored': '='
      }
    ],
    [
      '4.07, 4.6, 4.125, 4.2 ascending',
      {
        'longer-is-larger': '4.2, 4.6, 4.07, 4.125',
        'shorter-is-larger': '4.125, 4.07, 4.2, 4.6',
        'zero-rule': '4.07, 4.2, 4.6, 4.125',
        'zeros-ignored': '4.125, 4.2, 4.6, 4.07',
        'opposite-order': '4.6, 4.2, 4.125, 4.07',
        'whole-part-ignored': '='
      }
    ],
    [
      '12.3, 1.23, 9.9 descending',
      {
        'longer-is-larger': '=',
        'shorter-is-larger': '=',
        'zero-rule': '-',
        'zeros-ignored': '=',
        'opposite-order': '1.23, 9.9, 12.3',
        'whole-part-ignored': '9.9, 12.3, 1.23'
      }
    ]
  ];
  for (const [line, answers] of table) {
    assert.deepEqual(patternAnswers(worked(skill.id, line)), answers, line);
  }
});

test('lists are read however they are separated; a padded number is right, with a note', () => {
  const table: [string, string | undefined][] = [
    ['0.406, 0.45, 0.5', '0.406, 0.45, 0.5'],
    ['0.406 0.45 0.5', '0.406, 0.45, 0.5'],
    ['0.406<0.45 < 0.5', '0.406, 0.45, 0.5'],
    ['0,406; 0,45; 0,5', '0.406, 0.45, 0.5'],
    ['0,406 0,45 0,5', '0.406, 0.45, 0.5'],
    ['3,2,1', '3, 2, 1'],
    ['0.5, , 0.4', undefined],
    ['0.5, .4', '0.5, 0.4'],
    ['0.5, .', undefined],
    ['0.406, 0.45 and 0.5', '0.406, 0.45, 0.5'],
    ['0,406; 0,45 and 0,5', '0.406, 0.45, 0.5'],
    ['a, b', undefined],
    ['', undefined]
  ];
  for (const [written, printed] of table) {
    const list = listOfDecimals.parse(written);
    assert.equal(list && listOfDecimals.print(list), printed, written);
  }
  const item = worked(skill.id, '0.5, 0.45, 0.406 ascending');
  const mark = (answer: string) => markItem(item, { answer });
  const padded = mark('0.406, 0.450, 0.500');
  assert.deepEqual(
    [padded.answer, padded.notes, padded.marks.awarded],
    [
      { written: '0.406, 0.450, 0.500', verdict: 'correct', form: ['not-as-given'] },
      ['not-as-given'],
      2
    ]
  );
  assert.deepEqual(mark('0.406, 0.45, 0.5').notes, []);
  assert.equal(mark('0.45, 0.406, 0.5').marks.awarded, 1);
  assert.equal(mark('0.5, 0.45, 0.406').marks.awarded, 0);
  const ranks = { 'rank.0': '3', 'rank.1': '2', 'rank.2': '1' };
  assert.equal(markItem(item, ranks).marks.awarded, 2);
  assert.equal(writeText('0.5, 0.45', { ...defaultHouseStyle, decimalMark: 'comma' }), '0,5; 0,45');
});

test('misplaced numbers are those outside the longest part in order', () => {
  const list = (text: string) => listOfDecimals.parse(text)!;
  for (const [written, slips] of [
    ['1, 2, 3, 4', 0],
    ['2, 3, 4, 1', 1],
    ['2, 1, 4, 3', 2],
    ['4, 3, 2, 1', 3],
    ['1, 2, 4', 1],
    ['1, 2, 5, 3, 4', 0],
    ['7, 8', 4]
  ] as const) {
    assert.equal(misplaced(list(written), list('1, 2, 3, 4')), slips, written);
  }
});

test('traps are newly asked for up to a few and "so many or more"; what was stored stays valid', () => {
  const read = (controls: object, isNew: boolean) =>
    readControls(specs, controls as Parameters<typeof readControls>[1], { isNew }).ok;
  for (const [control, isNew] of [
    [6, true],
    [{ min: 2, max: 6 }, true],
    [{ min: 6 }, true],
    [7, false],
    [{ min: 7 }, false],
    [{ max: 24 }, false]
  ] as const) {
    assert.equal(read({ longerTraps: control }, true), isNew, JSON.stringify(control));
    assert.ok(read({ longerTraps: control }, false));
  }
});
