import { usualAdvice } from '../../../house-style';

export interface Given {
  readonly left: string;
  readonly right: string;
}

/** Two factors with what they come to when each that is above ten and even is halved until it is not. */
export interface Look {
  readonly factors: readonly [number, number];
  /** What each factor is after each of its halvings. */
  readonly halved: readonly [readonly number[], readonly number[]];
  /** Where the two end. */
  readonly ends: readonly [number, number];
}

export const SIDES = ['left', 'right'] as const;

function halvingsOf(factor: number): number[] {
  const halved: number[] = [];
  for (let left = factor; left > 10 && left % 2 === 0;) halved.push((left /= 2));
  return halved;
}

export const look = ({ left, right }: Given): Look => lookAt(Number(left), Number(right));

export function lookAt(left: number, right: number): Look {
  const factors = [left, right] as const;
  const halved = [halvingsOf(factors[0]), halvingsOf(factors[1])] as const;
  const ends = [halved[0].at(-1) ?? factors[0], halved[1].at(-1) ?? factors[1]] as const;
  return { factors, halved, ends };
}

export const countHalvings = ({ halved }: Look): number => halved[0].length + halved[1].length;

/** Carries when a number is doubled: a digit of 5 and more sends one on (common practice). */
function carriesWhenDoubled(number: number): number {
  let carries = 0;
  for (let left = number; left > 0; left = Math.floor(left / 10)) if (left % 10 >= 5) carries++;
  return carries;
}

/** Carries of all the doublings that bring the halvings back. */
export function countDoublingCarries(seen: Look): number {
  let [carries, value] = [0, seen.ends[0] * seen.ends[1]];
  for (let at = countHalvings(seen); at > 0; at--) {
    carries += carriesWhenDoubled(value);
    value *= 2;
  }
  return carries;
}

/** Something is halved, and both factors end where the tables are known: at ten or less. */
export const isSuited = (seen: Look, { tables } = usualAdvice): boolean =>
  countHalvings(seen) > 0 && seen.ends.every((end) => end <= tables);

/**
 * Which factor is halved, once, and the other doubled: the one that makes a multiple of ten of the other, else the
 * larger of the even ones. Undefined if both are odd.
 */
export function sideToHalve({ factors }: Look): 0 | 1 | undefined {
  const even = ([0, 1] as const).filter((side) => factors[side] % 2 === 0);
  const round = even.find((side) => factors[1 - side]! % 10 === 5);
  if (round !== undefined || even.length < 2) return round ?? even[0];
  return factors[0] >= factors[1] ? 0 : 1;
}

/** Halving one factor and doubling the other makes a multiple of ten of it that it was not. */
export function makesTen(seen: Look): boolean {
  const side = sideToHalve(seen);
  return side !== undefined && seen.factors[1 - side]! % 10 === 5;
}
