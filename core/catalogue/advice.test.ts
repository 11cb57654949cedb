import assert from 'node:assert/strict';
import { test } from 'node:test';
import './all';
import { allStrategiesOf, type Strategy } from '.';
import { itemsUnder, readCalculation, skillOf } from '../skill';
import { adviceSchema } from '../house-style/schema';

const advised = (line: string, change: object = {}) =>
  allStrategiesOf(readCalculation(line)!, adviceSchema.parse(change));
const way = (line: string, skill: string, change: object = {}): Strategy =>
  advised(line, change).find((one) => one.skill === skill)!;
const best = (line: string, change: object = {}) => [
  ...new Set(
    advised(line, change)
      .filter(({ isCheapest }) => isCheapest)
      .map(({ skill }) => skill)
  )
];

test('what a department calls near, and the tables it knows, decide what suits; features stay', () => {
  const cases = [
    ['73 - 26', 'near-multiple-subtraction', { nearTen: 4 }],
    ['532 - 285', 'near-multiple-subtraction', { nearHundred: 15 }],
    ['46 + 87', 'bridge-addition', { bridgingTen: 4 }],
    ['22 x 7', 'double-and-halve', { tables: 11 }],
    ['118 x 109', 'near-base-multiplication', { tables: 20 }]
  ] as const;
  for (const [line, skill, change] of cases) {
    const [usual, changed] = [way(line, skill), way(line, skill, change)];
    // 46 + 87 is bridged from 87 as it is.
    if (skill !== 'bridge-addition') assert.equal(usual.applies, false, line);
    assert.equal(changed.applies, true, line);
    assert.match(changed.because, /^[A-Z0-9].+\.$/);
  }
  assert.equal(
    skillOf('near-multiple-subtraction').measure({ start: '73', change: '26' })['suited'],
    false
  );
  assert.equal(
    itemsUnder(skillOf('bridge-addition'), { base: 10, gap: 4, suited: true }).isEmpty,
    false
  );
  // Nothing near any more: what suited does not.
  assert.equal(way('73 - 28', 'near-multiple-subtraction').applies, true);
  assert.equal(way('73 - 28', 'near-multiple-subtraction', { nearTen: 1 }).applies, false);
});

test('what counts as held, and whether ways on paper compete, decide what is cheapest', () => {
  // 200 and 55 are five digits, three without the zeros, two values.
  const held = (change: object) => way('198 + 57', 'bridge-addition', change).held;
  assert.deepEqual(
    [held({}), held({ held: 'without-zeros' }), held({ held: 'values' })],
    [5, 3, 2]
  );
  assert.deepEqual(best('198 + 57'), ['near-multiple-addition']);
  assert.deepEqual(best('198 + 57', { held: 'without-zeros' }), ['bridge-addition']);
  // On paper nothing would be held; in the head columns cost four digits, as many as the near multiple.
  assert.deepEqual(best('65 + 67'), ['near-doubles']);
  assert.deepEqual(best('583 - 276'), ['column-subtraction']);
  assert.deepEqual(best('34 + 52'), ['partition-addition']);
  assert.deepEqual(best('34 + 52', { onPaper: 'weighed' }), ['column-addition']);
});

test('a sum is taken in the order that suits a way; the ways are weighed in either order alike', () => {
  assert.deepEqual(way('999 + 576', 'near-multiple-addition').operands, ['576', '999']);
  assert.deepEqual(way('11 x 463', 'repunit-multiplication').operands, ['463', '11']);
  for (const [one, other] of [
    ['999 + 576', '576 + 999'],
    ['57 + 198', '198 + 57'],
    ['11 x 463', '463 x 11']
  ] as const) {
    assert.deepEqual(best(one), best(other), one);
  }
});
