import type { Features, FeatureSpec } from '../../features';
import {
  FEWEST_NUMBERS,
  MOST_NUMBERS,
  MOST_PLACES,
  paddedDecimals,
  partsOf,
  type Given,
  type Parts
} from './numbers';

export const features = [
  { id: 'count', kind: 'number', min: FEWEST_NUMBERS, max: MOST_NUMBERS },
  { id: 'maxPlaces', kind: 'number', min: 0, max: MOST_PLACES },
  { id: 'raggedness', kind: 'number', min: 0, max: MOST_PLACES },
  { id: 'integers', kind: 'number', min: 0, max: MOST_NUMBERS },
  { id: 'sharedPrefix', kind: 'number', min: 0, max: MOST_PLACES - 1 },
  // Two numbers of each of 1 to 4 places make 24 pairs of different lengths; a whole number can only be
  // the shorter and smaller one, once, which makes 25.
  { id: 'longerTraps', kind: 'number', min: 0, max: 24 },
  { id: 'shorterTraps', kind: 'number', min: 0, max: 25 },
  { id: 'zeroTraps', kind: 'number', min: 0, max: MOST_NUMBERS }
] as const satisfies readonly FeatureSpec[];

export function measure({ numbers }: Given): Features {
  const parts = numbers.map(partsOf);
  const places = parts.map(({ decimals }) => decimals.length);
  const pairs = parts.flatMap((one, at) =>
    parts
      .slice(at + 1)
      .filter(({ whole }) => whole === one.whole)
      .map((other) => inOrder(one, other))
  );
  return {
    count: numbers.length,
    maxPlaces: Math.max(...places),
    raggedness: Math.max(...places) - Math.min(...places),
    integers: places.filter((length) => length === 0).length,
    // Two numbers share most with a neighbour, so the most over all pairs is the most over neighbours.
    sharedPrefix: Math.max(0, ...pairs.map(([small, large]) => sharedDigits(small, large))),
    longerTraps: pairs.filter(([small, large]) => small.decimals.length > large.decimals.length)
      .length,
    shorterTraps: pairs.filter(([small, large]) => small.decimals.length < large.decimals.length)
      .length,
    zeroTraps: parts.filter(({ decimals }) => decimals.startsWith('0')).length
  };
}

/** Two numbers of one whole part, the smaller first. */
function inOrder(one: Parts, other: Parts): readonly [Parts, Parts] {
  const value = ({ decimals }: Parts) => paddedDecimals(decimals, MOST_PLACES);
  return value(one) < value(other) ? [one, other] : [other, one];
}

function sharedDigits(one: Parts, other: Parts): number {
  const [first, second] = [one, other].map(({ decimals }) => decimals.padEnd(MOST_PLACES, '0'));
  let shared = 0;
  while (first![shared] === second![shared]) shared++;
  return shared;
}
