import Fraction from 'fraction.js';
import type { MixedGiven as Operand } from '../../skill/given/mixed';

/** Every operand with a whole part up to `whole` and one of these denominators. */
export function operands(whole: number, denominators: readonly number[]): Operand[] {
  return denominators.flatMap((d) =>
    Array.from({ length: d }, (_, numerator) => numerator)
      // fraction.js cancels, so a fraction in lowest terms keeps its denominator.
      .filter((numerator) => Number(new Fraction(numerator, d).d) === d)
      .flatMap((numerator) =>
        Array.from({ length: whole + 1 }, (_, w) => ({ whole: w, numerator, denominator: d }))
      )
      .filter(({ whole, numerator }) => whole + numerator > 0)
  );
}

/** A mixed number as fraction.js has it. */
export const value = ({ whole, numerator, denominator }: Operand) =>
  new Fraction(numerator, denominator).add(whole);

export const allDenominators = Array.from({ length: 24 }, (_, at) => at + 1);
