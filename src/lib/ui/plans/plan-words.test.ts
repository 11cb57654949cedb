import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Blueprint, BlueprintRow } from '@zealous-quill/core/exams';
import { difficultyChoices, difficultyWords, wordOf } from './difficulty-choices';
import { boundsText, rowDetails, rowHead, wholeWords } from './plan-words';

const names = {
  skill: (id: string) => (id === 'column-addition' ? 'Column addition' : 'Long division'),
  feature: (_: string, feature: string) => feature
};
const row = (more: Partial<BlueprintRow> = {}) =>
  ({ id: 'r1', skills: ['column-addition'], kind: 'bare', ...more }) as BlueprintRow;

test('bounds are said as one says them', () => {
  const said = [
    [{ min: 3, max: 3 }, '3'],
    [{ min: 2, max: 3 }, '2 or 3'],
    [{ min: 2, max: 5 }, '2 to 5'],
    [{ min: 2 }, 'at least 2'],
    [{ max: 4 }, 'at most 4'],
    [{ min: -0.5, max: 0.5 }, '−0.5 to 0.5'],
    [{}, 'any number of']
  ] as const;
  for (const [bounds, text] of said) assert.equal(boundsText(bounds), text);
});

test('a row says in words what it asks', () => {
  const head = (more: Partial<BlueprintRow>) => rowHead(row(more), names);
  assert.equal(head({ parts: { min: 2, max: 3 } }), '2 or 3 parts of column addition, answer only');
  assert.equal(head({ parts: { min: 1, max: 1 } }), '1 part of column addition, answer only');
  assert.equal(head({}), 'Parts of column addition, answer only');
  assert.equal(
    head({ skills: ['column-addition', 'long-division'], parts: { min: 2 }, kind: 'choice' }),
    'At least 2 parts of column addition or long division, choice of four'
  );
  const own = { marks: 4, minutes: 5, difficulty: 0 };
  assert.equal(head({ skills: [], kind: 'own', own }), '1 question of your own, 4 marks each');
});

test('everything that a row asks for is said, and nothing else', () => {
  assert.deepEqual(rowDetails(row(), names), ['any items']);
  const whole = row({
    controls: { 'column-addition': { digits: 3, carries: { min: 1 } } },
    section: 'B',
    marks: { min: 3, max: 6 },
    difficulty: { min: 1 },
    question: { parts: 2 }
  });
  assert.deepEqual(rowDetails(whole, names), [
    'digits 3, carries at least 1',
    '3 to 6 marks together · hard · 2 parts make a question · in section B'
  ]);
  const two = row({
    skills: ['column-addition', 'long-division'],
    controls: { 'long-division': { remainder: true, exact: false } },
    cover: true
  });
  assert.deepEqual(rowDetails(two, names), [
    'Column addition: any items',
    'Long division: remainder, exact: no',
    'each skill at least once'
  ]);
  const spread = {
    feature: 'carries',
    parts: [
      { control: 0, count: 2 },
      { control: 1, count: 1 }
    ]
  };
  assert.match(
    rowDetails(row({ spread } as Partial<BlueprintRow>), names)[1]!,
    /2 with 0, 1 with 1/
  );
});

test('a plan says what it asks of the whole paper', () => {
  const plan = {
    total: 40,
    difficulty: { mean: { min: -0.5, max: 0.5 }, easy: { min: 0.3, max: 0.6 }, hard: { max: 0.3 } },
    rising: true,
    step: 1.5,
    rows: []
  } as unknown as Blueprint;
  assert.deepEqual(wholeWords(plan), [
    'on average difficulty −0.5 to 0.5',
    '30 to 60 % of the marks easy',
    'at most 30 % of the marks hard',
    'questions rise in difficulty',
    'by at most 1.5 at a time'
  ]);
  assert.deepEqual(wholeWords({ total: 40, rows: [] } as unknown as Blueprint), []);
});

test('each choice of difficulty is read back as it was chosen, other bounds as numbers', () => {
  for (const [word, bounds] of difficultyChoices) assert.equal(wordOf({ ...bounds }), word);
  assert.equal(wordOf({ min: -0.7 }), undefined);
  assert.equal(difficultyWords({ min: -0.7 }), 'difficulty at least −0.7');
  assert.equal(difficultyWords({ max: 0.2 }), 'difficulty at most 0.2');
  assert.equal(difficultyWords({}), 'any difficulty');
});
