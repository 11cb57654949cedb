import { classItems, type ItemSpace, type Told } from '../../../spaces';
import type { Wanted } from '../../../skill/request';

export const MOST_DIGITS = 4;

/** Two digits under each other; the second is left out where the shorter number has ended. */
type Pair = readonly [one: number, other: number | undefined];

/** What is said of a place: whether its digits total ten or more, and in the ones whether one of them is 0. */
interface Place {
  readonly crosses: boolean;
  readonly hasZero?: boolean;
}

const digitsFrom = (least: number) => Array.from({ length: 10 - least }, (_, at) => least + at);
const lengths = digitsFrom(1).slice(0, MOST_DIGITS);

/** Items of two lengths that cross at the same places, and of which one ends in 0 or none does. */
interface Alike {
  readonly lengths: readonly [number, number];
  readonly crossings: number;
  readonly isRound: boolean;
  /** The pairs of digits at each place, from the ones. */
  readonly places: readonly (readonly Pair[])[];
}

function alike(one: number, other: number, crossed: number, isRound: boolean): Alike {
  const shorter = Math.min(one, other);
  const places = Array.from({ length: Math.max(one, other) }, (_, place): readonly Pair[] => {
    const least = (length: number) => (place === length - 1 ? 1 : 0);
    if (place >= shorter) {
      const digits = digitsFrom(least(Math.max(one, other)));
      return digits.map((digit): Pair => [digit, undefined]);
    }
    const said: Place = {
      crosses: ((crossed >> place) & 1) === 1,
      ...(place === 0 && { hasZero: isRound })
    };
    return digitsFrom(least(one)).flatMap((a) =>
      digitsFrom(least(other)).flatMap((b): Pair[] => (isSo(a, b, said) ? [[a, b]] : []))
    );
  });
  return {
    ...{ lengths: [one, other], isRound, places },
    crossings: places.filter((_, place) => ((crossed >> place) & 1) === 1).length
  };
}

const isSo = (one: number, other: number, { crosses, hasZero }: Place) =>
  one + other >= 10 === crosses &&
  (hasZero === undefined || (one === 0 || other === 0) === hasZero);

const sizeOf = ({ places }: Alike) => places.reduce((product, pairs) => product * pairs.length, 1);

const classes: readonly Alike[] = lengths.flatMap((one) =>
  lengths.flatMap((other) =>
    Array.from({ length: 2 ** Math.min(one, other) }, (_, crossed) => crossed).flatMap((crossed) =>
      [false, true].map((isRound) => alike(one, other, crossed, isRound))
    )
  )
);
const sizes = classes.map(sizeOf);

/** Items of a class whose two numbers are the same. */
function equalOnes({ lengths: [one, other], places }: Alike): number {
  if (one !== other) return 0;
  return places.reduce((product, pairs) => product * pairs.filter(([a, b]) => a === b).length, 1);
}

/** All items that are wanted, by what they are at each place. */
export function items(wanted: Wanted): ItemSpace<{ addends: string[] }> {
  const told = (key: number): Told => {
    const { lengths: both, crossings, isRound } = classes[key]!;
    return {
      digits: Math.max(...both),
      shortest: Math.min(...both),
      crossings,
      roundAddend: isRound
    };
  };
  const weight = (key: number) => (wanted.meets(told(key)) ? sizes[key]! : 0);
  return classItems({
    size: classes.length,
    weight,
    member(key, index) {
      const { lengths: both, places } = classes[key]!;
      let rest = index;
      const pairs = places.map((own) => {
        const pair = own[rest % own.length]!;
        rest = Math.floor(rest / own.length);
        return pair;
      });
      return { addends: both.map((length, at) => numeral(pairs, length, at as 0 | 1)) };
    },
    features: told,
    usable() {
      const all = classes.reduce((sum, _, key) => sum + weight(key), 0);
      const equal = classes.reduce(
        (sum, own, key) => sum + (weight(key) > 0 ? equalOnes(own) : 0),
        0
      );
      return BigInt((all + equal) / 2);
    }
  });
}

/** One of the two numbers; above the end of the shorter one a digit stands alone, whichever is longer. */
function numeral(pairs: readonly Pair[], length: number, at: 0 | 1): string {
  return pairs.slice(0, length).reduceRight((text, pair) => text + (pair[at] ?? pair[0]), '');
}
