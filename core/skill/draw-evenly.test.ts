import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { drawEvenly, drawItems, meetsControls, skillOf } from '.';

const skill = skillOf('word-problem');
const plain = { steps: 1, distractors: 0, hidden: 0, convert: 0 };

/** How often each value of a feature occurs among some items. */
function tally(given: readonly unknown[], feature: string): Map<string, number> {
  const counts = new Map<string, number>();
  for (const item of given) {
    for (const value of [skill.measure(item)[feature]!].flat().map(String)) {
      counts.set(value, (counts.get(value) ?? 0) + 1);
    }
  }
  return counts;
}

test('situations and contexts occur as often as each other, whatever the seed', () => {
  for (const seed of [1, 2, 3]) {
    const drawn = drawEvenly(skill, { controls: plain, count: 24, seed });
    assert.ok(drawn.ok);
    const [situations, contexts] = ['situation', 'context'].map((id) => [
      ...tally(drawn.given, id).values()
    ]);
    assert.equal(situations!.length, 6);
    assert.equal(contexts!.length, 12);
    assert.ok(Math.max(...situations!) - Math.min(...situations!) <= 2, situations!.join());
    assert.ok(Math.max(...contexts!) - Math.min(...contexts!) <= 1, contexts!.join());
  }
});

test('what is controlled is not spread, and every item meets the controls', () => {
  const controls = { ...plain, situation: ['compare'], context: ['bakery', 'pond'] };
  const drawn = drawEvenly(skill, { controls, count: 10, seed: 5 });
  assert.ok(drawn.ok);
  assert.ok(drawn.given.every((given) => meetsControls(skill, given, controls)));
  assert.equal(new Set(drawn.given.map((given) => skill.itemKey(given))).size, 10);
});

test('a skill that spreads nothing is drawn as ever', () => {
  const sums = skillOf('column-addition');
  const request = { controls: { digits: 3 }, count: 5, seed: 9 };
  assert.deepEqual(drawEvenly(sums, request), drawItems(sums, request));
});
