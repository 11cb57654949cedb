import assert from 'node:assert/strict';
import { test } from 'node:test';
import { seededRandom } from '../spaces';
import { likelyPatterns, patternEvidence, type Observation } from '.';

const PATTERNS = ['a', 'b', 'c', 'd', 'e', 'f'];
const PUPILS = 300;

/** Twenty choices with three wrong options each; a pupil picks one, or the right one where nothing is given. */
function script(
  seed: number,
  pick: (options: readonly string[], chance: () => number) => string | undefined
) {
  const random = seededRandom(seed);
  const chance = () => (random.next() >>> 0) / 2 ** 32;
  return Array.from({ length: 20 }, (): Observation => {
    const options = PATTERNS.map((pattern) => [chance(), pattern] as const)
      .sort(([one], [other]) => one - other)
      .slice(0, 3)
      .map(([, pattern]) => pattern);
    const picked = pick(options, chance);
    return {
      ...{ couldShow: options, didShow: picked === undefined ? [] : [picked] },
      ...{ right: picked === undefined, isPicked: true }
    };
  });
}

const named = (seen: readonly Observation[]) =>
  likelyPatterns(patternEvidence(seen)).map(({ pattern }) => pattern);

const any = (options: readonly string[], chance: () => number) =>
  options[Math.floor(chance() * 3)]!;

test('of pupils who guess among choices, at most one in a hundred is named a pattern', () => {
  for (const knows of [0.25, 0.5, 0.75]) {
    const found = Array.from({ length: PUPILS }, (_, seed) =>
      named(
        script(seed, (options, chance) => (chance() < knows ? undefined : any(options, chance)))
      )
    ).filter((patterns) => patterns.length > 0);
    assert.ok(found.length <= PUPILS / 100, `${found.length} of ${PUPILS} who know ${knows}`);
  }
});

test('who holds a pattern is found among choices', () => {
  const found = Array.from({ length: PUPILS }, (_, seed) =>
    named(
      script(seed, (options, chance) => {
        if (options.includes('a') && chance() < 0.8) return 'a';
        return chance() < 0.08 ? any(options, chance) : undefined;
      })
    )
  ).filter((patterns) => patterns.join() === 'a');
  assert.ok(found.length >= 0.95 * PUPILS, `${found.length} of ${PUPILS}`);
});
