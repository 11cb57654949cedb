import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedItem } from '../../../skill';
import { patternAnswers } from '../../../catalogue/skills.test-helper';
import { skill } from './sample.test-helper';

/** Answers of patterns worked by hand: `=` where a pattern makes no difference, `-` where it cannot be carried out. */
const table: readonly (readonly [text: string, answers: Readonly<Record<string, string>>])[] = [
  [
    'A trumpet costs £139.35. A horn costs £300.50 more than the trumpet. A tuba costs £70.95 more than the horn. How much do the three cost altogether?',
    {
      'stops-after-first-step': '£439.85',
      'all-numbers-added': '£510.80',
      'keyword-followed': '-',
      'not-converted': '-',
      'distractor-used': '-',
      // 439.85, then 409.70 for 439.85 + 70.95, and no carry into any column of the last sum.
      'decimal-addition/carry-dropped': '£967.80'
    }
  ],
  [
    '50 children want to go on the pond. A boat takes 12 children. How many boats are needed?',
    {
      'remainder-as-answer': '2 boats',
      'remainder-not-used': '4 boats',
      'remainder-rounded-up': '-',
      'all-numbers-added': '62 boats',
      'reversed-operands': '-'
    }
  ],
  [
    'Jenifer puts eggs into boxes. A box takes 18 eggs. There are 735 eggs. How many boxes are full?',
    {
      'remainder-as-answer': '15 boxes',
      'remainder-not-used': '-',
      'remainder-rounded-up': '41 boxes'
    }
  ],
  [
    'The bakery has 37.5 kg of flour. Orla uses 250 g of it for rolls. How much flour is left?',
    { 'not-converted': '-', 'all-numbers-added': '287.5 kg', 'keyword-followed': '-' }
  ],
  [
    'Strawberries cost £3.80 a kilogram. Isolde sells 650 g. How much money does Isolde receive?',
    { 'not-converted': '£2470', 'all-numbers-added': '£653.80' }
  ],
  [
    'The oven holds 18 trays. Tamsin fills 24 trays with rolls. A tray holds 28 rolls. How many rolls are there?',
    { 'distractor-used': '504 rolls', 'all-numbers-added': '70 rolls' }
  ],
  [
    'Orla counts the loaves of a week. Bram bakes 192 fewer loaves than Orla. Bram bakes 213 loaves in the same week. How many loaves does Orla bake?',
    { 'keyword-followed': '21 loaves', 'column-addition/carry-dropped': '305 loaves' }
  ],
  [
    'Elowen bakes 21 trays of rolls. There are 36 rolls on a tray. The bakery sells 276 rolls. How many rolls are left?',
    {
      'stops-after-first-step': '756 rolls',
      'all-numbers-added': '333 rolls',
      'column-subtraction/smaller-from-larger': '520 rolls'
    }
  ],
  [
    'Orla has 7.5 kg of flour. Orla shares it equally among 30 bags. How much flour is in a bag?',
    { 'reversed-operands': '4 kg', 'all-numbers-added': '37.5 kg' }
  ]
];

test('error patterns answer as worked by hand', () => {
  for (const [text, answers] of table) {
    const given = skill.given.parse(text);
    assert.ok(given, text);
    const found = patternAnswers(new WorkedItem(skill, given, 'told'));
    for (const [id, answer] of Object.entries(answers)) {
      assert.equal(found[id], answer, `${text} ${id}`);
    }
  }
});

test('the unit is a matter of form, and no pattern of an item', () => {
  const ids = skill.patterns.map(({ id }) => id);
  assert.ok(!ids.includes('unit-missing') && !ids.includes('unit-wrong'));
});
