import * as z from 'zod/mini';
import { gcd, lcm } from '../../../numbers';

export const LARGEST_WHOLE = 99;
export const LARGEST_DENOMINATOR = 24;

/** A mixed number as it is given: its fraction proper and in lowest terms, 0/1 where it has none. */
export const mixedSchema = z
  .strictObject({
    whole: z.int().check(z.minimum(0), z.maximum(LARGEST_WHOLE)),
    numerator: z.int().check(z.minimum(0)),
    denominator: z.int().check(z.minimum(1), z.maximum(LARGEST_DENOMINATOR))
  })
  .check(
    z.refine(({ numerator, denominator }) => numerator < denominator, {
      path: ['numerator'],
      message: 'must be below the denominator'
    }),
    z.refine(({ numerator, denominator }) => gcd(BigInt(numerator), BigInt(denominator)) === 1n, {
      path: ['denominator'],
      message: 'the fraction must be in lowest terms, 0/1 for a whole number'
    }),
    z.refine(({ whole, numerator }) => whole + numerator > 0, {
      path: ['whole'],
      message: 'must be above 0'
    })
  );

export const givenSchema = z.strictObject({ minuend: mixedSchema, subtrahend: mixedSchema }).check(
  z.refine(({ minuend, subtrahend }) => isLarger(minuend, subtrahend), {
    path: ['subtrahend'],
    message: 'must be below the minuend'
  })
);

export type Given = z.infer<typeof givenSchema>;
export type Operand = z.infer<typeof mixedSchema>;
export type Fraction = Pick<Operand, 'numerator' | 'denominator'>;

/** Whether the fraction above is too small for the one below. */
export function needsRegrouping(minuend: Fraction, subtrahend: Fraction): boolean {
  return minuend.numerator * subtrahend.denominator < subtrahend.numerator * minuend.denominator;
}

/** The least common denominator, as a number. */
export function leastDenominator(minuend: Fraction, subtrahend: Fraction): number {
  return Number(lcm(BigInt(minuend.denominator), BigInt(subtrahend.denominator)));
}

function isLarger(minuend: Operand, subtrahend: Operand): boolean {
  if (minuend.whole !== subtrahend.whole) return minuend.whole > subtrahend.whole;
  return needsRegrouping(subtrahend, minuend);
}
