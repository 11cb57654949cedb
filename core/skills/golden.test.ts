import assert from 'node:assert/strict';
import { test } from 'node:test';
import { drawItems, type Controls } from '.';
import { skills } from './skills.test-helper';

const within = (min: number, max: number) => ({ min, max });

/** The first items of each skill under some controls from seed 1852. A seed gives the same items on every machine. */
const golden: Readonly<Record<string, readonly [controls: Controls, items: readonly string[]]>> = {
  'column-addition': [
    { addends: 2, digits: 3, shortest: 3, carries: 1, newColumn: false },
    ['116 + 308', '647 + 171', '226 + 205']
  ],
  'column-subtraction': [
    { digits: 3, shortest: 3, regroupings: 1, zeros: 0 },
    ['821 - 116', '761 - 556', '658 - 590']
  ],
  'short-multiplication': [
    { digits: 2, carries: 1, zeros: 0, multiplier: { min: 3 } },
    ['43 x 5', '82 x 5', '84 x 8']
  ],
  'long-multiplication': [
    { digits: 2, multiplierDigits: 2, carries: 1, tables: { allow: [2, 3, 4, 5] } },
    ['13 x 24', '13 x 91', '54 x 18']
  ],
  'short-division': [
    {
      divisor: within(3, 9),
      quotientZeros: 0,
      digits: 3,
      exact: false,
      leadingShort: false,
      carried: 2
    },
    ['506 / 4', '612 / 5', '810 / 7']
  ],
  'long-division': [
    { divisor: within(21, 29), digits: 4, quotientDigits: 3, quotientZeros: 1, exact: false },
    ['4279 / 21', '2141 / 21', '2768 / 26']
  ],
  'decimal-addition': [
    {
      ...{ addends: 2, integers: 0, wholeDigits: { max: 2 } },
      ...{ maxPlaces: 2, raggedness: 1, carries: within(1, 2) }
    },
    ['47.71 + 47.8', '44.72 + 4.4', '1.35 + 15.8']
  ],
  'decimal-subtraction': [
    { integers: 0, maxPlaces: 2, raggedness: 1, wholeDigits: 2, regroupings: 2, acrossZeros: 0 },
    ['83.8 - 10.84', '85.2 - 62.98', '79.2 - 35.83']
  ],
  'decimal-multiplication': [
    { digits: 2, multiplierDigits: 2, multiplicandPlaces: 1, multiplierPlaces: 1, carries: 2 },
    ['8.8 x 2.5', '8.8 x 8.5', '4.8 x 8.2']
  ],
  'decimal-division': [
    { divisorDigits: 1, divisorPlaces: 1, dividendPlaces: 2, quotientDigits: 3, quotientZeros: 1 },
    ['18.06 / 0.2', '3.02 / 0.5', '24.12 / 0.6']
  ],
  'order-decimals': [
    {
      ...{ count: 4, integers: 0, maxPlaces: 3, raggedness: 2, longerTraps: { min: 2 } },
      ...{ wholeParts: { max: 2 }, wholeSpan: { max: 1 }, placed: { max: 1 } }
    },
    [
      '87.332, 87.9, 87.213, 87.267 descending',
      '16.604, 15.417, 15.088, 15.8 ascending',
      '68.79, 67.907, 68.181, 68.4 ascending'
    ]
  ],
  'mixed-addition': [
    {
      ...{ fractionOnly: false, wholeAddend: false, makesWhole: false, regroups: true },
      ...{ relation: ['multiple'], simplifies: false, friendly: true },
      ...{ commonDenominator: within(6, 12), largestWhole: { max: 12 } }
    },
    ['1 2/3 + 2 11/12', '9 3/4 + 1 7/8', '9 7/10 + 3 3/5']
  ],
  'mixed-subtraction': [
    {
      ...{ fractionOnly: false, wholeVanishes: false, wholeMinuend: false },
      ...{ relation: ['multiple'], regroups: true, simplifies: false, friendly: true },
      ...{ commonDenominator: within(6, 12), largestWhole: { max: 12 } }
    },
    ['10 1/4 - 3 7/8', '5 5/12 - 1 1/2', '12 3/10 - 6 3/5']
  ],
  'near-multiple-subtraction': [
    { digits: 3, changeDigits: 2, offset: within(-2, -1), suited: true },
    ['895 - 68', '708 - 68', '952 - 59']
  ],
  'square-ending-five': [{ digits: 2 }, ['45²', '55²', '75²']],
  'factorise-quadratic': [
    {
      ...{ factorable: true, content: 1, kind: ['general'], monic: true },
      ...{ signs: ['+-', '--'], largest: { max: 30 } }
    },
    ['x² - 10x - 11', 'x² + 2x - 3', 'x² + 2x - 8']
  ]
};

test('a seed gives the items it always gave', () => {
  for (const skill of skills) {
    const [controls, items] = golden[skill.id]!;
    const result = drawItems(skill, { controls, count: 3, seed: 1852 });
    assert.ok(result.ok);
    assert.deepEqual(
      result.given.map((given) => skill.given.print(given)),
      items,
      skill.id
    );
  }
});
