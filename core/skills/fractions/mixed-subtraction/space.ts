import { gcdOfSmall } from '../../../numbers';
import { classItems, type ItemSpace } from '../../../spaces';
import { LARGEST_DENOMINATOR, LARGEST_WHOLE } from '../../given/mixed';
import type { Wanted } from '../../wanted';
import {
  lookAtFractions,
  needsRegrouping,
  type Fraction,
  type Given,
  type Pair as Settled
} from './features';

/**
 * Every feature is settled by the two fractions, except two that the whole parts settle. So the items fall
 * into classes: a pair of fractions, whether the subtrahend has no whole part, whether the whole vanishes.
 * The whole parts of a class are counted in closed form.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const areWanted = WHOLES.map((wholes) => wanted.meets({ ...wholes }));
  const settled = settledPairs();
  // A pair is met once for each kind of whole parts.
  const isPairWanted = settled.map((pair) => wanted.meets({ ...pair }));
  const parts = (key: number) => {
    const pair = Math.floor(key / WHOLES.length);
    return { pair, wholes: WHOLES[key % WHOLES.length]!, fractions: pairAt(pair) };
  };
  return classItems({
    size: settled.length * WHOLES.length,
    weight(key) {
      if (!areWanted[key % WHOLES.length] || !isPairWanted[Math.floor(key / WHOLES.length)])
        return 0;
      const { wholes, fractions } = parts(key);
      return wholeCount(wholes, fractions);
    },
    member(key, index) {
      const { wholes, fractions } = parts(key);
      const [above, below] = wholesAt(wholes, fractions, index);
      return {
        minuend: { whole: above, ...fractions.minuend },
        subtrahend: { whole: below, ...fractions.subtrahend }
      };
    },
    features(key) {
      const { pair, wholes } = parts(key);
      return { ...settled[pair]!, ...wholes };
    }
  });
}

/** How the whole parts may stand to each other. */
interface Wholes {
  /** The subtrahend has no whole part. */
  readonly fractionOnly: boolean;
  /** The whole part of the answer is 0. */
  readonly wholeVanishes: boolean;
}

const WHOLES: readonly Wholes[] = [
  { fractionOnly: false, wholeVanishes: false },
  { fractionOnly: false, wholeVanishes: true },
  { fractionOnly: true, wholeVanishes: false },
  { fractionOnly: true, wholeVanishes: true }
];

interface Pair {
  readonly minuend: Fraction;
  readonly subtrahend: Fraction;
}

/** No fraction, and all proper fractions in lowest terms. */
const FRACTIONS: readonly Fraction[] = [
  { numerator: 0, denominator: 1 },
  ...Array.from({ length: LARGEST_DENOMINATOR - 1 }, (_, at) => at + 2).flatMap((denominator) =>
    Array.from({ length: denominator - 1 }, (_, at) => at + 1)
      .filter((numerator) => gcdOfSmall(numerator, denominator) === 1)
      .map((numerator) => ({ numerator, denominator }))
  )
];

function pairAt(pair: number): Pair {
  const size = FRACTIONS.length;
  return { minuend: FRACTIONS[Math.floor(pair / size)]!, subtrahend: FRACTIONS[pair % size]! };
}

/** What the two fractions settle, worked out once for all pairs. */
let settled: readonly Settled[] | undefined;

function settledPairs(): readonly Settled[] {
  settled ??= Array.from({ length: FRACTIONS.length ** 2 }, (_, pair) => {
    const { minuend, subtrahend } = pairAt(pair);
    return lookAtFractions(minuend, subtrahend);
  });
  return settled;
}

/** How many pairs of whole parts a class has; {@link wholesAt} lists them. */
function wholeCount({ fractionOnly, wholeVanishes }: Wholes, pair: Pair): number {
  const { least, gaps } = gapsOf(wholeVanishes, pair);
  if (gaps <= 0) return 0;
  if (fractionOnly) return pair.subtrahend.numerator === 0 ? 0 : gaps;
  // With a gap d the lower whole part runs from 1 to 99 - d.
  const [most, fewest] = [LARGEST_WHOLE - least, LARGEST_WHOLE - least - gaps + 1];
  return ((most + fewest) * (most - fewest + 1)) / 2;
}

/** The whole parts of an index below {@link wholeCount}: by gap, then by the lower one. */
function wholesAt(
  { fractionOnly, wholeVanishes }: Wholes,
  pair: Pair,
  index: number
): readonly [number, number] {
  const { least } = gapsOf(wholeVanishes, pair);
  if (fractionOnly) return [least + index, 0];
  let gap = least;
  let rest = index;
  while (rest >= LARGEST_WHOLE - gap) {
    rest -= LARGEST_WHOLE - gap;
    gap++;
  }
  return [gap + rest + 1, rest + 1];
}

/** The differences of the whole parts that a class allows: `gaps` of them from `least` up. */
function gapsOf(wholeVanishes: boolean, { minuend, subtrahend }: Pair) {
  const vanishing = needsRegrouping(minuend, subtrahend) ? 1 : 0;
  const areEqual = vanishing === 0 && !needsRegrouping(subtrahend, minuend);
  if (wholeVanishes) return { least: vanishing, gaps: areEqual ? 0 : 1 };
  return { least: vanishing + 1, gaps: LARGEST_WHOLE - vanishing };
}
