import type { Features, FeatureSpec } from '../../features';
import {
  contentOfQuadratic,
  discriminant,
  isFactorable,
  LARGEST_COEFFICIENT,
  LARGEST_LEADING,
  reduced,
  type Given
} from './quadratic';

export const kinds = [
  'common-factor',
  'difference-of-squares',
  'perfect-square',
  'prime',
  'general'
] as const;

export const signPairs = ['++', '+-', '+0', '-+', '--', '-0', '0+', '0-', '00'] as const;

export const features = [
  { id: 'monic', kind: 'flag' },
  // Items have a > 0 unless less is asked for.
  { id: 'leading', kind: 'number', min: -LARGEST_LEADING, max: LARGEST_LEADING, usualMin: 1 },
  { id: 'content', kind: 'number', min: 1, max: LARGEST_LEADING },
  { id: 'factorable', kind: 'flag' },
  { id: 'kind', kind: 'choice', values: kinds },
  { id: 'signs', kind: 'choice', values: signPairs },
  // 4800 = 24 x 200 has the product of the largest coefficients; 2520 has 48 divisors, none below has more.
  { id: 'pairs', kind: 'number', min: 0, max: 24 },
  { id: 'crossTrials', kind: 'number', min: 0, max: 144 },
  { id: 'largest', kind: 'number', min: 1, max: LARGEST_COEFFICIENT },
  { id: 'roots', kind: 'choice', values: ['integer', 'rational', 'none'] }
] as const satisfies readonly FeatureSpec[];

export function measure(given: Given): Features {
  const { a, b, c } = given;
  return {
    monic: a === 1,
    leading: a,
    content: contentOfQuadratic(given),
    factorable: isFactorable(given),
    kind: kindOf(given),
    signs: signsOf(b, c),
    pairs: factorPairs(given),
    crossTrials: crossTrials(a, b, c),
    largest: Math.max(Math.abs(a), Math.abs(b), Math.abs(c)),
    roots: rootsOf(given)
  };
}

/** The first of the kinds that holds; none of them changes with the content. */
export function kindOf(given: Given): (typeof kinds)[number] {
  if (given.c === 0) return 'common-factor';
  if (!isFactorable(given)) return 'prime';
  // Without its content it has square coefficients then, as their product is a square.
  if (given.b === 0) return 'difference-of-squares';
  return discriminant(given) === 0 ? 'perfect-square' : 'general';
}

export function signsOf(b: number, c: number): (typeof signPairs)[number] {
  const sign = (value: number) => (value > 0 ? '+' : value < 0 ? '-' : '0');
  return `${sign(b)}${sign(c)}` as (typeof signPairs)[number];
}

/** Unordered pairs of positive factors of |ac|, content removed; 0 if c is 0. */
export function factorPairs(given: Given): number {
  const { a, c } = reduced(given);
  return Math.ceil(divisorCount(Math.abs(a * c)) / 2);
}

/**
 * Different (px + q)(rx + s) with pr = a, qs = c and p, r > 0; q and s signed as b where c > 0, with either
 * sign where b is 0. A negative a is tried with all signs turned.
 *
 * p and q may be any divisors with the signs allowed, r and s go with them; each trial is met twice that
 * way, unless its two factors are the same.
 */
export function crossTrials(a: number, b: number, c: number): number {
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

export function rootsOf(given: Given): 'integer' | 'rational' | 'none' {
  if (!isFactorable(given)) return 'none';
  const root = Math.sqrt(discriminant(given));
  const areIntegers = [root, -root].every((sign) =>
    Number.isInteger((sign - given.b) / (2 * given.a))
  );
  return areIntegers ? 'integer' : 'rational';
}
