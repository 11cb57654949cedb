import type { Operation } from '../../../skill/card';
import type { Choice } from '../../../strategies/best-strategy';
import type { Calculation } from '../../../skill/given/calculation';

/** The operations of which ways are chosen; divisions have one way each. */
export const OPERATIONS = ['addition', 'subtraction', 'multiplication'] as const;

/** Numbers of two and three digits, without ten. */
export const [LEAST, MOST] = [11, 999] as const;

const WIDTH = MOST - LEAST + 1;

/** Pairs of these numbers, either first. */
const PAIRS = (WIDTH * (WIDTH + 1)) / 2;

/** Keys of the table: a pair for each operation. */
export const SIZE = OPERATIONS.length * PAIRS;

/** A margin of so much stands for more as well, and for a way without another. */
export const LARGEST_MARGIN = 9;

/**
 * The sum of a key, or undefined where it is none: a difference of nothing, and what is done on tens alone. Which number
 * of a pair stands first is settled by whether their sum is odd, so that either order is met.
 */
export function sumAt(key: number): Calculation | undefined {
  const { operation, larger, smaller } = numbersAt(key);
  if (isTrivial(operation, larger, smaller)) return undefined;
  const isTurned = operation !== 'subtraction' && (larger + smaller) % 2 === 1;
  return {
    operation,
    operands: (isTurned ? [smaller, larger] : [larger, smaller]).map(String)
  };
}

/** The operation and the numbers of a key. */
export function numbersAt(key: number) {
  const [larger, smaller] = pairAt(key % PAIRS);
  return { operation: OPERATIONS[Math.floor(key / PAIRS)]!, larger, smaller };
}

/** The key of a sum of two numbers of the table, in either order. */
export function keyOf({ operation, operands }: Calculation): number {
  const [larger, smaller] = operands.map(Number).toSorted((one, other) => other - one);
  const row = larger! - LEAST;
  const pair = (row * (row + 1)) / 2 + smaller! - LEAST;
  return OPERATIONS.indexOf(operation as (typeof OPERATIONS)[number]) * PAIRS + pair;
}

function pairAt(pair: number): [larger: number, smaller: number] {
  const row = Math.floor((Math.sqrt(8 * pair + 1) - 1) / 2);
  return [LEAST + row, LEAST + pair - (row * (row + 1)) / 2];
}

/** Nothing is chosen where the numbers are tens, or equal and taken away. */
export function isTrivial(operation: Operation, larger: number, smaller: number): boolean {
  const tens = [larger, smaller].filter((number) => number % 10 === 0).length;
  if (operation === 'multiplication') return tens > 0;
  return tens === 2 || (operation === 'subtraction' && larger === smaller);
}

/** The best of some ways and its margin in a byte; 0 stands for none. */
export function byteOf(ways: readonly string[], { best, margin }: Choice): number {
  if (!best[0]) return 0;
  const place = ways.indexOf(best[0].skill.id);
  return 1 + place * (LARGEST_MARGIN + 1) + Math.min(margin, LARGEST_MARGIN);
}

/** What a byte other than 0 says. */
export function readByte(byte: number): { place: number; margin: number } {
  return {
    place: Math.floor((byte - 1) / (LARGEST_MARGIN + 1)),
    margin: (byte - 1) % (LARGEST_MARGIN + 1)
  };
}

/**
 * Whether a place but the highest is passed: digits that come to ten and more together, or a digit that is taken from a
 * smaller one. Products always do.
 */
export function crosses(operation: Operation, larger: number, smaller: number): boolean {
  if (operation === 'multiplication') return true;
  for (let power = 10; power <= larger; power *= 10) {
    // What stands below a place comes to it together, or lacks what is taken away.
    const [one, other] = [larger % power, smaller % power];
    if (operation === 'addition' ? one + other >= power : one < other) return true;
  }
  return false;
}
