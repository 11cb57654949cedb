import assert from 'node:assert/strict';
import { test } from 'node:test';
import { difficultyOf, WorkedItem } from '../skill';
import { rungsOf, schoolsOf, skills } from './skills.test-helper';

test('each ladder rises from rung to rung; a rung is narrow and has a choice of items', () => {
  for (const skill of skills) {
    let before = -Infinity;
    for (const { name, kind, count, items } of rungsOf(skill, 11)) {
      const all = items.map((given) => difficultyOf(skill.weights, skill.measure(given)));
      const mean = all.reduce((sum, value) => sum + value, 0) / all.length;
      assert.ok(mean > before, `${name}: ${mean} after ${before}`);
      before = mean;
      const width = Math.max(...all) - Math.min(...all);
      assert.ok(kind === 'challenge' || width <= 1.5, `${name} is ${width} wide`);
      assert.ok(items.length >= Math.max(10, 4 * count), `${name} has ${items.length} items`);
    }
  }
});

test('no rung holds an item in which nothing can go wrong', () => {
  for (const skill of skills) {
    for (const { name, items } of rungsOf(skill, 11)) {
      // Patterns are dear to work out: a part of the items is looked at.
      for (const given of items.slice(0, 60)) {
        const item = new WorkedItem(skill, given, schoolsOf(skill)[0]!);
        assert.ok(item.showing().length > 0, `${name}: ${skill.given.print(given)}`);
      }
    }
  }
});
