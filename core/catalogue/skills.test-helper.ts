import assert from 'node:assert/strict';
import fc from 'fast-check';
import { ANSWER, isShown, printValue, stepOf, valuesOf, type Graph, type Values } from '../working';
import {
  drawItems,
  itemsUnder,
  patternsIn,
  skillOf,
  WorkedItem,
  type Controls,
  type Skill
} from '../skill';
import { skills } from './all';

export { skills };

const seeds = fc.integer({ min: 0, max: 2 ** 32 - 1 });

export const schoolsOf = (skill: Skill): string[] => Object.keys(skill.schools);

/** An item typed on one line, worked. */
export function worked(skillId: string, line: string, school?: string): WorkedItem {
  const skill = skillOf(skillId);
  return new WorkedItem(skill, skill.given.parse(line)!, school ?? schoolsOf(skill)[0]!);
}

/** Keeps what a function gives for a skill and a seed: tests ask for the same again and again. */
function kept<T>(make: (skill: Skill, seed: number) => T): (skill: Skill, seed: number) => T {
  const all = new Map<string, T>();
  return (skill, seed) => {
    const key = `${skill.id} ${seed}`;
    const found = all.get(key) ?? make(skill, seed);
    all.set(key, found);
    return found;
  };
}

/** Items of a skill's own ladder: what is really used. */
export const itemsOf = kept((skill, seed): readonly unknown[] =>
  skill.ladder.flatMap(({ controls }) => {
    const drawn = drawItems(skill, { controls, count: 2, seed });
    assert.ok(drawn.ok);
    return drawn.given;
  })
);

/** Up to forty items under the controls that a pattern of a skill names, by pattern. */
export const itemsShowing = kept((skill, seed) => {
  const drawn = new Map<string, readonly unknown[]>();
  return new Map(
    skill.patterns.map(({ id, shownBy }) => {
      const controls = JSON.stringify(shownBy);
      const items = drawn.get(controls) ?? drawnUpTo(skill, { controls: shownBy, count: 40, seed });
      drawn.set(controls, items);
      return [id, items] as const;
    })
  );
});

/** So many items, or all where there are fewer. */
function drawnUpTo(
  skill: Skill,
  { controls, count, seed }: { controls: Controls; count: number; seed: number }
): readonly unknown[] {
  const drawn = drawItems(skill, { controls, count, seed });
  if (drawn.ok) return drawn.given;
  const left = Number(itemsUnder(skill, controls).count);
  const all = drawItems(skill, { controls, count: left, seed });
  assert.ok(all.ok, `${skill.id} ${JSON.stringify(controls)}`);
  return all.given;
}

const workedItemsOf = kept((skill, seed) =>
  itemsOf(skill, seed).flatMap((given) =>
    schoolsOf(skill).map((school) => new WorkedItem(skill, given, school))
  )
);

/** Up to 600 different items of each rung of a ladder. */
export const rungsOf = kept((skill, seed) =>
  skill.ladder.map(({ kind, count, controls }) => {
    const most = Number(itemsUnder(skill, controls).usable);
    const draw = drawItems(skill, {
      ...{ controls, seed, allDifferent: true },
      count: Math.min(600, most)
    });
    assert.ok(draw.ok, `${skill.id} ${kind}`);
    return { name: `${skill.id} ${kind}`, kind, count, items: draw.given };
  })
);

/** What is written by one who has these values, step by step: the steps that are not rightly left out. */
export function linesOf(graph: Graph, values: Values): (readonly [string, string])[] {
  return graph.steps.flatMap((step) => {
    const text = printValue(step, values.get(step.id));
    return text !== undefined && isShown(step, values.get(step.id)) ? [[step.id, text]] : [];
  });
}

/** Checks items of every skill's ladder in every school, from fixed seeds. */
export function forItems(check: (item: WorkedItem) => void, numRuns = 3): void {
  for (const skill of skills) {
    fc.assert(
      fc.property(seeds, (seed) => {
        for (const item of workedItemsOf(skill, seed)) check(item);
      }),
      // Shrinking would draw every ladder again and again.
      { numRuns, seed: 1852, endOnFailure: true }
    );
  }
}

/**
 * The answers of error patterns on one item: `=` where they make no difference, `-` where they cannot be
 * carried out; patterns that the school does not have are left out.
 */
export function patternAnswers(item: WorkedItem): Record<string, string> {
  const step = stepOf(item.graph, ANSWER);
  return Object.fromEntries(
    patternsIn(item.skill, item.school).map((pattern) => {
      const wrong = item.wrong(pattern);
      const text = printValue(step, wrong && valuesOf(wrong)(ANSWER)) ?? '-';
      return [pattern.id, text === item.answer ? '=' : text];
    })
  );
}

/**
 * Checks answers of patterns that were worked by hand, by pattern and line, in every school, or some, that has
 * the pattern; every pattern of the skill must stand in the table.
 */
export function checkPatterns(
  skillId: string,
  table: Readonly<Record<string, readonly (readonly [line: string, answer: string])[]>>,
  inSchools = schoolsOf(skillOf(skillId))
): void {
  const skill = skillOf(skillId);
  assert.deepEqual(Object.keys(table).sort(), skill.patterns.map(({ id }) => id).sort());
  for (const [id, lines] of Object.entries(table)) {
    const { schools = inSchools } = skill.patterns.find((pattern) => pattern.id === id)!;
    for (const school of schools.filter((one) => inSchools.includes(one))) {
      for (const [line, expected] of lines) {
        const answers = patternAnswers(worked(skillId, line, school));
        assert.equal(answers[id], expected, `${line} ${id} in ${school}`);
      }
    }
  }
}
