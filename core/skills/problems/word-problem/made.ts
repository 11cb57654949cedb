import { convert } from './units';
import { isWhole, SCALE } from './amount';
import { isIn, valuesIn, type Plot, type Told } from './plot';

/**
 * The numbers of a told quantity that come out of the others of its move: for each number that the move may give, the one that
 * gives it, and of a division that does not go one for each number that can be left.
 */
export function* madeBy(
  plot: Plot,
  at: number,
  made: Told,
  known: (id: string) => number
): Generator<number> {
  const move = plot.moves[at]!;
  if (move.gives.isMade) return;
  const place = move.uses.indexOf(made.id);
  const others = move.uses.flatMap((id, use) =>
    use === place ? [] : [convert(known(id), move.ownUnits[use]!, move.inUnits[use]!)]
  );
  if (others.includes(undefined)) return;
  const isLast = at === plot.moves.length - 1;
  for (const value of valuesIn(move.gives)) {
    for (const left of leftsOf(isLast ? plot.remainder : 'none', others[0]!)) {
      const amount = solved(move.operation, { value, left, others: others as number[], place });
      const told = amount && convert(amount, move.inUnits[place]!, move.ownUnits[place]!);
      if (told && isIn(told, made)) yield told;
    }
  }
}

/** What can be left of a division by a whole number. */
function leftsOf(remainder: Plot['remainder'], divisor: number): readonly number[] {
  if (remainder === 'none') return [0];
  if (!isWhole(divisor)) return [];
  return Array.from({ length: divisor / SCALE - 1 }, (_, at) => (at + 1) * SCALE);
}

interface Solving {
  readonly value: number;
  readonly left: number;
  readonly others: readonly number[];
  /** Where the number that is looked for stands. */
  readonly place: number;
}

/** The number at a place of an operation that comes to a value; undefined where there is none. */
function solved(
  operation: Plot['moves'][number]['operation'],
  { value, left, others, place }: Solving
): number | undefined {
  const other = others.reduce((sum, one) => sum + one, 0);
  const amount = {
    addition: value - other,
    subtraction: place === 0 ? value + other : other - value,
    multiplication: (value * SCALE) / other,
    division: place === 0 ? (value * other) / SCALE + left : (other * SCALE) / value
  }[operation];
  return Number.isSafeInteger(amount) && amount > 0 ? amount : undefined;
}
