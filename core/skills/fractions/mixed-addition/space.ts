import { classItems, spend, type ItemSpace } from '../../../spaces';
import { forAllPairs, type FractionPair } from '../../../methods/fractions/pairs';
import type { Wanted } from '../../../skill/request';
import { lookAtFractions, type Given } from './features';

const settledPairs = forAllPairs(lookAtFractions);

/**
 * Every feature is settled by the two fractions, except two that the whole parts settle. So the items fall into
 * classes: a pair of fractions, and whether a whole part is missing. The whole parts of a class are counted by
 * the larger one.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { settled, at: pairAt } = settledPairs(wanted.flag('lowest') ?? true);
  // All pairs are looked at before any item is asked for.
  spend(settled.length);
  const { min, max } = wanted.range('largestWhole');
  const isAsked = [false, true].map((fractionOnly) => wanted.meets({ fractionOnly }));
  // Two whole numbers are no item.
  const isWanted = settled.map((pair) => pair.largestDenominator > 1 && wanted.meets(pair));
  const partsOf = (key: number) => ({ place: key >> 1, fractionOnly: key % 2 === 1 });
  const weight = (key: number) => {
    const { place, fractionOnly } = partsOf(key);
    if (!isAsked[key % 2] || !isWanted[place]) return 0;
    return (
      wholesUpTo(max, fractionOnly, pairAt(place)) -
      wholesUpTo(min - 1, fractionOnly, pairAt(place))
    );
  };
  return classItems({
    size: settled.length * 2,
    weight,
    member(key, index) {
      const { place, fractionOnly } = partsOf(key);
      const pair = pairAt(place);
      const wholes = wholesAt(index + wholesUpTo(min - 1, fractionOnly, pair), fractionOnly, pair);
      return { addends: pair.map((fraction, at) => ({ whole: wholes[at]!, ...fraction })) };
    },
    features(key) {
      const { place, fractionOnly } = partsOf(key);
      return { ...settled[place]!, fractionOnly };
    },
    // Those that differ by order count once, those of two equal numbers already do.
    usable() {
      let twice = 0n;
      for (let key = 0; key < settled.length * 2; key++) {
        const { place, fractionOnly } = partsOf(key);
        const members = weight(key);
        const [one, other] = pairAt(place);
        const isTwin = members > 0 && one === other;
        const twins = fractionOnly ? (min === 0 ? 1 : 0) : max - Math.max(min, 1) + 1;
        twice += BigInt(members + (isTwin ? Math.max(0, twins) : 0));
      }
      return twice / 2n;
    }
  });
}

/** Pairs of whole parts of a class of which the larger is no larger than this. */
function wholesUpTo(largest: number, fractionOnly: boolean, pair: FractionPair): number {
  if (largest < 0) return 0;
  if (!fractionOnly) return largest * largest;
  const [one, other] = pair.map(({ numerator }) => (numerator > 0 ? 1 : 0)) as [number, number];
  // A number without a whole part must have a fraction.
  return one * other + largest * (one + other);
}

/** The pair of whole parts of a rank, by the larger one. */
function wholesAt(rank: number, fractionOnly: boolean, pair: FractionPair): [number, number] {
  if (!fractionOnly) {
    const below = Math.floor(Math.sqrt(rank));
    const [larger, rest] = [below + 1, rank - below * below];
    return rest < larger ? [larger, rest + 1] : [rest - larger + 1, larger];
  }
  const canBeBare = pair.map(({ numerator }) => numerator > 0);
  const both = canBeBare[0]! && canBeBare[1]!;
  if (both && rank === 0) return [0, 0];
  const place = rank - (both ? 1 : 0);
  if (both) return place % 2 === 0 ? [0, 1 + (place >> 1)] : [1 + (place >> 1), 0];
  return canBeBare[0] ? [0, place + 1] : [place + 1, 0];
}
