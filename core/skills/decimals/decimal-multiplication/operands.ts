import * as z from 'zod/mini';
import { figuresOf } from '../../decimal-columns/numerals';
import { decimalOf } from '../../given/decimals';
import type { Given } from '../../multiplication/factors';

/** Fewest and most significant digits of the factors, and decimal places of either. */
export const MULTIPLICAND = [1, 4] as const;
export const MULTIPLIER = [1, 3] as const;
export const MOST_PLACES = 3;

/** The whole numbers that are multiplied. */
export const figures = ({ multiplicand, multiplier }: Given): Given => ({
  multiplicand: figuresOf(multiplicand),
  multiplier: figuresOf(multiplier)
});

/** The schema of a factor of so many significant digits; powers of ten only move the point. */
export function factorOf([, digits]: readonly [number, number]) {
  const expected = `a number of up to ${digits} digits and ${MOST_PLACES} decimal places, no power of ten`;
  const isFactor = (numeral: string) =>
    /^\d*(\.\d{1,3})?$/.test(numeral) &&
    figuresOf(numeral).length <= digits &&
    !/^10*$/.test(figuresOf(numeral));
  return decimalOf(digits).check(z.refine(isFactor, expected));
}
