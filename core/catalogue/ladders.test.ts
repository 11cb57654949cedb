import assert from 'node:assert/strict';
import { test } from 'node:test';
import { difficultyOf, drawItems, itemsUnder, WorkedItem, type Features } from '../skill';
import { kept, schoolsOf, skills } from './skills.test-helper';

/** Up to 600 different items of each rung of a ladder. */
const rungsOf = kept((skill, seed) =>
  skill.ladder.map(({ kind, count, controls }) => {
    const most = Number(itemsUnder(skill, controls).usable);
    const draw = drawItems(skill, {
      ...{ controls, seed, orderless: true },
      count: Math.min(600, most)
    });
    assert.ok(draw.ok, `${skill.id} ${kind}`);
    return { name: `${skill.id} ${kind}`, kind, count, items: draw.given };
  })
);

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

const answerOf = (item: WorkedItem) => Number(item.answer);

/** What a coordinator strikes out of a ladder (common practice); a skill without a line here is only looked at for all. */
const struckOut: Readonly<Record<string, (item: WorkedItem, features: Features) => boolean>> = {
  'column-addition': (_, { carries }) => carries === 0,
  'column-subtraction': (item, { regroupings }) => regroupings === 0 || answerOf(item) < 10,
  'short-multiplication': (_, { carries }) => carries === 0,
  'long-multiplication': (_, { carries, multiplierZeros }) =>
    carries === 0 || multiplierZeros !== 0,
  'decimal-addition': (_, { carries, wholeDigits }) => carries === 0 || Number(wholeDigits) > 2,
  'decimal-subtraction': (_, { regroupings, wholeDigits, belowOne }) =>
    regroupings === 0 || Number(wholeDigits) > 3 || belowOne === true,
  'decimal-multiplication': (_, { carries, productPad }) => carries === 0 || Number(productPad) > 1,
  'decimal-division': (_, { quotientDigits, divisor }) =>
    Number(quotientDigits) < 2 || Number(divisor) === 2,
  'long-division': (item, { carried, divisor }) =>
    carried === 0 || Number(divisor) % 10 === 0 || parseInt(item.answer) < 10,
  'short-division': (item, { carried, quotientZeros }) =>
    (carried === 0 && quotientZeros === 0) || parseInt(item.answer) < 10,
  'near-multiple-subtraction': (item, { digits, suited, crosses }) =>
    !suited || !crosses || Number(digits) > 4 || answerOf(item) < 10,
  'square-ending-five': (_, { digits }) => Number(digits) > 3,
  'order-decimals': (_, { count, placed, wholeSpan, longerTraps, shorterTraps }) =>
    placed === count || Number(wholeSpan) > 1 || Number(longerTraps) + Number(shorterTraps) === 0,
  'mixed-addition': (_, { largestWhole, friendly, regroups, makesWhole }) =>
    Number(largestWhole) > 12 || !friendly || !regroups || makesWhole === true,
  'mixed-subtraction': (_, { largestWhole, friendly, regroups, wholeVanishes }) =>
    Number(largestWhole) > 12 || !friendly || !regroups || wholeVanishes === true,
  'factorise-quadratic': (_, { largest, factorable }) => Number(largest) > 60 || !factorable
};

test('no rung holds what a coordinator would strike out, or an item in which nothing can go wrong', () => {
  for (const skill of skills) {
    for (const { name, items } of rungsOf(skill, 11)) {
      items.forEach((given, at) => {
        const item = new WorkedItem(skill, given, schoolsOf(skill)[0]!);
        const text = `${name}: ${skill.given.print(given)}`;
        assert.ok(!struckOut[skill.id]?.(item, skill.measure(given)), text);
        // Patterns are dear to work out: a part of the items is looked at.
        if (at < 60) assert.ok(item.showing().length > 0, text);
      });
    }
  }
});
