import { strides, unpack } from '../../../spaces';
import { DIGITS } from './numbers';

/** Largest dividend, as a whole number. */
const LARGEST = 10 ** DIGITS - 1;

/** What a dividend and a divisor, read as whole numbers, and their quotient settle of an item wherever its points stand. */
export interface Facts {
  readonly digits: number;
  readonly divisorDigits: number;
  /** Whether dividend and divisor end in 0, and so can have no decimals. */
  readonly isRound: readonly [dividend: boolean, divisor: boolean];
  /** Decimal places of the quotient, or zeros at its end if it is whole. */
  readonly behind: number;
  readonly endZeros: number;
  /** Its figures from the first to the last that is not 0, and the zeros among them. */
  readonly figures: number;
  readonly zeros: number;
}

/** How many values each part of a key has. */
const SIZES = [DIGITS + 1, 3, 4, 7, 6, 10, 9] as const;
const [, DIVISOR, ROUND, BEHIND, END, FIGURES, ZEROS] = strides(SIZES);

export function factsOf(key: number): Facts {
  const [digits, divisorDigits, round, behind, endZeros, figures, zeros] = unpack(key, SIZES);
  return {
    ...{ digits: digits, divisorDigits: divisorDigits },
    isRound: [round % 2 === 1, round >= 2],
    ...{ behind: behind, endZeros: endZeros, figures: figures, zeros: zeros }
  };
}

/** Dividends, as whole numbers, that are alike in all that a key tells. */
export interface Group {
  readonly divisor: number;
  readonly key: number;
  readonly dividends: Int32Array;
}

const known = new Map<number, readonly Group[]>();

/** The dividends whose quotients by a divisor from 2 to 99 end, worked out when they are first asked for. */
export function groupsOf(divisor: number): readonly Group[] {
  let groups = known.get(divisor);
  if (!groups) known.set(divisor, (groups = grouped(divisor)));
  return groups;
}

/**
 * A quotient ends exactly where the dividend has in it all of the divisor that is neither two nor five. So the
 * quotients are those of 1, 2, 3, ... by the twos and fives of the divisor, and none is tried in vain.
 */
function grouped(divisor: number): Group[] {
  let step = divisor;
  while (step % 2 === 0) step /= 2;
  while (step % 5 === 0) step /= 5;
  const own = DIVISOR * (divisor < 10 ? 1 : 2) + ROUND * (divisor % 10 === 0 ? 2 : 0);
  const dividends = new Map<number, number[]>();
  for (let times = 1; times * step <= LARGEST; times++) {
    const dividend = step * times;
    const round = dividend % 10 === 0 ? ROUND : 0;
    const key = own + digitsOf(dividend) + round + quotientKey(times, divisor / step);
    const alike = dividends.get(key);
    if (alike) alike.push(dividend);
    else dividends.set(key, [dividend]);
  }
  return [...dividends].map(([key, alike]) => ({
    divisor,
    key,
    dividends: Int32Array.from(alike)
  }));
}

/** The part of a key that tells of a quotient. */
function quotientKey(dividend: number, divisor: number): number {
  let [units, behind] = [dividend, 0];
  while (units % divisor !== 0) {
    units *= 10;
    behind++;
  }
  let [rest, endZeros, figures, zeros] = [units / divisor, 0, 0, 0];
  for (; rest % 10 === 0; rest /= 10) endZeros++;
  for (; rest > 0; rest = Math.floor(rest / 10)) {
    figures++;
    if (rest % 10 === 0) zeros++;
  }
  return BEHIND * behind + END * endZeros + FIGURES * figures + ZEROS * zeros;
}

function digitsOf(number: number): number {
  let digits = 1;
  for (let power = 10; number >= power; power *= 10) digits++;
  return digits;
}
