import { decimalsIn, figuresOf } from '../../../numbers/decimal-numerals';
import { count, flag } from '../../../skill/feature';
import type { Given } from '../../../methods/division/look';
import { zerosIn } from '../../../numbers/digit-measures';
import {
  DIGITS,
  DIVIDEND_PLACES,
  DIVISOR_PLACES,
  moved,
  QUOTIENT_PLACES,
  type Moved
} from './numbers';

/** What is seen of a division of decimals. */
export interface Look extends Moved {
  readonly digits: number;
  readonly dividendPlaces: number;
  /** The figures of the quotient from the first that is not 0. */
  readonly figures: string;
}

export function look(given: Given): Look {
  const found = moved(given)!;
  return {
    ...found,
    digits: figuresOf(given.dividend).length,
    dividendPlaces: decimalsIn(given.dividend),
    figures: String(found.quotient)
  };
}

const DIVISORS = [2, 99] as const;

export const features = {
  digits: count<Look>(
    [1, DIGITS],
    'Digits',
    'digits of the dividend, zeros before them apart',
    (l) => l.digits
  ),
  divisor: count<Look>(DIVISORS, 'Divisor', 'the number divided by, without its point', (l) =>
    Number(l.divisor)
  ),
  divisorDigits: count<Look>(
    [1, 2],
    'Digits of the divisor',
    'zeros before them apart',
    (l) => String(l.divisor).length
  ),
  divisorPlaces: count<Look>(
    [0, DIVISOR_PLACES],
    'Places of the divisor',
    'its decimal places',
    (l) => l.shift
  ),
  dividendPlaces: count<Look>(
    [0, DIVIDEND_PLACES],
    'Places of the dividend',
    'its decimal places',
    (l) => l.dividendPlaces
  ),
  shiftZeros: count<Look>(
    [0, DIVISOR_PLACES],
    'Zeros to move the point',
    'zeros put on the dividend to move its point',
    (l) => l.shiftZeros
  ),
  extraZeros: count<Look>(
    [0, QUOTIENT_PLACES],
    'Zeros to finish',
    'further zeros put on the dividend until nothing is left',
    (l) => l.extraZeros
  ),
  quotientPlaces: count<Look>(
    [0, QUOTIENT_PLACES],
    'Places of the quotient',
    'its decimal places',
    (l) => l.quotientPlaces
  ),
  quotientDigits: count<Look>(
    [1, 9],
    'Digits of the quotient',
    'from the first that is not 0',
    (l) => l.figures.length
  ),
  quotientZeros: count<Look>(
    [0, 6],
    'Zeros in the quotient',
    'zeros after its first digit that is not 0',
    (l) => zerosIn(l.figures)
  ),
  belowOne: flag<Look>(
    'Below one',
    'the quotient is below 1',
    (l) => l.figures.length <= l.quotientPlaces
  ),
  divisorBelowOne: flag<Look>(
    'Divisor below one',
    'the quotient is larger than the dividend',
    (l) => l.shift >= String(l.divisor).length
  )
};
