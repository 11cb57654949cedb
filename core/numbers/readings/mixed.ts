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
        ]
};

/** An answer is to be a whole number and a proper fraction in lowest terms. */
export function mixedForm(written: Value): readonly FormCode[] {
  return isSimplest(written as Mixed) ? [] : ['not-simplified'];
}
