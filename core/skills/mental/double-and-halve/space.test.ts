import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, Wanted } from '../../../skill';
import {
  numbersFrom,
  pairsOf,
  ranksAsListed,
  sized
} from '../../../skill/space-checks.test-helper';
import '../../../catalogue/all';

test('double-and-halve: the space is all pairs, and what is asked of them holds of those that a walk finds', () => {
  const skill = skillOf('double-and-halve');
  assert.equal(skill.items(new Wanted(skill.features)).count, 998n * 998n);
  const controls = { suited: true, halvings: sized(2, 2), doublingCarries: sized(1, 2) };
  const wanted = new Wanted(skill.features, controls);
  const listed = pairsOf(numbersFrom(2, 999))
    // Both end at ten or less after two halvings.
    .filter(([left, right]) => Number(left) <= 40 && Number(right) <= 40)
    .map(([left, right]) => ({ left, right }))
    .filter((given) => wanted.meets(skill.measure(given)));
  ranksAsListed(skill.items(wanted), listed, skill.given.print);
});
