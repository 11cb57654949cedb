import * as z from 'zod/mini';
import { defaultHouseStyle } from '../../../house-style';
import type { GivenForm } from '../../../skill/given/form';
import { givenOf, type World } from './problem';
import { problemShape, type WordProblem } from './problem-shape';
import { readTelling } from './read-telling';
import { textOf } from './text';

/** How problems are given: a list of quantities and operations, from which the text is made and read back. */
export function problemGiven(world: World): GivenForm<WordProblem> {
  const schema = problemShape.check(
    z.refine((given) => {
      const problem = world.problem(given);
      return problem !== undefined && sameJson(givenOf(problem), given);
    }, 'is no problem that can be told')
  );
  const print = (given: WordProblem) => textOf(world.problem(given)!, defaultHouseStyle);
  return {
    schema,
    howToType: 'Write a problem as it is told here, with other numbers or other names.',
    print,
    parse(line) {
      const problem = readTelling(world, line);
      return problem && givenOf(problem);
    },
    itemKey: (given) =>
      [given.context, given.operations.map(({ id }) => id), given.asked, given.quantities]
        .map((part) => JSON.stringify(part))
        .join()
  };
}

/** Whether two givens say the same, in whatever order their fields stand. */
const sameJson = (one: unknown, other: unknown): boolean => sorted(one) === sorted(other);

const sorted = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part
  );
