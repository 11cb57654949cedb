import { ratio, writtenRatio } from '../../../numbers/ratio';
import type { Controls } from '../../../skill/controls';
import type { Declaration } from '../../../skill/define';
import type { ErrorPattern, Skill } from '../../../skill/skill';
import { WorkedItem } from '../../../skill/worked-item';
import { keepRecent } from '../../../spaces';
import { ANSWER, stepOf, usingValues, valuesOf, type Replacements } from '../../../working';
import { SCALE } from './amount';
import type { Amount } from './answer';
import { skillFor, type ArithmeticSkill, type Sum } from './arithmetic';
import type { Expression } from './expression';
import type { Look } from './look';
import { itemOfSum } from './measure';
import { lineOf, type Problem } from './problem';
import type { WordProblem } from './problem-shape';
import { operationId, resultId } from './sources';

type Patterns = Declaration<WordProblem, Look>['patterns'];

/** Calculations worked by their skills, the last few: all patterns of a skill are asked one after the other. */
const recentItems = keepRecent<WorkedItem>(60);

/** The patterns of each arithmetic skill, in every operation that it works. */
export function arithmeticPatterns(
  skills: readonly Skill[],
  problem: (given: WordProblem) => Problem
): Patterns {
  return Object.fromEntries(
    skills.flatMap((skill) =>
      skill.patterns.map((pattern) => [
        `${skill.id}/${pattern.id}`,
        {
          title: (style) =>
            `${skill.title}: ${lowerFirst(typeof pattern.title === 'string' ? pattern.title : pattern.title(style))}`,
          reading: pattern.reading,
          shownBy: {
            ...{ steps: 1, distractors: 0, hidden: 0, arithmetic: [skill.id] },
            ...prefixed(skill.id, pattern.shownBy)
          },
          instead: (given) => inEverySum(problem(given), skill, pattern)
        } satisfies Patterns[string]
      ])
    )
  );
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

const prefixed = (skill: string, controls: Controls): Controls =>
  Object.fromEntries(Object.entries(controls).map(([id, control]) => [`${skill}/${id}`, control]));

function inEverySum(
  problem: Problem,
  skill: Skill,
  pattern: ErrorPattern
): Replacements | undefined {
  const places = problem.worked.flatMap((worked, at) => (worked.skill === skill.id ? [at] : []));
  if (places.length === 0) return undefined;
  return Object.fromEntries(
    places.map((at) => [
      resultId(at),
      usingValues<[Expression]>([operationId(at)], (written) =>
        wrongResult(problem.worked[at]!.sum, written, skill, pattern)
      )
    ])
  );
}

/** What a pattern of the arithmetic makes of a calculation, of the pupil's own numbers too. */
function wrongResult(
  { operation, notation }: Sum,
  written: Expression,
  skill: Skill,
  pattern: ErrorPattern
): Amount | undefined {
  const amounts = written.numbers.map(({ top, bottom }) => (Number(top) * SCALE) / Number(bottom));
  if (!amounts.every((amount) => Number.isSafeInteger(amount) && amount > 0)) return undefined;
  if (written.signs.some((sign) => sign !== operation)) return undefined;
  const sum: Sum = { operation, amounts, notation };
  // Own numbers that another skill would work, or none, have not this pattern.
  if (skillFor(sum) !== (skill.id as ArithmeticSkill)) return { worth: written.worth };
  const school = pattern.schools?.[0] ?? Object.keys(skill.schools)[0]!;
  const item = recentItems(
    `${skill.id} ${school} ${lineOf(sum)}`,
    () => new WorkedItem(skill, itemOfSum(skill, sum), school)
  );
  const wrong = item.wrong(pattern);
  if (!wrong) return undefined;
  const value = valuesOf(wrong)(ANSWER);
  return value === undefined ? undefined : amountIn(stepOf(wrong, ANSWER).reading.print(value));
}

/** The result of a calculation as its skill writes it: `1238`, `16 r 4`, `2 1/3`. */
function amountIn(text: string): Amount | undefined {
  const [, quotient, left] = /^(\d+) r (\d+)$/.exec(text) ?? [];
  if (quotient !== undefined) return { worth: ratio(BigInt(quotient)), left: BigInt(left!) };
  const worth = writtenRatio(text);
  return worth && { worth };
}
