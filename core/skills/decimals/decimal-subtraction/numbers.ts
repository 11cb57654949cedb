import type { Columns } from '../../../methods/columns/difference/columns';
import type { Amounts } from '../../../skill/given/amounts';
import { decimalsIn, placesOf, unitsAt, wholeDigitsOf } from '../../../numbers/decimal-numerals';
import { digitAt, toDigits } from '../../../numbers';

export const WHOLE_DIGITS = 5;
export const MOST_PLACES = 4;

export interface Given extends Amounts {
  readonly minuend: string;
  readonly subtrahend: string;
}

/** The columns with the points in line; both numbers have figures, or zeros, in all of them. */
export function columnsOf({ minuend, subtrahend }: Given): Columns {
  const places = placesOf([minuend, subtrahend]);
  const width = wholeDigitsOf([minuend]) + places;
  const figures = (numeral: string) => {
    const digits = toDigits(unitsAt(numeral, places));
    return Array.from({ length: width }, (_, at) => digitAt(digits, at));
  };
  return {
    top: figures(minuend),
    bottom: figures(subtrahend),
    lowest: -places,
    blanks: places - decimalsIn(minuend)
  };
}
