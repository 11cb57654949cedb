import * as z from 'zod/mini';
import { parseDigits, type Digits } from '../../../numbers';

export const LIMITS = { multiplicand: { min: 2, max: 4 }, multiplier: { min: 2, max: 3 } } as const;

export const givenSchema = z.strictObject({
  multiplicand: z.string().check(z.regex(/^[1-9]\d{1,3}$/, 'a whole number of 2 to 4 digits')),
  multiplier: z.string().check(z.regex(/^[1-9]\d{1,2}$/, 'a whole number of 2 or 3 digits'))
});

export type Given = z.infer<typeof givenSchema>;

export interface Factors {
  readonly multiplicand: Digits;
  readonly multiplier: Digits;
}

export function factorsOf({ multiplicand, multiplier }: Given): Factors {
  return { multiplicand: parseDigits(multiplicand)!, multiplier: parseDigits(multiplier)! };
}
