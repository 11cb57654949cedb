import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { itemsShowing, skills } from '../catalogue/skills.test-helper';
import { markItem } from '../marking';
import { patternKey, patternsIn, WorkedItem, type Skill } from '../skill';
import { ANSWER, cellOf } from '../working';
import { defaultHouseStyle } from '../house-style';
import { optionsOf } from './choice';
import { canShow } from './row-facts';

/** Up to six items on which a pattern shows, in a school that has it. */
function itemsOf(skill: Skill, id: string): WorkedItem[] {
  const school = Object.keys(skill.schools).find((own) =>
    patternsIn(skill, own).some((pattern) => pattern.id === id)
  )!;
  return itemsShowing(skill, 5)
    .get(id)!
    .map((given) => new WorkedItem(skill, given, school))
    .filter((item) => item.showing().some(({ pattern }) => pattern.id === id))
    .slice(0, 6);
}

const all = skills.flatMap((skill) =>
  skill.patterns.map((pattern) => ({ skill, pattern, items: itemsOf(skill, pattern.id) }))
);

test('every pattern can show on an answer alone, and in working that the pupil sets out', () => {
  for (const { skill, pattern, items } of all) {
    assert.ok(items.length > 0, `${skill.id}/${pattern.id}`);
    for (const item of items) {
      for (const kind of ['bare', 'show-working'] as const) {
        assert.ok(canShow(item, { kind }).includes(patternKey(skill.id, pattern.id)));
      }
    }
  }
});

test('on a choice a pattern can show exactly where an option carries it, and that option is named so', () => {
  for (const { skill, pattern, items } of all) {
    const key = patternKey(skill.id, pattern.id);
    for (const item of items) {
      const options = optionsOf(skill, item.given, item.school, 3);
      const own = options?.find((option) => option.pattern === key);
      assert.equal(canShow(item, { kind: 'choice', options }).includes(key), own !== undefined);
      if (!own) continue;
      const { diagnosis } = markItem(item, { answer: own.text });
      assert.ok(
        diagnosis.some(({ patterns }) => patterns.includes(pattern.id)),
        key
      );
    }
  }
});

test('printed set out, a pattern can show unless it goes wrong in setting out', () => {
  for (const { skill, pattern, items } of all) {
    for (const item of items) {
      const shown = canShow(item, { kind: 'set-out' }).includes(patternKey(skill.id, pattern.id));
      assert.equal(shown, pattern.isInSettingOut !== true, `${skill.id}/${pattern.id}`);
      // What it changes has a square, unless it is the answer, that stands apart, or is never written.
      if (!shown) continue;
      const layout = item.layout(defaultHouseStyle);
      const changed = Object.keys(item.instead(pattern) ?? {});
      const hasPlace = changed.some((id) => id === ANSWER || cellOf(layout, id) !== undefined);
      assert.ok(changed.length === 0 || hasPlace, `${skill.id}/${pattern.id}`);
    }
  }
});
