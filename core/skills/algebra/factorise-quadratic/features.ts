import { count, flag, oneOf } from '../../../skill/feature';
import {
  contentOfQuadratic,
  discriminant,
  isFactorable,
  LARGEST_COEFFICIENT,
  LARGEST_LEADING,
  reduced,
  type Given
} from './numbers';

const kinds = [
  'common-factor',
  'difference-of-squares',
  'perfect-square',
  'prime',
  'general'
] as const;

const signPairs = ['++', '+-', '+0', '-+', '--', '-0', '0+', '0-', '00'] as const;

const roots = ['integer', 'rational', 'none'] as const;

export const features = {
  monic: flag<Given>('Monic', 'x² has no number before it', ({ a }) => a === 1),
  // Items have a > 0 unless less is asked for.
  leading: count<Given>(
    [-LARGEST_LEADING, LARGEST_LEADING],
    'Leading',
    'the number before x²',
    ({ a }) => a,
    { usualMin: 1 }
  ),
  content: count<Given>(
    [1, LARGEST_LEADING],
    'Common factor',
    'greatest common factor of the three numbers',
    contentOfQuadratic
  ),
  factorable: flag<Given>(
    'Factorable',
    'it splits into two brackets over the integers',
    isFactorable
  ),
  kind: oneOf<Given, string>(kinds, 'Kind', 'what it is once the common factor is out', kindOf),
  signs: oneOf<Given, string>(signPairs, 'Signs', 'of the middle and the last number', signsOf),
  // 4800 = 24 x 200 has the product of the largest coefficients; 2520 has 48 divisors, none below has more.
  pairs: count<Given>([0, 24], 'Pairs', 'pairs of factors to choose from', factorPairs),
  crossTrials: count<Given>(
    [0, 144],
    'Cross trials',
    'products of two brackets to choose from',
    crossTrials
  ),
  largest: count<Given>(
    [1, LARGEST_COEFFICIENT],
    'Largest number',
    'of the three, whatever its sign',
    ({ a, b, c }) => Math.max(Math.abs(a), Math.abs(b), Math.abs(c))
  ),
  roots: oneOf<Given, string>(
    roots,
    'Roots',
    'whole, fractions, or none over the rationals',
    rootsOf
  )
};

/** The first of the kinds that holds; none of them changes with the content. */
export function kindOf(given: Given): (typeof kinds)[number] {
  if (given.c === 0) return 'common-factor';
  if (!isFactorable(given)) return 'prime';
  // Without its content it has square coefficients then, as their product is a square.
  if (given.b === 0) return 'difference-of-squares';
  return discriminant(given) === 0 ? 'perfect-square' : 'general';
}

export function signsOf({ b, c }: Given): (typeof signPairs)[number] {
  const sign = (value: number) => (value > 0 ? 0 : value < 0 ? 1 : 2);
  return signPairs[3 * sign(b) + sign(c)]!;
}

/** Unordered pairs of positive factors of |ac|, content removed; 0 if c is 0. */
export function factorPairs(given: Given): number {
  const { a, c } = reduced(given);
  return Math.ceil(divisorCount(Math.abs(a * c)) / 2);
}

/**
 * Content removed, different (px + q)(rx + s) with pr = a, qs = c and p, r > 0; q and s signed as b where c > 0, with either
 * sign where b is 0. A negative a is tried with all signs turned.
 *
 * p and q may be any divisors with the signs allowed, r and s go with them; each trial is met twice that
 * way, unless its two factors are the same.
 */
export function crossTrials(given: Given): number {
  const { a, b, c } = reduced(given);
  if (c === 0) return 0;
  const last = a < 0 ? -c : c;
  const signs = last > 0 && b !== 0 ? 1 : 2;
  const ordered = divisorCount(Math.abs(a)) * divisorCount(Math.abs(c)) * signs;
  const areSquares = Number.isInteger(Math.sqrt(Math.abs(a))) && Number.isInteger(Math.sqrt(last));
  return (ordered + (areSquares ? signs : 0)) / 2;
}

/** How many positive divisors a number has; 0 for 0. */
function divisorCount(n: number): number {
  let count = 0;
  for (let factor = 1; factor * factor <= n; factor++) {
    if (n % factor === 0) count += factor * factor === n ? 1 : 2;
  }
  return count;
}

export function rootsOf(given: Given): (typeof roots)[number] {
  if (!isFactorable(given)) return 'none';
  const root = Math.sqrt(discriminant(given));
  const areIntegers = [root, -root].every((sign) =>
    Number.isInteger((sign - given.b) / (2 * given.a))
  );
  return areIntegers ? 'integer' : 'rational';
}
