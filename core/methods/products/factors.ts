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
