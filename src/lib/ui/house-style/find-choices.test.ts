import assert from 'node:assert/strict';
import { test } from 'node:test';
import { changedSamples } from './changed-samples';
import { styleChoices } from './choices';
import { findChoices } from './find-choices';

test('a choice is found by its group, its question or any answer, and by no other word', () => {
  for (const { title, choices } of styleChoices) {
    for (const one of choices) {
      for (const query of [title, one.title.toUpperCase(), one.options[0]!.word]) {
        const found = findChoices(styleChoices, query).flatMap((group) => group.choices);
        assert.ok(found.includes(one), query);
      }
    }
  }
  assert.deepEqual(findChoices(styleChoices, 'lantern oil'), []);
  assert.deepEqual(findChoices(styleChoices, ''), styleChoices);
  const two = findChoices(styleChoices, 'called units').flatMap(({ choices }) => choices);
  assert.deepEqual(
    two.map(({ name }) => name),
    ['firstPlace']
  );
});

test('samples that a choice changed are those that are otherwise, in their order', () => {
  const before = ['a', 'b', 'c'].map((id) => ({ id, text: id }));
  const now = [
    { id: 'a', text: 'x' },
    { id: 'b', text: 'b' },
    { id: 'c', text: 'y' },
    { id: 'd', text: 'new' }
  ];
  assert.deepEqual(
    changedSamples(before, now).map(({ id }) => id),
    ['a', 'c']
  );
  assert.deepEqual(changedSamples(before, before), []);
});
