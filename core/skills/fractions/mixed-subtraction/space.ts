import { gcd } from '../../../numbers';
import { weightedSpace, type Space } from '../../../spaces';
import { meets, type Constraints } from '../../controls';
import type { FeatureValue } from '../../features';
import { relationOf, simplifies } from './features';
import {
  LARGEST_DENOMINATOR,
  LARGEST_WHOLE,
  leastDenominator,
  needsRegrouping,
  type Fraction,
  type Given
} from './operands';

/**
 * Every feature is settled by the two fractions, except two that the whole parts settle. So the items fall
 * into classes: a pair of fractions, whether the subtrahend has no whole part, whether the whole vanishes.
 * The whole parts of a class are counted in closed form.
 */
export function space(constraints: Constraints): Space<Given> {
  return weightedSpace(weights(constraints), (key, index) => {
    const [minuend, subtrahend] = pairAt(Math.floor(key / WHOLES.length));
    const [above, below] = wholesAt(WHOLES[key % WHOLES.length]!, { minuend, subtrahend }, index);
    return {
      minuend: { whole: above, ...minuend },
      subtrahend: { whole: below, ...subtrahend }
    };
  });
}

/** The number of items, by adding the classes up. */
export function count(constraints: Constraints): bigint {
  return BigInt(weights(constraints).reduce((sum, weight) => sum + weight, 0));
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
      .filter((numerator) => gcd(BigInt(numerator), BigInt(denominator)) === 1n)
      .map((numerator) => ({ numerator, denominator }))
  )
];

function pairAt(pair: number): readonly [Fraction, Fraction] {
  const size = FRACTIONS.length;
  return [FRACTIONS[Math.floor(pair / size)]!, FRACTIONS[pair % size]!];
}

/** What the two fractions settle, worked out once for all pairs. */
let settled: readonly Readonly<Record<string, FeatureValue>>[] | undefined;

function settledFeatures(): readonly Readonly<Record<string, FeatureValue>>[] {
  settled ??= Array.from({ length: FRACTIONS.length ** 2 }, (_, pair) => {
    const [minuend, subtrahend] = pairAt(pair);
    return {
      relation: relationOf(minuend.denominator, subtrahend.denominator),
      commonDenominator: leastDenominator(minuend, subtrahend),
      regroups: needsRegrouping(minuend, subtrahend),
      simplifies: simplifies(minuend, subtrahend),
      wholeMinuend: minuend.numerator === 0
    };
  });
  return settled;
}

function weights(constraints: Constraints): Float64Array {
  const holds = (features: Readonly<Record<string, FeatureValue>> | Wholes) =>
    Object.entries(features).every(
      ([name, value]) => constraints[name] === undefined || meets(value, constraints[name])
    );
  const wanted = WHOLES.map(holds);
  const counts = new Float64Array(FRACTIONS.length ** 2 * WHOLES.length);
  settledFeatures().forEach((features, pair) => {
    if (!holds(features)) return;
    const [minuend, subtrahend] = pairAt(pair);
    WHOLES.forEach((wholes, at) => {
      if (wanted[at]) {
        counts[pair * WHOLES.length + at] = wholeCount(wholes, { minuend, subtrahend });
      }
    });
  });
  return counts;
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
