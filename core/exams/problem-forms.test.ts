import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { drawItems, skillOf, type Controls } from '../skill';
import { formsOf } from './forms';

const skill = skillOf('word-problem');
const HELD = [
  'steps',
  'situation',
  'operations',
  'language',
  'distractors',
  'remainder',
  'convert'
];

test('forms of a problem keep its situation, language and controls, and have other numbers', () => {
  const requests: readonly Controls[] = [
    { steps: 1, distractors: 0, hidden: 0, numbers: ['whole'] },
    { steps: 1, language: ['inconsistent'], distractors: 1 },
    { steps: 2, distractors: 0, numbers: ['decimals'] },
    { steps: 1, remainder: ['up'], distractors: 0 },
    { steps: 1, arithmetic: ['column-addition'], 'column-addition/carries': 1, distractors: 0 }
  ];
  const parts = requests.flatMap((controls, at) => {
    const drawn = drawItems(skill, { controls, count: 2, seed: 70 + at });
    assert.ok(drawn.ok);
    return drawn.given.map((given) => ({
      ...{ skill: skill.id, school: 'told', given, controls },
      ...{ hold: [], kind: 'set-out' as const }
    }));
  });
  const { forms, short } = formsOf({ parts, count: 2, seed: 5, avoid: [] });
  assert.deepEqual(short, []);
  for (const form of forms) {
    for (const [at, { given }] of form.entries()) {
      const part = parts[at]!;
      const [own, other] = [skill.measure(part.given), skill.measure(given)];
      for (const name of HELD) assert.deepEqual(other[name], own[name], `${at} ${name}`);
      assert.notEqual(skill.itemKey(given), skill.itemKey(part.given));
    }
  }
});
