import { figuresOf } from '../../decimal-columns/numerals';
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
