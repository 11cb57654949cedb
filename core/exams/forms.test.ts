import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skills } from '../catalogue/all';
import {
  analyseItem,
  drawItems,
  itemsUnder,
  meetsControls,
  skillOf,
  type Controls,
  type Skill
} from '../skill';
import { controlsFor } from './draw-some';
import { formsOf } from './forms';

const ITEMS = 3;
const FORMS = 2;

/** Items of every rung of a skill, as parts whose row asks for the rung's controls. */
function partsOf(skill: Skill) {
  const school = Object.keys(skill.schools)[0]!;
  return skill.ladder.flatMap(({ controls }, at) => {
    const count = Number(BigInt(Math.min(ITEMS, Number(itemsUnder(skill, controls).usable))));
    const drawn = drawItems(skill, { controls, count, seed: 20 + at, allDifferent: true });
    assert.ok(drawn.ok, `${skill.id}, rung ${at}`);
    return drawn.given.map((given) => ({ skill: skill.id, given, school, controls, hold: [] }));
  });
}

/** What the controls of a part name, and what its marks, difficulty and time depend on. */
function heldOf(skill: Skill, given: unknown, controls: Controls) {
  const features = skill.measure(given);
  const names = [...new Set([...skill.decidingFeatures, ...Object.keys(controls)])];
  const values = names.filter((name) => !Array.isArray(features[name]));
  return Object.fromEntries(values.map((name) => [name, features[name]!]));
}

for (const skill of skills.filter(({ ladder }) => ladder.length > 0)) {
  test(`forms of ${skill.id} meet the controls of every rung, and hold what these name`, () => {
    const parts = partsOf(skill);
    const { forms, short } = formsOf({ parts, count: FORMS, seed: 4, avoid: [] });
    const answer = (given: unknown) => analyseItem(skill, given).answer;
    for (const [at, { given, controls }] of parts.entries()) {
      const held = heldOf(skill, given, controls);
      const own = forms.map((form) => form[at]!.given);
      for (const other of own) {
        const line = `${skill.given.print(given)}: ${skill.given.print(other)}`;
        assert.ok(meetsControls(skill, other, controls), line);
        assert.deepEqual(heldOf(skill, other, controls), held, line);
      }
      if (short.some(({ part }) => part === at)) continue;
      const keys = [given, ...own].map((one) => skill.itemKey(one));
      assert.equal(new Set(keys).size, FORMS + 1, keys.join('; '));
      const answers = [given, ...own].map(answer);
      if (new Set(answers).size === FORMS + 1) continue;
      // Only where there are hardly other answers to be had is one of them asked for twice.
      const space = itemsUnder(skill, { ...controls, ...controlsFor(held) }).ranked();
      assert.ok(space.count < 200n, `${keys.join('; ')} of ${space.count}`);
    }
  });
}

test('a part that no rung asks for, or of which nothing is said, keeps what it is worth and shows', () => {
  const skill = skillOf('column-addition');
  const given = skill.given.parse('999999 + 1');
  const parts = [{ skill: skill.id, given, school: 'columns', hold: ['digits'] }];
  const { forms, short } = formsOf({ parts, count: 3, seed: 1, avoid: [] });
  assert.equal(forms.length, 3);
  for (const form of forms) {
    const { difficulty, seconds, features } = analyseItem(skill, form[0]!.given);
    const own = analyseItem(skill, given);
    assert.deepEqual(
      [difficulty, seconds, features['digits']],
      [own.difficulty, own.seconds, own.features['digits']]
    );
  }
  assert.ok(short.every(({ versions }) => versions >= 1));
});

test('loosely, a part of which all values are held varies as far as its controls let it', () => {
  const skill = skillOf('factorise-quadratic');
  const given = skill.given.parse('5x² - 20');
  const controls = { kind: ['difference-of-squares'], largest: { max: 200 } };
  const part = { skill: skill.id, given, school: 'product-and-sum', controls, hold: [] };
  const versions = (isLoose: boolean) => {
    const { forms, short } = formsOf({
      parts: [{ ...part, isLoose }],
      count: 1,
      seed: 2,
      avoid: []
    });
    return { line: skill.given.print(forms[0]![0]!.given), isShort: short.length > 0 };
  };
  assert.deepEqual(versions(false), { line: '5x² - 20', isShort: true });
  const loose = versions(true);
  assert.ok(!loose.isShort && loose.line !== '5x² - 20', loose.line);
  assert.ok(meetsControls(skill, skill.given.parse(loose.line), controls));
});

test('amounts stay amounts, fractions that cancel stay so, and what begins below 0 does', () => {
  const items = [
    ['decimal-addition', '7.30 + 4.55', 'amounts', true],
    ['mixed-subtraction', '7 1/9 - 2 6/9', 'lowest', false],
    ['factorise-quadratic', '-2x² - 10x - 12', 'leading', -2]
  ] as const;
  for (const [id, line, feature, value] of items) {
    const skill = skillOf(id);
    const given = skill.given.parse(line);
    assert.ok(given, line);
    const part = { skill: id, given, school: Object.keys(skill.schools)[0]!, hold: [] };
    const { forms } = formsOf({ parts: [part], count: 2, seed: 6, avoid: [] });
    for (const [own] of forms) assert.equal(skill.measure(own!.given)[feature], value, line);
  }
});
