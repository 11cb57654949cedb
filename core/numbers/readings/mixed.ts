import { gcd } from '../divisors';
import { isSimplest, mixedOf, printMixed, readMixed, sameMixed, type Mixed } from '../mixed';
import type { FormCode, Reading, Value } from '../reading';

/** Mixed numbers, equal when they have the same value. */
export const mixedNumber: Reading<Mixed> = {
  kind: 'mixed',
  parse: readMixed,
  equal: sameMixed,
  print: printMixed,
  near: ({ whole, numerator, denominator }) =>
    numerator === 0n
      ? [mixedOf(whole + 1n, 1n)]
      : [
          { whole: whole + 1n, numerator, denominator },
          { whole, numerator: numerator + 1n, denominator }
        ],
  size: ({ whole, numerator, denominator }) =>
    Number(whole) + Number(numerator) / Number(denominator)
};

/** An answer is to be a whole number and a proper fraction in lowest terms. */
export function mixedForm(written: Value): readonly FormCode[] {
  const mixed = written as Mixed;
  if (isSimplest(mixed)) return [];
  if (gcd(mixed.numerator, mixed.denominator) > 1n) return ['not-simplified'];
  return [mixed.whole === 0n ? 'improper' : 'improper-part'];
}

/** What can be wrong with the form of a mixed number. */
export const mixedForms: readonly FormCode[] = ['not-simplified', 'improper', 'improper-part'];
