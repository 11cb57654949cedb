import { count } from '../../../skill/feature';
import {
  inOrder,
  LARGEST_WHOLE,
  MOST_PLACES,
  NUMBERS,
  padded,
  partsOf,
  type Given,
  type Parts
} from './numbers';

/** What is seen of a list: each number, and each two of one whole part, the smaller first. */
export interface Look {
  readonly parts: readonly Parts[];
  readonly places: readonly number[];
  readonly pairs: readonly (readonly [Parts, Parts])[];
  /** How many stand where they belong. */
  readonly placed: number;
}

export function look({ numbers, order }: Given): Look {
  const parts = numbers.map(partsOf);
  const sorted = inOrder(numbers, order);
  const pairs = parts.flatMap((one, at) =>
    parts
      .slice(at + 1)
      .filter(({ whole }) => whole === one.whole)
      .map((other) => (padded(one) < padded(other) ? [one, other] : [other, one]) as [Parts, Parts])
  );
  return {
    parts,
    pairs,
    placed: numbers.filter((number, at) => number === sorted[at]).length,
    places: parts.map(({ decimals }) => decimals.length)
  };
}

const longer = ([small, large]: readonly [Parts, Parts]) =>
  small.decimals.length - large.decimals.length;

function sharedDigits([one, other]: readonly [Parts, Parts]): number {
  const [first, second] = [one, other].map(({ decimals }) => decimals.padEnd(MOST_PLACES, '0'));
  let shared = 0;
  while (first![shared] === second![shared]) shared++;
  return shared;
}

export const features = {
  count: count<Look>(NUMBERS, 'Numbers', 'how many there are to order', (l) => l.parts.length),
  maxPlaces: count<Look>(
    [0, MOST_PLACES],
    'Most places',
    'decimal places of the longest number',
    (l) => Math.max(...l.places)
  ),
  raggedness: count<Look>(
    [0, MOST_PLACES],
    'Difference in places',
    'most decimal places less fewest',
    (l) => Math.max(...l.places) - Math.min(...l.places)
  ),
  wholeParts: count<Look>(
    [1, NUMBERS[1]],
    'Whole parts',
    'how many different whole parts',
    (l) => new Set(l.parts.map(({ whole }) => whole)).size
  ),
  wholeSpan: count<Look>(
    [0, LARGEST_WHOLE],
    'Apart',
    'largest whole part less smallest',
    (l) =>
      Math.max(...l.parts.map(({ whole }) => whole)) -
      Math.min(...l.parts.map(({ whole }) => whole))
  ),
  placed: count<Look>(
    [0, NUMBERS[1]],
    'In place',
    'numbers that already stand where they belong',
    (l) => l.placed
  ),
  integers: count<Look>(
    [0, NUMBERS[1]],
    'Whole numbers',
    'how many have no decimal places',
    (l) => l.places.filter((length) => length === 0).length
  ),
  // Two numbers share most with a neighbour, so the most over all pairs is the most over neighbours.
  sharedPrefix: count<Look>(
    [0, MOST_PLACES - 1],
    'Shared digits',
    'most equal leading decimal digits of two neighbours in order',
    (l) => Math.max(0, ...l.pairs.map(sharedDigits))
  ),
  // Two numbers of each of 1 to 4 places make 24 pairs of different lengths; a whole number can only be
  // the shorter and smaller one, once, which makes 25. Telling so many apart is dear, and nobody asks for it.
  longerTraps: count<Look>(
    [0, 24],
    'Longer traps',
    'pairs where the longer number is the smaller',
    (l) => l.pairs.filter((pair) => longer(pair) > 0).length,
    { askedTo: 6 }
  ),
  shorterTraps: count<Look>(
    [0, 25],
    'Shorter traps',
    'pairs where the shorter number is the smaller',
    (l) => l.pairs.filter((pair) => longer(pair) < 0).length,
    { askedTo: 6 }
  ),
  zeroTraps: count<Look>(
    [0, NUMBERS[1]],
    'Zero traps',
    'numbers whose first decimal digit is 0',
    (l) => l.parts.filter(({ decimals }) => decimals.startsWith('0')).length,
    { askedTo: 4 }
  )
};
