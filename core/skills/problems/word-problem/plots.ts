import type { Operation } from '../../../skill/card';
import { scaled } from './amount';
import type { Asks, Context, Story } from './context';
import { movesTo, readLink, roleIn, type Move, type Role } from './links';
import {
  shapeOf,
  valuesIn,
  wordedValues,
  type Plot,
  type PlotMove,
  type Range,
  type Remainder
} from './plot';
import { sentencesOf } from './sentences';
import { convert, factorOf, rateOf } from './units';

/** All plots of some contexts. */
export function plotsOf(contexts: readonly Context[]): Plot[] {
  return contexts.flatMap((context) => {
    const tellings = new Map<string, number>();
    return context.stories.flatMap((story) =>
      Object.keys(story.parts).flatMap((asked) => {
        const moves = movesOf(story, asked);
        if (!moves) return [];
        // Tellings are counted within what a reader of the problem sees of its shape.
        const shape = shapeOf(moves.map(({ link, role }) => ({ situation: link.situation, role })));
        const telling = (tellings.get(shape) ?? 0) + 1;
        tellings.set(shape, telling);
        return variantsOf(context, { story, telling, asked, moves });
      })
    );
  });
}

const asksOf = (asks: Asks): Partial<Record<Remainder, string>> =>
  typeof asks === 'string' ? (asks === '' ? {} : { none: asks }) : asks;

/** The operations that lead to a quantity of a story; undefined if it is never asked for, or what is told does not suffice. */
export function movesOf({ links, parts }: Story, asked: string): readonly Move[] | undefined {
  if (Object.keys(asksOf(parts[asked]![3])).length === 0) return undefined;
  const told = Object.keys(parts).filter((id) => id !== asked && parts[id]![1] !== '');
  return movesTo(
    links.map((text) => readLink(text)!),
    asked,
    new Set(told)
  );
}

type Bare = Pick<Plot, 'story' | 'telling' | 'asked'> & { readonly moves: readonly Move[] };

/** The plots of one question: in each choice of units, each choice of words, for each way with what is left. */
function variantsOf(context: Context, bare: Bare): Plot[] {
  const { story, asked, moves } = bare;
  const ids = Object.keys(story.parts);
  const involved = ids.filter((id) =>
    moves.some((move) => move.id === id || move.uses.includes(id))
  );
  // What no sentence tells has no choice of units: its text would be the same.
  const namesOf = (id: string): string[] => {
    const all = story.parts[id]![0].split('|');
    const isTold = !moves.some((move) => move.id === id);
    const unit = context.measures[all[0]!]!.unit;
    return isTold ? all : all.filter((name) => context.measures[name]!.unit === unit);
  };
  return [...productOf(involved.map(namesOf))].flatMap((names) => {
    const ranges = new Map(involved.map((id, at) => [id, rangeOf(context, names[at]!)]));
    const plotMoves = moves.map((move) => plotMove(move, ranges));
    if (plotMoves.includes(undefined)) return [];
    const results = new Set(moves.map(({ id }) => id));
    const told = involved.filter((id) => !results.has(id));
    return wordedSets(told, ranges).flatMap((worded) =>
      Object.keys(asksOf(story.parts[asked]![3])).map((remainder) =>
        plotWith(context, bare, {
          moves: plotMoves as PlotMove[],
          ranges,
          told,
          worded,
          remainder: remainder as Remainder,
          names: names.join(',')
        })
      )
    );
  });
}

interface Variant {
  readonly moves: readonly PlotMove[];
  readonly ranges: ReadonlyMap<string, Range>;
  readonly told: readonly string[];
  readonly worded: readonly string[];
  readonly remainder: Remainder;
  readonly names: string;
}

function plotWith(
  context: Context,
  { story, telling, asked }: Bare,
  { moves, ranges, told, worded, remainder, names }: Variant
): Plot {
  const shape = shapeOf(moves);
  const plot = {
    key: [context.id, shape, telling, names, worded.join('+'), remainder].join('/'),
    ...{ context, story, telling, asked, remainder },
    moves: moves.map((move) => withMade(move, told, { ranges, worded })),
    told: told.map((id) => {
      const move = moves.find(({ uses }) => uses.includes(id))!;
      const role = roleOf(move, id);
      return { id, role, isWorded: worded.includes(id), ...ranges.get(id)! };
    }),
    unit: remainder === 'left' ? ranges.get(moves.at(-1)!.uses[0]!)!.unit : ranges.get(asked)!.unit,
    people: []
  };
  const text = sentencesOf(plot)
    .map(({ template }) => template)
    .join(' ');
  return { ...plot, people: ['A', 'B', 'C'].filter((letter) => text.includes(`{${letter}}`)) };
}

function withMade(
  move: PlotMove,
  told: readonly string[],
  { ranges, worded }: Pick<Variant, 'ranges' | 'worded'>
): PlotMove {
  const made = move.uses.find(
    (id) => told.includes(id) && ranges.get(id)!.isMade && !worded.includes(id)
  );
  return made === undefined ? move : { ...move, made };
}

const roleOf = ({ link }: PlotMove, id: string): Role => roleIn(link, id);

function rangeOf({ measures }: Context, name: string): Range {
  const { unit, from, to, step, isMixed, isMade = false } = measures[name]!;
  const isMoney = unit === '£' || rateOf(unit)?.of === '£';
  return {
    unit,
    notation: isMixed ? 'mixed' : isMoney ? 'money' : 'number',
    from: scaled(from),
    to: scaled(to),
    step: scaled(step),
    isMade
  };
}

/** A move with the units it is worked in; undefined where they do not go together. */
function plotMove(move: Move, ranges: ReadonlyMap<string, Range>): PlotMove | undefined {
  const { link, operation, uses, id } = move;
  const gives = ranges.get(id)!;
  const own = uses.map((used) => ranges.get(used)!.unit);
  const units = unitsFor(operation, own, gives.unit);
  if (!units) return undefined;
  const { unit, inUnits } = units;
  const fits = uses.every(
    (used, at) => convert(ranges.get(used)!.from, own[at]!, inUnits[at]!) !== undefined
  );
  const notations = [...uses, id].map((one) => ranges.get(one)!.notation);
  const notation = notations.find((one) => one !== 'number') ?? 'number';
  return fits
    ? {
        ...move,
        situation: link.situation,
        ...{ unit, inUnits, ownUnits: own, notation, gives },
        isConverted: own.join() !== inUnits.join()
      }
    : undefined;
}

/** The units into which numbers are brought, so that an operation on them gives a unit. */
function unitsFor(
  operation: Operation,
  own: readonly string[],
  given: string
): { readonly unit: string; readonly inUnits: readonly string[] } | undefined {
  const isSum = operation === 'addition' || operation === 'subtraction';
  if (isSum) return { unit: given, inUnits: own.map(() => given) };
  const [one, other] = own as [string, string];
  const rate = own.map(rateOf).find((found) => found !== undefined);
  if (operation === 'multiplication') {
    // Of an amount and a price the amount is brought into what the price is for.
    const target = (unit: string) => (rateOf(unit) ? unit : rate ? rate.per : given);
    const inUnits = own.map((unit) => (factorOf(unit, target(unit)) || rate ? target(unit) : unit));
    return { unit: given, inUnits };
  }
  const asRate = rateOf(given);
  if (asRate) return { unit: given, inUnits: [asRate.of, asRate.per] };
  const byRate = rateOf(other);
  if (byRate) return { unit: given, inUnits: [byRate.of, other] };
  // Measured by another of its kind, it is divided in that one's unit; shared out, it keeps the unit that is asked.
  if (factorOf(one, other) && one !== other) return { unit: other, inUnits: [other, other] };
  return { unit: given, inUnits: [factorOf(one, given) ? given : one, other] };
}

function wordedSets(told: readonly string[], ranges: ReadonlyMap<string, Range>): string[][] {
  const able = told.filter((id) => wordedValues(ranges.get(id)!).length > 0);
  const pairs = able.flatMap((one, at) => able.slice(at + 1).map((other) => [one, other]));
  return [[], ...able.map((id) => [id]), ...pairs];
}

/** The numbers of what a context tells beside. */
export const besideValues = (context: Context, id: string): number[] =>
  valuesIn(rangeOf(context, context.beside[id]![0]));

/** Every choice of one of each list, in order. */
function* productOf<T>(lists: readonly (readonly T[])[]): Generator<T[]> {
  const [first, ...rest] = lists;
  if (!first) {
    yield [];
    return;
  }
  for (const one of first) for (const others of productOf(rest)) yield [one, ...others];
}
