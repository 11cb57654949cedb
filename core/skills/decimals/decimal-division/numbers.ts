import { decimalsIn, figuresOf, hasPoint } from '../../../numbers/decimal-numerals';
import type { PairRule } from '../../../skill/given/pair';
import type { Given } from '../../../methods/division/look';

/** Most digits of the dividend, and decimal places of dividend, divisor and quotient. */
export const DIGITS = 5;
export const DIVIDEND_PLACES = 3;
export const DIVISOR_PLACES = 2;
export const QUOTIENT_PLACES = 3;

/**
 * A division with both points moved until the divisor is whole, and zeros put on until nothing is left:
 * 6 / 0.05 is 600 / 5, and 7 / 4 is 7.00 / 4.
 */
export interface Moved {
  readonly divisor: bigint;
  /** How far both points move. */
  readonly shift: number;
  /** Zeros put on the dividend to move its point. */
  readonly shiftZeros: number;
  /** The dividend in units of 10^-places, before and after further zeros are put on. */
  readonly units: bigint;
  readonly places: number;
  readonly extraZeros: number;
  /** The quotient, in units of its last place. */
  readonly quotient: bigint;
  readonly quotientPlaces: number;
}

/** Most zeros that are ever put on: a divisor below 100 has no more twos or fives in it. */
const MOST_ZEROS = 6;

/** The division of an item; undefined where the quotient does not end. */
export function moved({ dividend, divisor }: Given): Moved | undefined {
  const [own, shift] = [decimalsIn(dividend), decimalsIn(divisor)];
  const shiftZeros = Math.max(0, shift - own);
  const places = Math.max(0, own - shift);
  const units = BigInt(figuresOf(dividend)) * 10n ** BigInt(shiftZeros);
  const by = BigInt(figuresOf(divisor));
  for (let extraZeros = 0; extraZeros <= MOST_ZEROS; extraZeros++) {
    const whole = units * 10n ** BigInt(extraZeros);
    if (whole % by !== 0n) continue;
    return {
      ...{ divisor: by, shift, shiftZeros, units, places, extraZeros },
      quotient: whole / by,
      quotientPlaces: places + extraZeros
    };
  }
  return undefined;
}

/** The quotient ends within its places. */
export const ending: PairRule = {
  holds: (dividend, divisor) =>
    (moved({ dividend, divisor })?.quotientPlaces ?? Infinity) <= QUOTIENT_PLACES,
  message: `must go into the dividend with at most ${QUOTIENT_PLACES} decimal places`
};

/** A point stands in one of the numbers, or in the quotient. */
export const pointed: PairRule = {
  holds: (dividend, divisor) =>
    [dividend, divisor].some(hasPoint) || (moved({ dividend, divisor })?.quotientPlaces ?? 0) > 0,
  message: 'one of the numbers, or the quotient, must have a point'
};
