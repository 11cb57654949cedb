import * as z from 'zod/mini';
import { ungrouped } from '../../numbers';
import { givenFrom, type GivenForm } from './form';
import { pairOf, SIGNS } from './pair';

type Digits = readonly [least: number, most: number];

/** The schema of a whole number from 1 as a plain numeral of so many digits. */
function numeralOf([least, most]: Digits) {
  const expected =
    least === 1
      ? `a whole number from 1, of up to ${most} digits, without leading zeros`
      : `a whole number of ${least} to ${most} digits`;
  return z.string().check(z.regex(new RegExp(`^[1-9]\\d{${least - 1},${most - 1}}$`), expected));
}

/** The schema of one digit, at least so much. */
export function digitFrom(least: number) {
  return z.string().check(z.regex(new RegExp(`^[${least}-9]$`), `a digit from ${least} to 9`));
}

/** The schema of a whole number between two. */
export function numberBetween(least: number, most: number) {
  const isBetween = (text: string) =>
    /^[1-9]\d*$/.test(text) && Number(text) >= least && Number(text) <= most;
  return z.string().check(z.refine(isBetween, `a whole number from ${least} to ${most}`));
}

/** Whole numbers that are added: `{addends: ['487', '365']}`. */
export function addends(
  [fewest, most]: readonly [number, number],
  digits: Digits,
  howToType: string
): GivenForm<{ addends: string[] }> {
  const schema = z.strictObject({
    addends: z.array(numeralOf(digits)).check(z.minLength(fewest), z.maxLength(most))
  });
  return {
    schema,
    howToType,
    print: ({ addends }) => addends.join(' + '),
    parse: (line) => givenFrom(schema, { addends: line.split(SIGNS['+']).map(ungrouped) }),
    itemKey: ({ addends }) => [...addends].sort().join('+'),
    operands: ({ addends }) => addends,
    from: (operands) => givenFrom(schema, { addends: operands })
  };
}

interface TwoNumbers {
  readonly sign: keyof typeof SIGNS;
  /** Digits of the first number and of the second, or the second's own schema. */
  readonly digits: readonly [Digits, Digits | z.ZodMiniType<string>];
  readonly howToType: string;
  /** The second must be below the first. */
  readonly descending?: boolean;
  /** The second must go into the first at least so many times. */
  readonly times?: number;
  /** The two may change places. */
  readonly commutes?: boolean;
}

/** Two whole numbers with a sign between them, under the names they have in the skill. */
export function twoNumbers<First extends string, Second extends string>(
  first: First,
  second: Second,
  { digits, descending = false, times, ...more }: TwoNumbers
): GivenForm<Record<First | Second, string>> {
  return pairOf(first, second, {
    ...more,
    numbers: [numeralOf(digits[0]), 'parse' in digits[1] ? digits[1] : numeralOf(digits[1])],
    rules: [
      {
        holds: (one, other) => !descending || BigInt(one) > BigInt(other),
        message: `must be below the ${first}`
      },
      {
        holds: (one, other) => times === undefined || BigInt(one) >= BigInt(times) * BigInt(other),
        message: `must go into the ${first} at least ${times} times`
      }
    ]
  });
}
