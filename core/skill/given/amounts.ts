import * as z from 'zod/mini';

/** Said of items whose numbers are amounts: each has two decimal places and keeps its zeros, as `7.30` does. */
export interface Amounts {
  readonly amounts?: boolean | undefined;
}

export const amountsFlag = z.optional(z.boolean());

const expected = (wholeDigits: number) =>
  `a number above 0 of up to ${wholeDigits} whole digits and 4 places, without needless zeros`;

/** The schema of a number of such an item, as far as it is the same for amounts and other decimals. */
export const numeral = (wholeDigits: number) =>
  z
    .string()
    .check(
      z.regex(
        new RegExp(`^(0|[1-9]\\d{0,${wholeDigits - 1}})(\\.\\d{1,4})?$`),
        expected(wholeDigits)
      )
    );

type Placed = readonly [path: readonly (string | number)[], text: string];

/** Checks that the numbers of an item are amounts where it says so, and have no needless zeros where it does not. */
export function areAsSaid<Given extends Amounts>(
  wholeDigits: number,
  numbersOf: (given: Given) => readonly Placed[]
) {
  return z.check<Given>(({ value, issues }) => {
    const isMet = value.amounts ? isAmount : isPlain;
    const message = value.amounts
      ? 'must be an amount above 0 with two places, like 7.30'
      : expected(wholeDigits);
    for (const [path, input] of numbersOf(value)) {
      if (!isMet(input)) issues.push({ code: 'custom', path: [...path], message, input });
    }
  });
}

const isAmount = (text: string) => /\.\d\d$/.test(text) && /[1-9]/.test(text);
const isPlain = (text: string) => !/\.\d*0$/.test(text) && /[1-9]/.test(text);

/** What is said of numbers as they were typed: they are amounts if one of them keeps a zero at its end. */
export function amountsIn(numerals: readonly (string | undefined)[]): Amounts {
  const isKept = numerals.some((text) => text !== undefined && /\.\d*0$/.test(text));
  return isKept ? { amounts: true } : {};
}
