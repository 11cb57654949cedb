import assert from 'node:assert/strict';
import { test } from 'node:test';
import { drawItems, type Controls } from '../skill';
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
  'partition-addition': [
    { digits: 3, shortest: 2, crossings: 2, roundAddend: false },
    ['698 + 24', '945 + 99', '578 + 83']
  ],
  'bridge-addition': [
    { addends: 2, suited: true, makesTen: false, digits: 3, base: 100, gap: { min: 3, max: 9 } },
    ['474 + 297', '492 + 959', '893 + 114']
  ],
  'near-multiple-addition': [
    { suited: true, crosses: true, offset: { max: -1 }, digits: 3, changeDigits: 3, base: 100 },
    ['127 + 194', '699 + 596', '877 + 690']
  ],
  'near-multiple-subtraction': [
    { digits: 3, changeDigits: 2, offset: within(-2, -1), suited: true },
    ['895 - 68', '708 - 68', '952 - 59']
  ],
  complement: [
    { kind: ['power-of-ten'], trailingZeros: 0, targetDigits: 4, digits: 3, zeros: 1 },
    ['1000 - 904', '1000 - 905', '1000 - 405']
  ],
  'near-doubles': [
    { digits: 2, doublingCarries: 2, difference: { min: 2, max: 9 } },
    ['85 + 78', '58 + 67', '68 + 70']
  ],
  'reversed-pair': [{ digitSum: { min: 11, max: 13 } }, ['84 + 48', '76 + 67', '58 + 85']],
  'compatible-addition': [
    { addends: 5, pairs: 2, decoys: { max: 1 }, adjacent: 0 },
    ['11 + 53 + 89 + 47 + 75', '24 + 69 + 20 + 31 + 80', '53 + 80 + 63 + 20 + 47']
  ],
  doubling: [{ digits: 4, carries: 2, zeros: { max: 1 } }, ['2 x 5470', '2 x 9074', '2 x 3296']],
  'double-and-halve': [
    {
      suited: true,
      roundFactor: false,
      halvings: 2,
      halvedFactors: 2,
      doublingCarries: { min: 1, max: 3 }
    },
    ['12 x 18', '12 x 14', '14 x 16']
  ],
  'near-base-multiplication': [
    { base: 100, overlap: false, sides: ['mixed'], largestDeviation: { min: 3, max: 9 } },
    ['109 x 97', '99 x 106', '103 x 92']
  ],
  'near-base-square': [
    { base: { min: 30, max: 90 }, deviation: { min: 7, max: 12 } },
    ['51² near 60', '62² near 50', '91² near 80']
  ],
  'square-ending-five': [{ digits: 2 }, ['45²', '55²', '75²']],
  'repunit-multiplication': [
    { window: 2, digits: 4, carries: { min: 1, max: 2 }, zeros: 0 },
    ['8347 x 11', '7258 x 11', '3447 x 11']
  ],
  'exact-cube-root': [
    { rootDigits: 2, selfEnding: false, bracket: { min: 4 } },
    ['∛110592', '∛912673', '∛658503']
  ],
  'choose-way': [
    { operation: ['addition'], digits: 2, cheapest: ['making-up', 'near-double'], margin: 1 },
    ['59 + 60', '54 + 67', '57 + 64']
  ],
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
