import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '../house-style';
import { describeSkill, findByWords, listed } from '.';
import { skills } from './skills.test-helper';

const list = skills.map((skill) => listed(describeSkill(skill, defaultHouseStyle)));
const ids = (typed: string) =>
  findByWords(list, typed).flatMap(({ skills }) => skills.map(({ id }) => id));

test('typed words find skills by title, family, feature, error pattern and words beside them', () => {
  assert.deepEqual(ids('').sort(), skills.map(({ id }) => id).sort());
  assert.deepEqual(ids('factorising'), ['factorise-quadratic']);
  assert.deepEqual(ids('algebra'), ['factorise-quadratic']);
  assert.deepEqual(ids('Subtracting near'), ['near-multiple-subtraction']);
  assert.deepEqual(ids('longer is larger'), ['order-decimals']);
  assert.deepEqual(ids('regroups simplifies'), ['mixed-subtraction']);
  assert.deepEqual(ids('number line'), ['near-multiple-addition', 'near-multiple-subtraction']);
  assert.deepEqual(ids('zebra'), []);
  // Short division has both words too, among its error patterns.
  for (const { id, title } of skills) assert.equal(ids(title)[0], id);
});

test('families stand in the order of the catalogue, each with its skills', () => {
  const families = findByWords(list, '');
  assert.deepEqual(
    families.map(({ family }) => family),
    ['written', 'decimals', 'fractions', 'mental', 'algebra', 'problems']
  );
  for (const { family, skills } of families) {
    assert.ok(skills.length > 0 && skills.every((skill) => skill.family === family));
  }
});
