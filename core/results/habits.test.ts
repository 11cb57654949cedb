import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { markItem } from '../marking';
import { drawItems, skillOf, WorkedItem } from '../skill';
import { ANSWER } from '../working';
import { habitsIn } from './habits';

test('one way of working named for all numbers is told as a habit; different ones, few, numbers and patterns are not', () => {
  const parts = ['1', '2', '3', '4', '5', '6'].map((label) => ({ label }));
  const way = (written: string, didShow: string[] = []) => ({
    didShow,
    firstSlip: { label: 'Way', written, right: 'from the left' }
  });
  const right = { didShow: [] };
  const near = way('near doubles');
  assert.deepEqual(habitsIn(parts, [near, near, right, near, near, null]), [
    { step: 'Way', written: 'near doubles', parts: ['1', '2', '4', '5'] }
  ]);
  const none = [
    [near, near, right, near, right, null],
    [near, near, near, near, way('near multiple'), right],
    [way('1'), way('1'), way('1'), way('1'), way('1'), right]
  ];
  for (const outcomes of none) assert.deepEqual(habitsIn(parts, outcomes), []);
  const explained = way('near doubles', ['choose-way/taken-twice']);
  assert.deepEqual(habitsIn(parts, [near, near, near, explained, explained, right]), []);
});

test('one way named for every calculation is marked so that the habit is found', () => {
  const skill = skillOf('choose-way');
  const drawn = drawItems(skill, { controls: { operation: ['addition'] }, count: 8, seed: 4 });
  assert.ok(drawn.ok);
  const slips = drawn.given.map((given) => {
    const item = new WorkedItem(skill, given, 'named');
    const marked = markItem(item, { way: 'near doubles', [ANSWER]: String(item.key.get(ANSWER)) });
    return [marked.firstSlip, marked.answer.verdict, marked.diagnosis.length];
  });
  assert.deepEqual(slips, Array(8).fill(['way', 'correct', 0]));
});
