import { printedRatio, ratio, type Ratio } from '../../../numbers/ratio';
import type { Declaration } from '../../../skill/define';
import type { Controls } from '../../../skill/controls';
import type { Skill } from '../../../skill/skill';
import {
  ANSWER,
  constant,
  usingValues,
  type Get,
  type Replacement,
  type Replacements
} from '../../../working';
import { ratioOfAmount } from './amount';
import type { Amount } from './answer';
import { arithmeticPatterns } from './arithmetic-errors';
import { expressionOf, type Expression } from './expression';
import { misleading } from './language';
import type { Look } from './look';
import { conversionsIn, type Problem, type World } from './problem';
import type { WordProblem } from './problem-shape';
import type { PlotMove } from './plot';
import { sentencesOf, sentencesOfMove } from './sentences';
import { convertId, operationId, resultId, sourcesOf } from './sources';
import { besideQuantity } from './text';

type Patterns = Declaration<WordProblem, Look>['patterns'];

/** The error patterns of problems, and those of the arithmetic by which they are worked. */
export function problemPatterns(world: World, skills: readonly Skill[]): Patterns {
  const problem = (given: WordProblem) => world.problem(given)!;
  const own = (
    title: string,
    reading: string,
    shownBy: Controls,
    instead: (problem: Problem) => Replacements | undefined
  ) => ({ title, reading, shownBy, instead: (given: WordProblem) => instead(problem(given)) });
  return {
    'keyword-followed': own(
      'Followed a key word',
      'The operation is the one that a word names, not the one that is needed.',
      { steps: 1, language: ['inconsistent'], distractors: 0 },
      keywordFollowed
    ),
    'stops-after-first-step': own(
      'Stopped after the first step',
      'The first result is given as the answer.',
      { steps: 2, distractors: 0 },
      stopsAfterFirst
    ),
    'all-numbers-added': own(
      'Added all the numbers',
      'Every number that is told is added, whatever it is of.',
      { steps: 1, operations: ['subtraction'], distractors: 1 },
      allAdded
    ),
    'distractor-used': own(
      'Used a number that is not needed',
      'A number that is told and not needed takes the place of one that is.',
      { steps: 1, distractors: 1 },
      distractorUsed
    ),
    'not-converted': own(
      'Did not convert the units',
      'Numbers in different units are worked as they stand.',
      { steps: 1, convert: 1, distractors: 0 },
      notConverted
    ),
    'reversed-operands': own(
      'Turned the numbers round',
      'The numbers of a subtraction or a division are taken in the wrong order.',
      { steps: 1, arithmetic: ['decimal-division'], distractors: 0 },
      reversed
    ),
    'remainder-as-answer': own(
      'Answered with the remainder',
      'What is left is given, where the question asks how many there are.',
      { steps: 1, remainder: ['up', 'down'], distractors: 0 },
      (one) => (isCounted(one) ? withAnswer(one, ({ left }) => left ?? 0n) : undefined)
    ),
    'remainder-not-used': own(
      'Forgot what is left',
      'What is left needs one more, which is not counted.',
      { steps: 1, remainder: ['up'], distractors: 0 },
      (one) => (one.plot.remainder === 'up' ? withAnswer(one, wholePart) : undefined)
    ),
    'remainder-rounded-up': own(
      'Rounded up what does not fill one',
      'What is left counts as one more, though it does not make one.',
      { steps: 1, remainder: ['down'], distractors: 0 },
      (one) =>
        one.plot.remainder === 'down'
          ? withAnswer(one, (result) => wholePart(result) + 1n)
          : undefined
    ),
    ...arithmeticPatterns(skills, problem)
  };
}

const wholePart = ({ worth }: Amount): bigint => worth.top / worth.bottom;

const isCounted = ({ plot }: Problem): boolean => ['up', 'down'].includes(plot.remainder);

/** The answer as something else is made of the last result. */
function withAnswer({ plot }: Problem, value: (result: Amount) => bigint): Replacements {
  const last = resultId(plot.moves.length - 1);
  const rule = usingValues<[Amount]>([last], (result) => ({
    worth: ratio(value(result)),
    unit: plot.unit
  }));
  return { [ANSWER]: rule };
}

/** Other numbers or another operation at a move; undefined where that comes to nothing. */
function operationOn(
  { operation, notation }: Pick<PlotMove, 'operation' | 'notation'>,
  numbers: readonly { text: string; worth: Ratio }[]
): Expression | undefined {
  const made = expressionOf(operation, numbers);
  const isWritten = made && (notation === 'mixed' || isExact(made));
  return isWritten && made.worth.top > 0n ? made : undefined;
}

/** A quotient that does not end within three places is no answer. */
const isExact = ({ worth }: Expression): boolean => /^\d+(\.\d{1,3})?$/.test(printedRatio(worth));

function numbersOf(problem: Problem, at: number, get: Get) {
  const numbers = sourcesOf(problem, at).map(({ step, told }) => {
    if (told) return told;
    const amount = get(step!) as Amount | undefined;
    return amount && { worth: amount.worth, text: printedRatio(amount.worth) };
  });
  return numbers.includes(undefined) ? undefined : (numbers as { text: string; worth: Ratio }[]);
}

const usesAt = (problem: Problem, at: number): string[] =>
  sourcesOf(problem, at).flatMap(({ step }) => step ?? []);

/** A rule in the place of an operation's, from the numbers it has. */
function insteadOf(
  problem: Problem,
  at: number,
  rule: (numbers: { text: string; worth: Ratio }[]) => Expression | undefined
): Replacements {
  return {
    [operationId(at)]: {
      uses: usesAt(problem, at),
      rule: (get) => {
        const numbers = numbersOf(problem, at, get);
        return numbers && rule(numbers);
      },
      accepts: () => false
    }
  };
}

function keywordFollowed(problem: Problem): Replacements | undefined {
  const { plot } = problem;
  const named = plot.moves.map(({ operation }, at) =>
    misleading(sentencesOfMove(plot, at), operation)
  );
  const at = named.findIndex((operation) => operation !== undefined);
  return at < 0
    ? undefined
    : insteadOf(problem, at, (numbers) =>
        plot.remainder === 'left'
          ? undefined
          : operationOn({ ...plot.moves[at]!, operation: named[at]! }, numbers)
      );
}

const nothing: Replacement = constant(undefined);

/** Everything after a move is left undone, and its result is the answer. */
function stopsAfter(problem: Problem, at: number): Replacements {
  const later = problem.plot.moves.slice(at + 1).map((_, place) => at + 1 + place);
  const answer = usingValues<[Amount]>([resultId(at)], ({ worth }) => ({
    worth,
    unit: problem.plot.unit
  }));
  return {
    ...Object.fromEntries(
      later.flatMap((place) => [
        [operationId(place), nothing],
        [resultId(place), nothing]
      ])
    ),
    ...Object.fromEntries(
      conversionsIn(problem.plot).flatMap(({ move }, place) =>
        move > at ? [[convertId(place), nothing]] : []
      )
    ),
    [ANSWER]: answer
  };
}

const stopsAfterFirst = (problem: Problem): Replacements | undefined =>
  problem.plot.moves.length > 1 ? stopsAfter(problem, 0) : undefined;

/** Every number as it is told, in the order of the text. */
function toldNumbers({ plot, amounts, beside }: Problem) {
  const ids = sentencesOf(
    plot,
    beside.map(({ id }) => id)
  ).flatMap(({ quantity }) => quantity ?? []);
  return ids.map((id) => {
    const worth = ratioOfAmount(amounts[id] ?? beside.find((one) => one.id === id)!.amount);
    return { worth, text: printedRatio(worth) };
  });
}

function allAdded(problem: Problem): Replacements {
  const sum = expressionOf('addition', toldNumbers(problem));
  return {
    ...stopsAfter(problem, 0),
    ...Object.fromEntries(
      conversionsIn(problem.plot).map((_, place) => [convertId(place), nothing])
    ),
    [operationId(0)]: { uses: [], rule: () => sum, accepts: () => false },
    [resultId(0)]: usingValues<[Expression]>([operationId(0)], ({ worth }) => ({ worth }))
  };
}

function distractorUsed(problem: Problem): Replacements | undefined {
  const { plot, beside } = problem;
  const [distractor] = beside;
  if (!distractor) return undefined;
  const { unit } = besideQuantity(plot.context, distractor.id, distractor.amount);
  const replaced = plot.told.find((one) => one.unit === unit);
  if (!replaced) return undefined;
  const at = plot.moves.findIndex(({ uses }) => uses.includes(replaced.id));
  const place = plot.moves[at]!.uses.indexOf(replaced.id);
  const worth = ratioOfAmount(distractor.amount);
  return insteadOf(problem, at, (numbers) => {
    const other = numbers.map((number, i) =>
      i === place ? { worth, text: printedRatio(worth) } : number
    );
    return operationOn(plot.moves[at]!, other);
  });
}

/** All conversions left out: the numbers stay as they are told, or as they were found. */
function notConverted(problem: Problem): Replacements | undefined {
  const { plot, amounts } = problem;
  const conversions = conversionsIn(plot);
  if (conversions.length === 0) return undefined;
  return Object.fromEntries(
    conversions.map(({ id }, place) => {
      const found = plot.moves.findIndex((move) => move.id === id);
      const rule =
        found >= 0
          ? usingValues<[Amount]>([resultId(found)], (amount) => amount)
          : constant({ worth: ratioOfAmount(amounts[id]!) });
      return [convertId(place), rule];
    })
  );
}

function reversed(problem: Problem): Replacements | undefined {
  const at = problem.plot.moves.findIndex(
    ({ operation }) => operation === 'subtraction' || operation === 'division'
  );
  // A small number divided by a large one leaves nothing to be counted up or down.
  return at < 0 || problem.plot.remainder !== 'none'
    ? undefined
    : insteadOf(problem, at, (numbers) =>
        operationOn(problem.plot.moves[at]!, numbers.toReversed())
      );
}
