import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle, houseStyleConflict, type HouseStyle } from './house-style';
import { houseStyleSchema } from './schema';
import { busStop, segmentsOf, spoken } from './segments';
import { withSigns } from './signs';
import { placeHeading, placeName, writeNumeral, writeText } from './numerals';

const style = (change: Partial<HouseStyle>): HouseStyle => ({ ...defaultHouseStyle, ...change });

test('numbers are grouped and pointed as the house writes them', () => {
  const cases: [string, Partial<HouseStyle>, string][] = [
    ['1234567', { grouping: 'space' }, '1\u202f234\u202f567'],
    ['1234', { grouping: 'space' }, '1234'],
    ['1234', { grouping: 'comma' }, '1,234'],
    ['1234567', { grouping: 'none' }, '1234567'],
    ['12345.678', { decimalMark: 'comma' }, '12\u202f345,678'],
    ['0.5', {}, '0.5'],
    ['-12345', { grouping: 'comma' }, '-12,345']
  ];
  for (const [numeral, change, expected] of cases) {
    assert.equal(writeNumeral(numeral, style(change)), expected);
  }
});

test('the figures of a number are never changed, only what stands between them', () => {
  const groupings = fc.constantFrom<HouseStyle['grouping']>('none', 'space', 'comma');
  fc.assert(
    fc.property(fc.bigInt(0n, 10n ** 30n), groupings, (value, grouping) => {
      const written = writeNumeral(String(value), style({ grouping }));
      assert.equal(written.replace(/\D/g, ''), String(value));
    })
  );
});

test('where nothing is said the schema gives the usual style', () => {
  assert.deepEqual(houseStyleSchema.parse({}), defaultHouseStyle);
});

test('places have names and headings, with ones or units', () => {
  assert.deepEqual(
    [0, 1, 2, 3].map((place) => placeHeading(place, style({}))),
    ['O', 'T', 'H', 'Th']
  );
  assert.equal(placeHeading(0, style({ firstPlace: 'units' })), 'U');
  assert.deepEqual(
    [0, 2, 5].map((place) => placeHeading(place, style({ headings: 'numerals' }))),
    ['1', '100', '10⁵']
  );
  assert.deepEqual(
    [0, 1].map((place) => placeName(place, style({ firstPlace: 'units' }))),
    ['units', 'tens']
  );
  const names = Array.from({ length: 13 }, (_, place) => placeName(place, style({})));
  assert.equal(new Set(names).size, 13);
});

test('a decimal comma and commas between digits exclude each other', () => {
  assert.equal(
    houseStyleConflict(style({ decimalMark: 'comma', grouping: 'comma' })),
    'comma-twice'
  );
  assert.equal(houseStyleConflict(style({ decimalMark: 'comma' })), undefined);
});

test('a line is taken apart at its fractions and divisions and nowhere else', () => {
  const whole = (line: string) =>
    segmentsOf(line)
      .map((one) => {
        if ('text' in one) return one.text;
        return 'dividend' in one
          ? `[${one.divisor})${one.dividend}]`
          : `[${one.numerator}|${one.denominator}]`;
      })
      .join('');
  for (const [line, expected] of [
    ['6 2/9 − 3 7/9', '6[2|9] − 3[7|9]'],
    ['2/3 = 8/12.', '[2|3] =[8|12].'],
    ['487 + 365', '487 + 365'],
    ['1/2/2026', '1/2/2026'],
    ['Work out 44.88/2,2.', 'Work out[44.88|2,2].'],
    ['Work out 22\u27cc4\u202f488.', 'Work out [22)4\u202f488].'],
    ['', '']
  ] as const) {
    assert.equal(whole(line), expected);
  }
});

test('a division under its bar is read out as one number by another', () => {
  assert.equal(spoken(`Work out ${busStop('4488', '22')}.`), 'Work out 4488 divided by 22.');
  assert.equal(spoken('6 2/9'), '6 2/9');
});

test('the signs are those of the house', () => {
  const ours = style({ timesSign: 'dot', divideSign: 'colon' });
  assert.equal(writeText('34 x 5', ours), '34 \u00b7 5');
  assert.equal(writeText('340 / 5', ours), '340 : 5');
  assert.equal(withSigns('8 \u00d7 7 = 56, 3\u00d77', ours), '8 \u00b7 7 = 56, 3\u00d77');
  assert.equal(withSigns('\u00d7', ours), '\u00b7');
});

test('a product typed with the letter x is written with the sign; the letter of algebra stays', () => {
  assert.equal(writeText('1234 x 56', defaultHouseStyle), '1234 \u00d7 56');
  assert.equal(writeText('2x - 3', defaultHouseStyle), '2x \u2212 3');
});
