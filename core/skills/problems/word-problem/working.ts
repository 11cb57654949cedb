import { added, printedRatio, ratio, times, type Ratio } from '../../../numbers/ratio';
import { stepOn, usingValues, type Step } from '../../../working';
import { ratioOfAmount } from './amount';
import { answerReading, type Amount, type Answering } from './answer';
import { answerStep, sentenceStep, unitStep } from './answer-steps';
import { expressionOf, expressionReading, type Expression } from './expression';
import {
  afterRoute,
  inOwnUnit,
  inUsualUnit,
  isAnotherWay,
  isMiscopied,
  routeTaken
} from './other-ways';
import { conversionsIn, type Problem } from './problem';
import { convertId, numbersAt, operationId, resultId, sourcesOf } from './sources';
import { writeQuantity } from './text';
import { factorOf, units } from './units';
import { conversionSays, operationSays } from './words';

/** The steps of a problem: conversions, operations with what they give, and the answer with its unit. */
export function problemSteps(problem: Problem): Step[] {
  const { plot } = problem;
  const conversions = conversionsIn(plot);
  const steps = plot.moves.flatMap((move, at): Step[] => [
    ...conversions.flatMap((one, place) =>
      one.move === at ? [conversionStep(problem, place, one)] : []
    ),
    operationStep(problem, at),
    resultStep(problem, at)
  ]);
  return [...steps, unitStep(problem), sentenceStep, answerStep(problem)];
}

function conversionStep(
  problem: Problem,
  place: number,
  { move, use, id }: { move: number; use: number; id: string }
): Step {
  const { plot } = problem;
  const from = plot.moves[move]!.ownUnits[use]!;
  const to = plot.moves[move]!.inUnits[use]!;
  const found = plot.moves.findIndex((one) => one.id === id);
  const [top, bottom] = factorOf(from, to)!;
  const converted = (worth: Ratio): Amount => ({
    worth: times(worth, ratio(BigInt(top), BigInt(bottom)))
  });
  const rule =
    found >= 0
      ? usingValues<[Amount]>([resultId(found)], ({ worth }) => converted(worth))
      : usingValues([], () => converted(ratioOfAmount(problem.amounts[id]!)));
  return stepOn(convertId(place), rule, {
    reading: answerReading(answering(problem, to)),
    label: `In ${nameOf(problem, to)}`,
    says: ({ value, style }) =>
      conversionSays(told(problem, id, style) ?? from, value, nameOf(problem, to))
  });
}

function told({ plot, amounts }: Problem, id: string, style: Parameters<typeof writeQuantity>[2]) {
  const quantity = plot.told.find((one) => one.id === id);
  return quantity && writeQuantity(plot.context, { ...quantity, amount: amounts[id]! }, style);
}

const nameOf = ({ plot }: Problem, unit: string): string =>
  units[unit]?.many ?? plot.context.things[unit]?.[1] ?? unit;

const answering = ({ plot }: Problem, unit: string): Answering => ({
  context: plot.context,
  unit,
  notation: 'number'
});

function operationStep(problem: Problem, at: number): Step {
  const { plot } = problem;
  const move = plot.moves[at]!;
  const sources = sourcesOf(problem, at);
  const before = problem.plot.moves.slice(0, at).flatMap((_, i) => [operationId(i), resultId(i)]);
  const own = sources.flatMap(({ step }) => step ?? []);
  const beside = at > 0 ? sourcesOf(problem, at - 1).flatMap(({ step }) => step ?? []) : [];
  const uses = [...new Set([...before, ...own, ...beside])];
  return stepOn(
    operationId(at),
    {
      uses,
      rule(get) {
        const route = at > 0 ? routeTaken(problem, at - 1, get) : undefined;
        if (route) return afterRoute(problem, at - 1, route, get);
        const numbers = numbersAt(sources, get);
        const made = numbers && expressionOf(move.operation, numbers);
        // What comes to nothing, or to less, is no quantity.
        return made && made.worth.top > 0n ? made : undefined;
      }
    },
    {
      reading: expressionReading,
      isMethod: true,
      isSlip: (written, own) =>
        isMiscopied(problem, at, { written: written as Expression, own: own as Expression }),
      meant: (written, own) => inUsualUnit(written as Expression, own as Expression | undefined),
      accepts: (value, get) => isAnotherWay(problem, at, value as Expression, get),
      label: plot.moves.length > 1 ? `Calculation ${at + 1}` : 'Calculation',
      says: ({ value }) => operationSays(move, value)
    }
  );
}

const isLeftAt = ({ plot }: Problem, at: number): boolean =>
  plot.remainder !== 'none' && at === plot.moves.length - 1;

function resultStep(problem: Problem, at: number): Step {
  const { plot } = problem;
  const { gives, unit } = plot.moves[at]!;
  const hasLeft = isLeftAt(problem, at);
  const divisor = hasLeft ? ratioOfAmount(problem.worked[at]!.sum.amounts[1]!) : undefined;
  return stepOn(
    resultId(at),
    usingValues<[Expression]>([operationId(at)], ({ worth, scale }) => {
      if (divisor) return withLeft(worth, divisor);
      const isWritten = gives.notation === 'mixed' || isEnding(worth);
      return isWritten ? { worth, ...(scale && { scale }) } : undefined;
    }),
    {
      reading: answerReading({
        ...answering(problem, gives.unit),
        notation: gives.notation,
        ...(hasLeft && { leftOf: unit })
      }),
      quantity: plot.moves[at]!.id,
      meant: (value, own) => inOwnUnit(value as Amount, own as Amount | undefined),
      writes: (value) => quotientText(value as Amount),
      label: plot.moves.length > 1 ? `Result ${at + 1}` : 'Result',
      says: ({ of, value }) => `${of(operationId(at))} = ${value}.`
    }
  );
}

/** Whether a number ends within the places that a calculation is carried to. */
const isEnding = (worth: Ratio): boolean => !printedRatio(worth).includes('/');

/** A quotient with what is left as a pupil writes it in the working. */
const quotientText = ({ worth, left }: Amount): string | undefined =>
  left === undefined ? undefined : `${worth.top} r ${left}`;

/** The whole part of a quotient, and what is left of the dividend. */
function withLeft(worth: Ratio, divisor: Ratio): Amount {
  const whole = worth.top / worth.bottom;
  const rest = times(added(worth, ratio(-whole)), divisor);
  return { worth: ratio(whole), left: rest.top / rest.bottom };
}
