import { parseDigits, type Digits } from '../../../numbers';

export const MULTIPLICAND = [2, 4] as const;
export const MULTIPLIER = [2, 3] as const;

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
