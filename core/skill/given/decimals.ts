import * as z from 'zod/mini';
import { ungrouped } from '../../numbers';
import { decimalsIn, figuresOf, hasPoint, placesOf, unitsAt } from '../../numbers/decimal-numerals';
import { amountsFlag, amountsIn, areAsSaid, numeral, type Amounts } from './amounts';
import { givenFrom, type GivenForm } from './form';
import type { PairRule } from './pair';

/** The schema of a decimal above 0 with so many whole digits and up to four places, without needless zeros. */
export function decimalOf(wholeDigits: number) {
  const expected = `a number above 0 of up to ${wholeDigits} whole digits and 4 places, without needless zeros`;
  return z.string().check(
    z.regex(new RegExp(`^(0|[1-9]\\d{0,${wholeDigits - 1}})(\\.\\d{0,3}[1-9])?$`), expected),
    z.refine((text) => text !== '0', 'must be above 0')
  );
}

/**
 * The schema of a decimal of so many digits, zeros before them apart, and decimal places; powers of ten, which only
 * move the point, are refused where they are no numbers to work with.
 */
export function significant(digits: number, places: number, { tens = false } = {}) {
  const expected = `a number of up to ${digits} digits and ${places} decimal places${tens ? '' : ', no power of ten'}`;
  const isMet = (numeral: string) =>
    decimalsIn(numeral) <= places &&
    figuresOf(numeral).length <= digits &&
    (tens || !/^10*$/.test(figuresOf(numeral)));
  return decimalOf(digits).check(z.refine(isMet, expected));
}

/** Decimals that are added, one at least with a point: `{addends: ['5.12', '3.7']}`. */
export function decimalAddends(
  [fewest, most]: readonly [number, number],
  wholeDigits: number,
  howToType: string
): GivenForm<{ addends: string[] } & Amounts> {
  const schema = z
    .strictObject({
      addends: z.array(numeral(wholeDigits)).check(
        z.minLength(fewest),
        z.maxLength(most),
        z.refine((addends) => addends.some(hasPoint), 'one of the numbers must have a point')
      ),
      amounts: amountsFlag
    })
    .check(
      areAsSaid(wholeDigits, ({ addends }) => addends.map((text, at) => [['addends', at], text]))
    );
  const from = (addends: readonly string[]) =>
    givenFrom(schema, { addends, ...amountsIn(addends) });
  return {
    schema,
    howToType,
    print: ({ addends }) => addends.join(' + '),
    parse: (line) => from(line.split('+').map(ungrouped) as string[]),
    itemKey: ({ addends }) => [...addends].sort().join('+'),
    operands: ({ addends }) => addends,
    from
  };
}

/** One of two numbers has a point. */
export const onePoint: PairRule = {
  holds: (...numbers) => numbers.some(hasPoint),
  message: 'one of the numbers must have a point'
};

/** The second number is below the first, which has a name. */
export function below(first: string): PairRule {
  return {
    holds(one, other) {
      const places = placesOf([one, other]);
      return unitsAt(one, places) > unitsAt(other, places);
    },
    message: `must be below the ${first}`
  };
}
