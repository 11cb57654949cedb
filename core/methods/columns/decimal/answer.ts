import type { HouseStyle } from '../../../house-style';
import type { Scheme } from '../../../schemes';
import {
  decimalForm,
  decimalNumber,
  parseDecimal,
  withoutZeros,
  type Decimal
} from '../../../numbers';
import { ANSWER, constant, stepOn, using, type Replacements, type Step } from '../../../working';

/**
 * The scheme of decimals as the house writes them: something is said of zeros at the end only where it is noted, and
 * a comma may group digits.
 */
export function decimalScheme(scheme: Scheme, { trailingZeros, grouping }: HouseStyle): Scheme {
  return {
    ...scheme,
    ...(trailingZeros === 'ignored' && { allows: ['trailing-zeros' as const] }),
    ...(grouping === 'comma' && { commasGroup: true })
  };
}

/** How a decimal answer is read and printed, and what may fall short in its form. */
export const decimalAnswer = {
  reading: decimalNumber,
  form: decimalForm,
  label: 'Answer'
} as const;

/** The figures from the place `highest` to so many decimals read across, the point between; `what` they make. */
export function decimalAcross(highest: number, places: number, what: string): Step {
  const at = Array.from({ length: highest + 1 + places }, (_, back) => highest - back);
  const across = using(
    at.map((place) => `digit.${place}`),
    (...digits) => {
      const decimals = digits.slice(highest + 1).join('');
      const value = parseDecimal(`${digits.slice(0, highest + 1).join('')}.${decimals}`);
      // A figure from own figures may be below 0: nothing is read across then.
      return value && withoutZeros(value);
    }
  );
  return stepOn(ANSWER, across, {
    ...decimalAnswer,
    assembled: true,
    says: ({ value }) => `The point stands below the others: the ${what} is ${value}.`
  });
}

/** A pattern that gives another answer, whatever the working; undefined where it gives none. */
export function answering<Given>(answer: (given: Given) => Decimal | undefined) {
  return (given: Given): Replacements | undefined => {
    const value = answer(given);
    return value && { [ANSWER]: constant(value) };
  };
}
