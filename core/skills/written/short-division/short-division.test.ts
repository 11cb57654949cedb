import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { markItem } from '../../../marking';
import { quotientBy } from '../../../numbers';
import { analyseItem, skillOf, Wanted } from '../../../skill';
import type { Given } from '../../../methods/division/look';
import { divisions } from '../../../methods/division/space';
import { checkPatterns, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';

const skill = skillOf('short-division');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

/** All divisions with dividends in a range that have a quotient of at least 2. */
function all(below: number, divisors: readonly number[]): Given[] {
  return divisors.flatMap((divisor) =>
    Array.from({ length: below - 10 }, (_, at) => at + 10)
      .filter((dividend) => dividend >= 2 * divisor)
      .map((dividend) => ({ dividend: String(dividend), divisor: String(divisor) }))
  );
}

test('the answer is what BigInt says, and features are those of a division done by hand', () => {
  fc.assert(
    fc.property(fc.integer({ min: 24, max: 999_999 }), fc.integer({ min: 2, max: 12 }), (n, d) => {
      const given = { dividend: String(n), divisor: String(d) };
      const [quotient, remainder] = [BigInt(n) / BigInt(d), BigInt(n) % BigInt(d)];
      const found = measure(given);
      assert.equal(
        analyseItem(skill, given).answer,
        remainder ? `${quotient} r ${remainder}` : String(quotient)
      );
      // Digit by digit, as a hand does it.
      let [left, figures, carried] = [0, '', 0];
      [...given.dividend].forEach((digit, at) => {
        const partial = 10 * left + Number(digit);
        if (figures !== '' || partial >= d) figures += String(Math.floor(partial / d));
        left = partial % d;
        if (figures !== '' && left > 0 && at < given.dividend.length - 1) carried++;
      });
      assert.deepEqual(
        [found.quotientDigits, found.quotientZeros, found.carried, found.remainder, found.exact],
        [figures.length, figures.split('0').length - 1, carried, left, left === 0]
      );
      assert.equal(found.leadingShort, Number(given.dividend.slice(0, given.divisor.length)) < d);
    })
  );
  // The catalogue's examples.
  for (const [line, carried, isShort] of [
    ['852 / 6', 2, false],
    ['1736 / 4', 2, true]
  ] as const) {
    const found = measure(skill.given.parse(line) as Given);
    assert.deepEqual([found.carried, found.leadingShort], [carried, isShort], line);
  }
});

test('counts, combinations and ranks are those of a list of small divisions', () => {
  const within = { digits: { min: 2, max: 3 }, divisor: { min: 6, max: 11 } };
  const listed = all(1000, [6, 7, 8, 9, 10, 11]);
  countsAsMeasured({ specs, items: listed, measure, within, space: divisions });
  combinationsAsMeasured(
    divisions(new Wanted(specs, within)),
    skill.decidingFeatures,
    listed.map(measure)
  );
  const rare = new Wanted(specs, { ...within, quotientZeros: { min: 1, max: 1 }, exact: false });
  const wanted = listed.filter((given) => rare.meets(measure(given)));
  ranksAsListed(divisions(rare), wanted, (given) => skill.given.print(given));
  const everything = divisions(new Wanted(specs));
  const sum = [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].reduce(
    (total, d) => total + 1_000_000 - Math.max(10, 2 * d),
    0
  );
  assert.equal(everything.count, BigInt(sum));
  assert.equal(everything.ranked().count, everything.count);
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    'quotient-zero-omitted': [
      ['612 / 6', '12'],
      ['3655 / 12', '34 r 7'],
      ['852 / 6', '='],
      ['420 / 6', '7'],
      ['8020 / 4', '25'], // 2005
      ['1515 / 5', '33']
    ],
    'interim-remainder-dropped': [
      ['852 / 6', '100 r 2'],
      ['1736 / 4', '401 r 2'],
      ['612 / 6', '100 r 2'], // 6, 1 and 2 each alone
      ['3655 / 12', '-'],
      ['936 / 3', '='],
      ['574 / 4', '111']
    ],
    'final-remainder-dropped': [
      ['100 / 6', '16'],
      ['3655 / 12', '304'],
      ['852 / 6', '='],
      ['77 / 9', '8'],
      ['575 / 4', '143']
    ],
    'remainder-as-decimal': [
      ['100 / 6', '16.4'],
      ['3655 / 12', '304.7'],
      ['142 / 12', '11.10'],
      ['123 / 10', '12.3'], // right by its value
      ['852 / 6', '=']
    ],
    'remainder-too-large': [
      ['100 / 6', '15 r 10'],
      ['847 / 4', '210 r 7'],
      ['852 / 6', '141 r 6'],
      ['420 / 6', '-'],
      ['77 / 9', '7 r 14']
    ],
    'right-to-left': [
      ['852 / 6', '340'],
      ['612 / 6', '630'],
      ['1736 / 4', '2951 r 3'], // 6: 1 r 2; 23: 5 r 3; 37: 9 r 1; 11: 2 r 3
      ['96 / 4', '71 r 1'], // 6: 1 r 2; 29: 7 r 1
      ['3655 / 12', '-']
    ]
  }));

test('a remainder is read however it is written, and a fraction or a decimal by its value', () => {
  const reading = quotientBy(6n);
  for (const [written, printed] of [
    ['16 r 4', '16 r 4'],
    ['16R4', '16 r 4'],
    ['16 rem 4', '16 r 4'],
    ['16 remainder 4', '16 r 4'],
    ['1 234', '1234'],
    ['16 2/3', '16 2/3'],
    ['16.5', '16.5'],
    ['16 r', undefined],
    ['r 4', undefined],
    ['', undefined]
  ] as const) {
    const value = reading.parse(written);
    assert.equal(value && reading.print(value), printed, written);
  }
  const mark = (line: string, working: Record<string, string>) =>
    markItem(worked(skill.id, line), working);
  const fraction = mark('100 / 6', { answer: '16 2/3' });
  assert.deepEqual([fraction.marks.awarded, fraction.notes], [2, ['as-fraction']]);
  assert.deepEqual(mark('33 / 2', { answer: '16.5' }).notes, ['as-decimal']);
  assert.equal(mark('100 / 6', { answer: '16' }).marks.awarded, 0);
  assert.equal(mark('100 / 6', { answer: '16.6' }).marks.awarded, 0);
});

test('squares earn the method; one slip is carried on; a wrong table fact is one slip', () => {
  const mark = (line: string, working: Record<string, string>) =>
    markItem(worked(skill.id, line), working).marks.lines.map(({ awarded }) => awarded);
  const squares = (figures: string) =>
    Object.fromEntries([...figures].reverse().map((digit, at) => [`quotient.${at}`, digit]));
  assert.deepEqual(mark('852 / 6', squares('142')), [1, 1]);
  assert.deepEqual(mark('852 / 6', { ...squares('142'), answer: '124' }), [1, 0]);
  // 25 taken for 4 and 2 left over, followed: 22 gives 3 and 4.
  assert.deepEqual(
    mark('852 / 6', { 'carried.1': '2', 'carried.0': '2', ...squares('143'), answer: '143 r 4' }),
    [1, 0]
  );
  // 8 in 56 taken for 6 times: 48, and nothing left.
  assert.deepEqual(
    mark('568 / 8', { 'quotient.1': '6', 'quotient.0': '1', 'carried.0': '0', answer: '61' }),
    [1, 0]
  );
  assert.deepEqual(
    mark('1736 / 4', { 'quotient.3': '0', ...squares('434'), answer: '434' }),
    [1, 1]
  );
});
