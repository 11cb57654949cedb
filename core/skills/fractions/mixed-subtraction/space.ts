import { classItems, spend, type ItemSpace } from '../../../spaces';
import { LARGEST_WHOLE } from '../../../skill/given/mixed';
import type { Wanted } from '../../../skill/request';
import { forAllPairs, type FractionPair } from '../../../methods/fractions/pairs';
import { lookAtFractions, needsRegrouping, type Given } from './features';

const settledPairs = forAllPairs(lookAtFractions);

/**
 * Every feature is settled by the two fractions, except three that the whole parts settle. So the items fall
 * into classes: a pair of fractions, whether the subtrahend has no whole part, whether the whole vanishes. The
 * whole parts of a class are counted by the upper one, which is the largest.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const areWanted = WHOLES.map((wholes) => wanted.meets({ ...wholes }));
  const { settled, at: pairAt } = settledPairs(wanted.flag('lowest') ?? true);
  // All pairs are looked at before any item is asked for.
  spend(settled.length);
  const range = wanted.range('largestWhole');
  const uppers = Array.from({ length: range.max - range.min + 1 }, (_, at) => range.min + at);
  const countOf = classCounts(uppers);
  // A pair is met once for each kind of whole parts.
  const isPairWanted = settled.map((pair) => wanted.meets(pair));
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
      return countOf(wholes, fractions);
    },
    member(key, index) {
      const { wholes, fractions } = parts(key);
      const [above, below] = wholesAt(wholes, fractions, uppers, index);
      return {
        minuend: { whole: above, ...fractions[0] },
        subtrahend: { whole: below, ...fractions[1] }
      };
    },
    features(key) {
      const { pair, wholes } = parts(key);
      return { ...settled[pair]!, ...wholes };
    },
    *split(key, names) {
      const { wholes, fractions } = parts(key);
      if (!names.includes('largestWhole')) {
        yield [{}, countOf(wholes, fractions)];
        return;
      }
      for (const upper of uppers) {
        const members = lowersOf(wholes, fractions, upper).count;
        if (members > 0) yield [{ largestWhole: upper }, members];
      }
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

/** The lower whole parts, next to each other, that a class allows under an upper one. */
function lowersOf({ fractionOnly, wholeVanishes }: Wholes, pair: FractionPair, upper: number) {
  const { least, gaps } = gapsOf(wholeVanishes, pair);
  const most = upper - least;
  if (fractionOnly) {
    const isThere = pair[1].numerator > 0 && most >= 0 && upper < least + gaps;
    return { first: 0, count: isThere ? 1 : 0 };
  }
  const first = Math.max(1, upper - least - gaps + 1);
  return { first, count: Math.max(0, most - first + 1) };
}

/** How many pairs of whole parts a class has; they depend on little of the fractions. */
function classCounts(uppers: readonly number[]) {
  const known = new Map<string, number>();
  return (wholes: Wholes, pair: FractionPair): number => {
    const { least, gaps } = gapsOf(wholes.wholeVanishes, pair);
    const isBare = wholes.fractionOnly && pair[1].numerator > 0;
    const key = `${least} ${gaps} ${wholes.fractionOnly} ${isBare}`;
    let count = known.get(key);
    if (count === undefined) {
      count = uppers.reduce((sum, upper) => sum + lowersOf(wholes, pair, upper).count, 0);
      known.set(key, count);
    }
    return count;
  };
}

/** The whole parts of an index among those of a class: by the upper one, then by the lower. */
function wholesAt(
  wholes: Wholes,
  pair: FractionPair,
  uppers: readonly number[],
  index: number
): readonly [number, number] {
  let rest = index;
  for (const upper of uppers) {
    const { first, count } = lowersOf(wholes, pair, upper);
    if (rest < count) return [upper, first + rest];
    rest -= count;
  }
  throw new RangeError(`wholesAt: no whole parts of index ${index}`);
}

/** The differences of the whole parts that a class allows: `gaps` of them from `least` up. */
function gapsOf(wholeVanishes: boolean, [minuend, subtrahend]: FractionPair) {
  const vanishing = needsRegrouping(minuend, subtrahend) ? 1 : 0;
  const areEqual = vanishing === 0 && !needsRegrouping(subtrahend, minuend);
  if (wholeVanishes) return { least: vanishing, gaps: areEqual ? 0 : 1 };
  return { least: vanishing + 1, gaps: LARGEST_WHOLE - vanishing };
}
