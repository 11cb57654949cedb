import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { skillOf, WorkedItem } from '../skill';
import { carriesEvidence } from './carries-evidence';
import { markItem } from './mark-item';
import type { Attempt } from './response';

const skill = skillOf('column-addition');
const item = new WorkedItem(skill, skill.given.parse('487 + 365'), 'columns');

const speaks = (working: Record<string, string>, attempt: Attempt = 'written') =>
  carriesEvidence(markItem(item, working), { working, attempt });

test('an answer that can be read carries evidence, right or wrong, and so does a slip without an answer', () => {
  assert.ok(speaks({ answer: '852' }));
  assert.ok(speaks({ answer: '742' }));
  assert.ok(speaks({ 'digit.0': '3' }));
  // Every carry left out is a pattern.
  assert.ok(speaks({ 'digit.0': '2', 'digit.1': '4', 'digit.2': '7' }));
});

test('blanks, question marks, another method and right working that was not finished carry none', () => {
  assert.ok(!speaks({}));
  assert.ok(!speaks({ answer: ' ' }));
  assert.ok(!speaks({ answer: '?' }));
  assert.ok(!speaks({ 'digit.0': '2', answer: '??' }));
  assert.ok(!speaks({ 'digit.0': '2', 'carry.1': '1' }));
  assert.ok(!speaks({ answer: '742' }, 'another-method'));
});
