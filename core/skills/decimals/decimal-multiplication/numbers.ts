import { figuresOf } from '../../../numbers/decimal-numerals';
import type { Given } from '../../../methods/products/factors';

/** Fewest and most significant digits of the factors, and decimal places of either. */
export const MULTIPLICAND = [1, 4] as const;
export const MULTIPLIER = [1, 3] as const;
export const MOST_PLACES = 3;

/** The whole numbers that are multiplied. */
export const figures = ({ multiplicand, multiplier }: Given): Given => ({
  multiplicand: figuresOf(multiplicand),
  multiplier: figuresOf(multiplier)
});
