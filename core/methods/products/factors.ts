import { parseDigits, type Digits } from '../../numbers';

export interface Given {
  readonly multiplicand: string;
  readonly multiplier: string;
}

/** Digits of the factors, ones first. */
export interface Factors {
  readonly multiplicand: Digits;
  readonly multiplier: Digits;
}

export function factorsOf({ multiplicand, multiplier }: Given): Factors {
  return { multiplicand: parseDigits(multiplicand)!, multiplier: parseDigits(multiplier)! };
}

/** The factors as they are printed: whole numbers as they are, decimals with their points. */
export interface PrintedFactors extends Given {
  /** Squares that the longer of them takes. */
  readonly width: number;
}

export function printedFactors({ multiplicand, multiplier }: Given): PrintedFactors {
  const width = Math.max(
    ...[multiplicand, multiplier].map((numeral) => numeral.replace('.', '').length)
  );
  return { multiplicand, multiplier, width };
}
