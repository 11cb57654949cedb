import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { goalOf } from './goal';

test('items that have to be looked for cost more than any that are at hand; the rest is the seed’s', () => {
  fc.assert(
    fc.property(
      fc.array(fc.boolean(), { minLength: 1, maxLength: 40 }),
      fc.nat(),
      (atHand, seed) => {
        const classes = atHand.map((isAtHand) => ({ isAtHand }));
        const goal = goalOf(classes, seed);
        assert.deepEqual(goalOf(classes, seed), goal);
        const costs = (own: boolean) => goal.filter((_, at) => atHand[at] === own);
        assert.ok(Math.max(...costs(true), -Infinity) < Math.min(...costs(false), Infinity));
        // Taking one twice costs more than any tie is worth.
        assert.ok(Math.max(...goal) - Math.min(...goal) <= 15);
      }
    )
  );
  const same = Array.from({ length: 20 }, () => ({ isAtHand: true }));
  assert.notDeepEqual(goalOf(same, 1), goalOf(same, 2));
});
