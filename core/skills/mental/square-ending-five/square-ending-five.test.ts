import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, Wanted, WorkedItem } from '../../../skill';
import { suitability } from '../../../catalogue';
import { ANSWER } from '../../../working';
import { checkPatterns } from '../../../catalogue/skills.test-helper';
import { ranksAsListed } from '../../../skill/space-checks.test-helper';

const skill = skillOf('square-ending-five');

test('all numbers of 2 to 4 digits: the graph gives the square, and every number is met once', () => {
  const wanted = Array.from({ length: 999 }, (_, head) => ({ number: `${head + 1}5` }));
  for (const given of wanted) {
    const item = new WorkedItem(skill, given, 'head-times-next');
    assert.equal(item.key.get(ANSWER), BigInt(given.number) ** 2n);
    assert.equal(skill.measure(given)['digits'], given.number.length);
  }
  for (const [min, max] of [
    [2, 2],
    [3, 3],
    [2, 4]
  ] as const) {
    const inRange = wanted.filter(({ number }) => number.length >= min && number.length <= max);
    const space = skill.items(new Wanted(skill.features, { digits: { min, max } }));
    ranksAsListed(space, inRange, skill.given.print);
  }
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    // 6 × 6 = 36 with 25 after it.
    'head-squared': [
      ['15²', '125'],
      ['65²', '3625'],
      ['95²', '8125'],
      ['105²', '10025'],
      ['125²', '14425'],
      ['995²', '980125'],
      ['1005²', '1000025']
    ],
    'doubled-for-squared': [
      ['15²', '30'],
      ['65²', '130'],
      ['105²', '210'],
      ['995²', '1990'],
      ['1005²', '2010']
    ]
  }));

test('of two equal numbers only, it is a way of working the product that holds less than rows do', () => {
  const { strategies, cheapest } = suitability('multiplication', ['65', '65']);
  const held = (id: string) => strategies.find((one) => one.skill === id)!.held;
  // In rows, 325 and 3900 are held with the first digit of their sum; here 42, and 7 before it.
  assert.deepEqual([held('long-multiplication'), held(skill.id)], [8, 2]);
  assert.equal(cheapest, skill.id);
  for (const operands of [
    ['65', '75'],
    ['64', '64'],
    ['65', '65', '65'],
    ['5', '5']
  ]) {
    assert.equal(skill.given.from!(operands), undefined);
  }
});
