import { printAmount, readAmount } from './amount';
import { operandsOf, outcomeOf, skillFor, type ArithmeticSkill, type Sum } from './arithmetic';
import type { Context } from './context';
import {
  isIn,
  isWithin,
  MOST_BESIDE,
  shapeOf,
  valuesOf,
  type Plot,
  type PlotMove,
  type Remainder
} from './plot';
import { besideValues, plotsOf } from './plots';
import { besideQuantity, type Telling } from './text';
import { convert } from './units';
import type { WordProblem } from './problem-shape';

/** An operation with its numbers. */
export interface Worked {
  readonly move: PlotMove;
  /** The numbers in the units in which it is worked. */
  readonly sum: Sum;
  readonly skill: ArithmeticSkill;
  readonly value: number;
  readonly left: number;
}

/** A problem with everything that follows from what is told. */
export interface Problem extends Telling {
  readonly worked: readonly Worked[];
}

/** A move with its numbers; undefined where no skill works them, or what comes out is no quantity of this world. */
export function workMove(
  plot: Plot,
  at: number,
  amounts: readonly number[]
): Omit<Worked, 'move'> | undefined {
  const move = plot.moves[at]!;
  const { ownUnits, inUnits, isConverted, operation, notation } = move;
  const converted = isConverted
    ? amounts.map((amount, place) => convert(amount, ownUnits[place]!, inUnits[place]!))
    : amounts;
  if ((converted as readonly (number | undefined)[]).includes(undefined)) return undefined;
  const sum: Sum = { operation, amounts: converted as number[], notation };
  const skill = skillFor(sum);
  const outcome = skill && outcomeOf(sum);
  if (!outcome || !isLeftAs(outcome.left, at === plot.moves.length - 1 ? plot.remainder : 'none')) {
    return undefined;
  }
  // Where a told number comes out of the others, it is from the numbers of the result that it comes: those are listed.
  if (move.made && move.gives.isMade) return undefined;
  const isFound = move.made ? isIn(outcome.value, move.gives) : isWithin(outcome.value, move.gives);
  return isFound ? { sum, skill, ...outcome } : undefined;
}

const isLeftAs = (left: number, remainder: Remainder): boolean =>
  left > 0 === (remainder !== 'none');

/** Works a told problem; undefined where it cannot be one. */
export function problemOf(telling: Telling): Problem | undefined {
  const { plot, amounts } = telling;
  const known = new Map(Object.entries(amounts));
  const worked: Worked[] = [];
  for (const [at, move] of plot.moves.entries()) {
    const done = workMove(
      plot,
      at,
      move.uses.map((id) => known.get(id)!)
    );
    if (!done) return undefined;
    worked.push({ move, ...done });
    known.set(move.id, done.value);
  }
  return { ...telling, worked };
}

/** The contexts that there are, with their plots; problems of contexts of before are read, and none is told any more. */
export class World {
  readonly plots: readonly Plot[];
  private readonly byShape = new Map<string, Plot[]>();
  private readonly found = new WeakMap<WordProblem, Problem>();

  constructor(
    readonly contexts: readonly Context[],
    past: readonly Context[] = []
  ) {
    this.plots = plotsOf(contexts);
    for (const plot of [...this.plots, ...plotsOf(past)]) {
      const key = shapeKey(plot.context, shapeOf(plot.moves), plot.telling);
      this.byShape.set(key, [...(this.byShape.get(key) ?? []), plot]);
    }
  }

  /** The problem that is given; undefined if there is none such. */
  problem(given: WordProblem): Problem | undefined {
    const known = this.found.get(given);
    if (known) return known;
    for (const telling of this.tellingsOf(given)) {
      const problem = problemOf(telling);
      if (!problem) continue;
      this.found.set(given, problem);
      return problem;
    }
    return undefined;
  }

  /** What is given as each plot that could tell it: plots differ in the ranges of their numbers. */
  private *tellingsOf(given: WordProblem): Generator<Telling> {
    const { context: id, version, telling, quantities, operations, actors } = given;
    if (operations.length === 0) return;
    const told = quantities.filter(({ role }) => role !== 'beside');
    const key = shapeKey({ id, version }, shapeOf(operations), telling);
    const remainder = operations.at(-1)!.remainder ?? 'none';
    for (const plot of this.byShape.get(key) ?? []) {
      const fits =
        plot.remainder === remainder &&
        plot.told.length === told.length &&
        plot.told.every((one) => told.some((quantity) => isOf(one, quantity)));
      if (!fits || actors.length !== plot.people.length) continue;
      const areKnown = actors.every((actor) => plot.context.actors.includes(actor));
      if (!areKnown || new Set(actors).size !== actors.length) continue;
      const beside = besideOf(plot, quantities);
      if (!beside) continue;
      const amounts = told.map(({ id, value }) => [id, readAmount(value)!] as const);
      yield { plot, actors, amounts: Object.fromEntries(amounts), beside };
    }
  }
}

const shapeKey = (
  { id, version }: Pick<Context, 'id' | 'version'>,
  shape: string,
  telling: number
) => `${id}@${version}/${shape}/${telling}`;

type GivenQuantity = WordProblem['quantities'][number];

function isOf(told: Plot['told'][number], { id, unit, value, told: manner }: GivenQuantity) {
  const amount = readAmount(value);
  return (
    told.id === id &&
    told.unit === unit &&
    told.isWorded === (manner === 'words') &&
    amount !== undefined &&
    isIn(amount, told) &&
    (!told.isWorded || valuesOf(told).includes(amount))
  );
}

/** What is told and not needed, in the order of the context. */
function besideOf({ context }: Plot, quantities: readonly GivenQuantity[]) {
  const beside = quantities.filter(({ role }) => role === 'beside');
  const places = beside.map(({ id }) => Object.keys(context.beside).indexOf(id));
  if (beside.length > MOST_BESIDE || places.some((place, at) => at > 0 && place <= places[at - 1]!))
    return undefined;
  const known = beside.map(({ id, value, unit }) => {
    const measure = context.measures[context.beside[id]?.[0] ?? ''];
    const amount = readAmount(value);
    const isKnown = measure?.unit === unit && amount !== undefined;
    return isKnown && besideValues(context, id).includes(amount) ? { id, amount } : undefined;
  });
  return known.includes(undefined) ? undefined : (known as { id: string; amount: number }[]);
}

/** A problem as it is given. */
export function givenOf({ plot, actors, amounts, beside, worked }: Problem): WordProblem {
  const { context, telling, told, remainder } = plot;
  return {
    context: context.id,
    version: context.version,
    telling,
    actors: [...actors],
    quantities: [
      ...told.map(({ id, role, unit, notation, isWorded }) => ({
        ...{ id, role, value: printAmount(amounts[id]!, notation), unit },
        told: isWorded ? ('words' as const) : ('number' as const)
      })),
      ...beside.map(({ id, amount }) => {
        const { unit, notation } = besideQuantity(context, id, amount);
        const value = printAmount(amount, notation);
        return { id, role: 'beside' as const, value, unit, told: 'number' as const };
      })
    ],
    operations: worked.map(({ move, skill }, at) => ({
      ...{ id: move.id, situation: move.situation, role: move.role, operation: move.operation },
      ...{ uses: [...move.uses], skill, unit: move.unit },
      ...(at === worked.length - 1 && remainder !== 'none' && { remainder })
    })),
    asked: plot.asked
  };
}

/** A calculation on one line, as its skill writes it. */
export const lineOf = (sum: Sum): string => {
  const sign = { addition: '+', subtraction: '-', multiplication: 'x', division: '/' };
  return operandsOf(sum).join(` ${sign[sum.operation]} `);
};

/** Conversions that are needed, in the order of the working. */
export function conversionsIn(plot: Plot): { move: number; use: number; id: string }[] {
  return plot.moves.flatMap((move, at) => {
    const { uses, ownUnits, inUnits } = move;
    return uses.flatMap((id, use) =>
      ownUnits[use] === inUnits[use] ? [] : [{ move: at, use, id }]
    );
  });
}
