import { fromDigits, parseDigits, printNumber } from '../../numbers';
import { ANSWER, capital, stepOn, using, type Step } from '../../working';

/**
 * The answer that reads the digits to the place `highest` across, as they stand: a square with 14 reads 14.
 * `what` is what it is called: the sum, the product.
 */
export function answerAcross(
  highest: number,
  base: number,
  kind: string,
  what: string,
  id = ANSWER
): Step {
  const places = Array.from({ length: highest + 1 }, (_, i) => `${kind}.${highest - i}`);
  const across = using(places, (...digits) => {
    if (digits.some((digit) => digit < 0n)) return undefined;
    const numeral = digits.map((digit) => printNumber(digit, base)).join('');
    return fromDigits(parseDigits(numeral, base)!, base);
  });
  return stepOn(id, across, {
    assembled: true,
    label: id === ANSWER ? 'Answer' : capital(what),
    says: ({ value }) => `The ${what} is ${value}.`
  });
}
