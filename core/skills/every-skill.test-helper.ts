import assert from 'node:assert/strict';
import fc from 'fast-check';
import { drawItems, skills, type Skill } from '.';

const seeds = fc.integer({ min: 0, max: 2 ** 32 - 1 });

/** Items of a skill's own ladder: what is really used. */
export function itemsOf(skill: Skill, seed: number): unknown[] {
  return skill.ladder.flatMap(({ controls }) => {
    const drawn = drawItems(skill, { controls, count: 2, seed });
    assert.ok(drawn.ok);
    return drawn.given;
  });
}

export function forItems(
  check: (skill: Skill, given: unknown, school: string) => void,
  numRuns = 6
): void {
  for (const skill of skills) {
    fc.assert(
      fc.property(seeds, (seed) => {
        for (const given of itemsOf(skill, seed)) {
          for (const school of skill.schools) check(skill, given, school);
        }
      }),
      // Shrinking would draw every ladder again and again.
      { numRuns, endOnFailure: true }
    );
  }
}
