import type { Advice } from '../../house-style';
import { acrossFigures, type Value } from '../../numbers';
import { ANSWER, using, type Replacements } from '../../working';

/** The bases near which products are worked: tens, a hundred, a thousand. */
export const BASES = [10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 1000] as const;

/**
 * How far numbers may be from a base for it to suit them: 15, or as far as the tables reach, as the deviations are
 * multiplied.
 */
export const suitingDistance = ({ tables }: Advice): number => Math.max(15, tables);

/** Largest size of a deviation. */
export const FURTHEST = 30;

/** Zeros at the end of a base: what is added is written in so many figures. */
const zerosOf = (base: number): number => String(base).length - 1;

/** Whether a base is a power of ten, so that two parts can be written one after the other. */
export const isPower = (base: number): boolean => /^10+$/.test(String(base));

/** The figures of the product of deviations fall short of the zeros of the base. */
export const isPadded = (base: number, product: number): boolean =>
  String(Math.abs(product)).length < zerosOf(base);

/** The product of deviations is as large as the base, so that it reaches into what stands before it. */
export const isOverlapping = (base: number, product: number): boolean => Math.abs(product) >= base;

/**
 * The product of deviations written after what stands before it, as in 1065 for 106 and 5, where it should have been
 * padded or carried; undefined where it need not be, or the base is no power of ten.
 */
export function writtenOn<Given>(
  where: typeof isPadded,
  look: (given: Given) => { readonly base: number; readonly product: number },
  parts: readonly [head: string, product: string]
) {
  return (given: Given): Replacements | undefined => {
    const { base, product } = look(given);
    if (!isPower(base) || product < 0 || !where(base, product)) return undefined;
    return { [ANSWER]: using(parts, (head, tail) => acrossFigures([head, tail])) };
  };
}

/** Whether a number is beside a base and not further than it may be. */
export const besideBase = (number: number, base: number): boolean =>
  number > 0 && number !== base && Math.abs(number - base) <= FURTHEST;

/** The base that numbers are nearest to together, of those they can be worked from; the larger of two alike. */
export function nearestBase(
  numbers: readonly number[],
  isItem: (...numbersAndBase: number[]) => boolean
): number | undefined {
  const away = (base: number) => numbers.reduce((sum, number) => sum + Math.abs(number - base), 0);
  return BASES.filter((base) => isItem(...numbers, base)).toSorted(
    (one, other) => away(one) - away(other) || other - one
  )[0];
}

/** A deviation below the base may be written without its sign, as the side is seen from the number. */
export function deviationMeant(written: Value, own: Value | undefined): Value {
  return typeof own === 'bigint' && own < 0n && written === -own ? own : written;
}
