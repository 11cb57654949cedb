import assert from 'node:assert/strict';
import { test } from 'node:test';
import { revealed, type ItemAnswers } from './revealed';

const item = (right: string, answers: Readonly<Record<string, string>>): ItemAnswers => ({
  right,
  patterns: Object.entries(answers).map(([id, answer]) => ({ id, answer }))
});

test('a pattern shows where its answer is not the right one; two with the same answers everywhere are confused', () => {
  const items = [
    item('532', { dropped: '432', swapped: '432', reversed: '532' }),
    item('71', { dropped: '61', swapped: '61' }),
    item('80', { reversed: '8' })
  ];
  const found = revealed(['dropped', 'swapped', 'reversed', 'never'], items);
  assert.deepEqual(found.shows, [
    { pattern: 'dropped', items: 2 },
    { pattern: 'swapped', items: 2 },
    { pattern: 'reversed', items: 1 },
    { pattern: 'never', items: 0 }
  ]);
  assert.deepEqual(found.confused, [['dropped', 'swapped']]);
});

test('one item tells two apart, also where only one of them shows', () => {
  const alike = item('10', { one: '9', other: '9' });
  assert.deepEqual(revealed(['one', 'other'], [alike]).confused, [['one', 'other']]);
  const apart = item('20', { one: '19' });
  assert.deepEqual(revealed(['one', 'other'], [alike, apart]).confused, []);
});

test('patterns that never show are confused with nothing, and without items nothing shows', () => {
  assert.deepEqual(revealed(['one', 'other'], [item('5', {})]).confused, []);
  assert.deepEqual(revealed(['one'], []), { shows: [{ pattern: 'one', items: 0 }], confused: [] });
});
