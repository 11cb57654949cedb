import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cards } from '../catalogue';
import { skills } from '../catalogue/all';
import { itemsUnder, type Skill } from './skill';
import { countSuiting } from './count-suited';

/** Spaces of more items than this are not listed. */
const MOST_LISTED = 30_000n;

const ways = skills.filter(({ id }) => cards.find((card) => card.id === id)?.operation);

/** Features that say how long the numbers of a skill are; some skills have only that of the longer, or of a target. */
const SIZES = ['targetDigits', 'digits', 'shortest', 'changeDigits'];

/** Whether the numbers have so many digits: the target where there is one, else all that is counted. */
function isOfSize(skill: Skill, given: unknown, digits: number): boolean {
  const features = skill.measure(given);
  const told = SIZES.filter((name) => name in features);
  const asked = told[0] === 'targetDigits' ? told.slice(0, 1) : told;
  if (asked.length > 0) return asked.every((name) => features[name] === digits);
  return (skill.given.operands?.(given) ?? []).every(({ length }) => length === digits);
}

/** Every item of a size, looked at one by one. */
function listed(skill: Skill, digits: number) {
  const { count, at } = itemsUnder(skill, {}).ranked();
  let [all, suit] = [0n, 0n];
  for (let rank = 0n; rank < count; rank++) {
    const given = at(rank);
    if (!isOfSize(skill, given, digits)) continue;
    all++;
    if (skill.suits(given)) suit++;
  }
  return { all, suit };
}

test('of small spaces, the sums of a size and those that suit are those of a list of all', () => {
  const small = ways.filter((skill) => itemsUnder(skill, {}).count <= MOST_LISTED);
  assert.ok(small.length >= 3);
  for (const skill of small) {
    for (const digits of [1, 2, 3]) {
      const { all, suit } = countSuiting(skill, digits);
      assert.deepEqual({ all, suit }, listed(skill, digits), `${skill.id}, ${digits} digits`);
    }
  }
});

test('of a size that no sum has there are none, and never more suit than there are', () => {
  for (const skill of ways) {
    assert.deepEqual(countSuiting(skill, 40), { all: 0n, suit: 0n }, skill.id);
    const { all, suit } = countSuiting(skill, 2);
    assert.ok(suit >= 0n && suit <= all, skill.id);
  }
});
