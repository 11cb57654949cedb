import { independent, accuracy, method, schemeOf, type Scheme } from '../../../schemes';
import { ANSWER, chainSheet, type Layout, type Piece } from '../../../working';
import type { HouseStyle } from '../../../house-style';
import { defineSkill, rung } from '../../../skill/define';
import type { Controls } from '../../../skill/controls';
import type { Skill } from '../../../skill/skill';
import { modelOf } from './bars';
import { card } from './card';
import type { Context } from './context';
import { problemPatterns } from './errors';
import { arithmeticFeatures, problemFeatures } from './features';
import { problemGiven } from './given';
import type { WordProblem } from './problem-shape';
import { isUnitAsked, lookAt, type Look } from './look';
import { measuring } from './measure';
import { conversionsIn, World, type Problem } from './problem';
import { problemItems } from './space';
import { textOf, writeQuantity } from './text';
import { convertId, operationId, resultId, sourcesOf } from './sources';
import { problemSteps } from './working';
import { operationEarns } from './words';

/** The contexts in which problems are told, and those of before, whose problems are still read. */
export interface Contexts {
  readonly told: readonly Context[];
  readonly past?: readonly Context[];
}

/** Word problems of some contexts, worked by these skills. It is made when they are loaded. */
export function problemsWith(skills: readonly Skill[], { told, past }: Contexts): Skill {
  const world = new World(told, past);
  const measure = measuring(skills);
  const problem = (given: WordProblem): Problem => world.problem(given)!;
  return defineSkill<WordProblem, Look>({
    card,
    given: problemGiven(world),
    look: (given) => lookAt(problem(given)),
    features: { ...problemFeatures(world), ...arithmeticFeatures(skills, measure) },
    items: problemItems(world, skills, measure),
    working: { told: (given) => problemSteps(problem(given)) },
    sheet: (given, _school, style) => problemSheet(problem(given), style),
    marks: (given) => problemMarks(problem(given)),
    earns: (first, given) => earnedBy(problem(given), first),
    // Forms of a problem are of the same situation, operations and arithmetic.
    marksTell: ['measure', 'situation', 'operations', 'arithmetic'],
    patterns: problemPatterns(world, skills),
    prompt: (_line, style, given) => textOf(problem(given), style),
    difficulty: {
      constant: -2.6,
      steps: 1.1,
      numbers: { whole: 0, decimals: 0.7, fractions: 1.1 },
      language: { inconsistent: 0.6, neutral: 0.2 },
      distractors: 0.3,
      hidden: 0.3,
      convert: 0.6,
      remainder: { up: 0.6, down: 0.6, left: 0.4, both: 0.4 }
    },
    seconds: { constant: 20, steps: 25, distractors: 4, convert: 10 },
    model: (given, style, shown) => modelOf(problem(given), style, shown),
    evenly: ['situation', 'context'],
    ladder: ladder()
  });
}

/** The calculations one under the other, each with its result, and a line for the answer. */
function problemSheet({ plot, amounts }: Problem, style: HouseStyle): Layout {
  const conversions = conversionsIn(plot);
  const lines = plot.moves.flatMap((_, at): Piece[][] => [
    ...conversions.flatMap(({ move, id }, place): Piece[][] => {
      if (move !== at) return [];
      const told = plot.told.find((one) => one.id === id);
      const from = told && writeQuantity(plot.context, { ...told, amount: amounts[id]! }, style);
      const step: Piece[] = [{ sign: '=' }, { step: convertId(place), width: 4 }];
      return [from ? [{ given: from, width: 5 }, ...step] : [{ room: 5 }, ...step]];
    }),
    [{ step: operationId(at), width: 8 }, { sign: '=' }, { step: resultId(at), width: 4 }]
  ]);
  const answer: Piece[] = [
    { heading: 'Answer', width: 3 },
    { step: ANSWER, width: 7 }
  ];
  return { ...chainSheet([...lines, answer]), isAlwaysPrinted: true };
}

/** A method mark for each operation, one for the answer, and one for its unit where it has to be written. */
function problemMarks({ plot }: Problem): Scheme {
  const conversions = conversionsIn(plot);
  const methods = plot.moves.map((_, at) =>
    method(
      operationId(at),
      ...conversions.flatMap(({ move }, place) => (move === at ? [convertId(place)] : []))
    )
  );
  return schemeOf(
    ...methods,
    accuracy(),
    ...(isUnitAsked(plot) ? [independent('unit', { form: ['unit'] })] : [])
  );
}

/** What earns the mark of an operation, in a marker's words. */
function earnedBy(problem: Problem, first: string): string | undefined {
  const at = problem.plot.moves.findIndex((_, place) => operationId(place) === first);
  if (at < 0) return first === 'unit' ? `the unit of the answer` : undefined;
  const texts = sourcesOf(problem, at).map(({ told, step }) => told?.text ?? named(step!));
  return operationEarns(problem.plot.moves[at]!.operation, texts);
}

const named = (step: string): string =>
  step.startsWith('convert') ? 'the number in the other unit' : 'the result before';

/** From one operation as it is told to several, with words that mislead and numbers that are not needed. */
function ladder() {
  const plain: Controls = { steps: 1, distractors: 0, hidden: 0, convert: 0, remainder: ['none'] };
  const whole: Controls = { numbers: ['whole'] };
  return [
    rung('worked-example', 1, {
      ...{ ...plain, ...whole, language: ['consistent'] },
      ...{ arithmetic: ['column-subtraction'], 'column-subtraction/regroupings': { min: 1 } }
    }),
    rung('gaps', 1, {
      ...{ ...plain, ...whole, language: ['inconsistent'] },
      ...{ arithmetic: ['column-addition'], 'column-addition/carries': { min: 1 } }
    }),
    rung('set-out', 4, { ...plain, numbers: ['decimals'], language: ['consistent'] }),
    rung('bare', 4, { ...plain, numbers: ['decimals'], language: ['inconsistent'] }),
    rung('harder', 4, { ...plain, ...whole, steps: 2, language: ['inconsistent'] }),
    rung('challenge', 3, {
      ...{ steps: 2, hidden: 0, remainder: ['none'] },
      ...{ numbers: ['decimals'], distractors: 1, language: ['inconsistent'] }
    })
  ];
}

export { arithmeticSkills } from './arithmetic';
export { contextShape, type Context } from './context';
export { contextProblems, type ContextProblem } from './context-problems';
export { contexts } from './contexts';
