import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../../catalogue/all';
import { defaultHouseStyle, type HouseStyle } from '../../house-style';
import { markItem } from '../../marking';
import { availableMarks } from '../../schemes';
import { itemOf, skillOf, WorkedItem } from '../../skill';

const skill = skillOf('mixed-subtraction');

/** An answer marked as a house asks for it: marks of how many, and the shortcomings that cost something. */
function marked(line: string, answer: string, style: Partial<HouseStyle>) {
  const house = { ...defaultHouseStyle, ...style };
  const item = new WorkedItem(skill, skill.given.parse(line), 'regroup');
  const scheme = skill.scheme(item.given, 'regroup', house);
  const { marks } = markItem(item, { answer }, scheme);
  return [marks.awarded, availableMarks(scheme), itemOf(item, house).prompt];
}

test('the simplest form costs a mark where it is asked for, and is not spoken of where it is not', () => {
  const line = '5 3/4 - 2 1/4';
  const asked = 'Work out 5 3/4 − 2 1/4 as a mixed number in its simplest form.';
  const open = 'Work out 5 3/4 − 2 1/4 as a mixed number.';
  assert.deepEqual(marked(line, '3 1/2', {}), [3, 3, asked]);
  assert.deepEqual(marked(line, '3 2/4', {}), [2, 3, asked]);
  for (const answer of ['3 1/2', '3 2/4']) {
    assert.deepEqual(marked(line, answer, { simplestForm: 'open' }), [2, 2, open]);
  }
  assert.deepEqual(marked(line, '3 1/4', { simplestForm: 'open' }), [0, 2, open]);
});

test('an improper fraction passes only where the house lets it, simplest or not', () => {
  const line = '5 3/4 - 2 1/4';
  const marks = (answer: string, style: Partial<HouseStyle>) => marked(line, answer, style)[0];
  assert.equal(marks('14/4', { simplestForm: 'open', fractionAnswers: 'either' }), 2);
  assert.equal(marks('7/2', { fractionAnswers: 'either' }), 3);
  assert.ok(Number(marks('7/2', {})) < 3);
});
