import assert from 'node:assert/strict';
import { test } from 'node:test';
import { findByWords, skills } from '.';

const ids = (typed: string) =>
  findByWords(skills, typed).flatMap(({ skills }) => skills.map(({ id }) => id));

test('typed words find skills by title, family, feature and error pattern', () => {
  assert.deepEqual(ids('').sort(), skills.map(({ id }) => id).sort());
  assert.deepEqual(ids('factorising'), ['factorise-quadratic']);
  assert.deepEqual(ids('algebra'), ['factorise-quadratic']);
  assert.deepEqual(ids('Subtract head'), ['near-multiple-subtraction']);
  assert.deepEqual(ids('longer is larger'), ['order-decimals']);
  assert.deepEqual(ids('regroups simplifies'), ['mixed-subtraction']);
  assert.deepEqual(ids('zebra'), []);
});

test('families stand in the order of the catalogue, each with its skills', () => {
  const families = findByWords(skills, '');
  assert.deepEqual(
    families.map(({ family }) => family),
    ['written', 'decimals', 'fractions', 'mental', 'algebra']
  );
  for (const { family, skills } of families) {
    assert.ok(skills.length > 0 && skills.every((skill) => skill.family === family));
  }
});
