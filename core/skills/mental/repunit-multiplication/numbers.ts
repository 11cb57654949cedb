import { parseDigits } from '../../../numbers';

export interface Given {
  readonly multiplicand: string;
  readonly repunit: string;
}

/** A place of the product: what the window over it totals, and what is carried into it and out of it. */
export interface WindowPlace {
  /** The digits under the window, from the left; zeros outside the number are left out. */
  readonly digits: readonly number[];
  readonly carryIn: number;
  readonly carryOut: number;
  readonly digit: number;
}

/** The places of the product from the ones; the highest has nothing but a carry where there is one. */
export function windowsOf({ multiplicand, repunit }: Given): WindowPlace[] {
  const digits = parseDigits(multiplicand, 10)!;
  const places: WindowPlace[] = [];
  let carryIn = 0;
  for (let place = 0; place < digits.length + repunit.length - 1; place++) {
    const under = digits.slice(Math.max(0, place - repunit.length + 1), place + 1).toReversed();
    const total = under.reduce((sum, digit) => sum + digit, carryIn);
    const carryOut = Math.floor(total / 10);
    places.push({ digits: under, carryIn, carryOut, digit: total % 10 });
    carryIn = carryOut;
  }
  return places;
}

/** What is looked at of an item. */
export interface Look extends Given {
  readonly carries: readonly number[];
}

export const look = (given: Given): Look => ({
  ...given,
  carries: windowsOf(given).map(({ carryOut }) => carryOut)
});
