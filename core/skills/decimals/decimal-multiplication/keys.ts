import { strides, unpack, type Range } from '../../../spaces';
import { rowTables } from '../../../methods/products/row-tables';

/** What two factors, read as whole numbers, settle of an item wherever their points stand. */
export interface Facts {
  readonly digits: number;
  readonly multiplierDigits: number;
  /** Whether each ends in 0, and so can have no decimals. */
  readonly isRound: readonly [multiplicand: boolean, multiplier: boolean];
  readonly carries: number;
  readonly largestCarry: number;
  readonly productDigits: number;
  readonly productZeros: number;
}

/** How many values each part of a key has. */
const SIZES = [5, 4, 2, 2, 10, 9, 8, 7] as const;
const [, MULTIPLIER, ROUND, ROUND_BY, CARRIES, LARGEST, PRODUCT, ZEROS] = strides(SIZES);
export const KEYS = SIZES.reduce((product, size) => product * size, 1);

export function factsOf(key: number): Facts {
  const [digits, multiplierDigits, round, roundBy, carries, largest, product, zeros] = unpack(
    key,
    SIZES
  );
  return {
    ...{ digits, multiplierDigits, isRound: [round === 1, roundBy === 1] },
    ...{ carries, largestCarry: largest, productDigits: product, productZeros: zeros }
  };
}

/** Largest factors, as whole numbers. */
const MOST = 9999;

/** What is true of single numbers, by number. */
interface Numbers {
  /** The part of a key that a number settles, as multiplicand and as multiplier. */
  readonly multiplicand: Int32Array;
  readonly multiplier: Int32Array;
  /** How often 2 and 5 go into it. */
  readonly twos: Uint8Array;
  readonly fives: Uint8Array;
}

let numbers: Numbers | undefined;

function numberTable(): Numbers {
  const [multiplicand, multiplier] = [new Int32Array(MOST + 1), new Int32Array(MOST + 1)];
  const [twos, fives] = [new Uint8Array(MOST + 1), new Uint8Array(MOST + 1)];
  for (let number = 1; number <= MOST; number++) {
    const [digits, round] = [String(number).length, number % 10 === 0 ? 1 : 0];
    multiplicand[number] = digits + ROUND * round;
    multiplier[number] = MULTIPLIER * digits + ROUND_BY * round;
    twos[number] = timesIn(2, number);
    fives[number] = timesIn(5, number);
  }
  return { multiplicand, multiplier, twos, fives };
}

const timesIn = (prime: number, number: number): number =>
  number % prime === 0 ? 1 + timesIn(prime, number / prime) : 0;

/** The parts of a key that are needed; the others are left 0. */
export interface Needs {
  readonly rows: boolean;
  readonly productDigits: boolean;
  readonly productZeros: boolean;
}

/** A full key with only the parts that are needed. */
export function shortened(key: number, { rows, productDigits, productZeros }: Needs): number {
  let short = key % CARRIES;
  if (rows) short = key % PRODUCT;
  if (productDigits) short += (key % ZEROS) - (key % PRODUCT);
  return productZeros ? short + key - (key % ZEROS) : short;
}

/**
 * Writes the keys of a multiplicand with the multipliers from one on, one after the other, into a list. Millions of
 * pairs are gone through, so nothing is made anew.
 */
export function keyWriter(needs: Needs): (a: number, from: number, keys: Int32Array) => void {
  const { multiplicand, multiplier, twos, fives } = (numbers ??= numberTable());
  const { heldCount, heldLargest } = rowTables();
  // What the two lowest figures of a multiplier hold is worked out once for all hundreds of a multiplicand.
  const [lowHeld, lowLargest] = [new Int32Array(100), new Uint8Array(100)];
  let lowOf = 0;
  const takeLow = (a: number) => {
    lowOf = a;
    for (let low = 0; low < 100; low++) {
      // A figure 0, or none, holds nothing.
      const [tens, ones] = [a * 10 + Math.floor(low / 10), a * 10 + (low % 10)];
      lowHeld[low] = heldCount[tens]! + heldCount[ones]!;
      lowLargest[low] = Math.max(heldLargest[tens]!, heldLargest[ones]!);
    }
  };
  const addRows = (a: number, from: number, keys: Int32Array) => {
    if (a !== lowOf) takeLow(a);
    for (let at = 0; at < keys.length;) {
      const low = (from + at) % 100;
      const hundreds = a * 10 + Math.floor((from + at) / 100);
      const [held, largest] = [heldCount[hundreds]!, heldLargest[hundreds]!];
      const end = Math.min(keys.length, at + 100 - low);
      for (let figures = low; at < end; at++, figures++) {
        const most = lowLargest[figures]!;
        keys[at]! +=
          CARRIES * (held + lowHeld[figures]!) + LARGEST * (most > largest ? most : largest);
      }
    }
  };
  const addDigits = (a: number, from: number, keys: Int32Array) => {
    let digits = String(a * from).length;
    for (let at = 0; at < keys.length; digits++) {
      const end = Math.min(keys.length, Math.ceil(10 ** digits / a) - from);
      for (; at < end; at++) keys[at]! += PRODUCT * digits;
    }
  };
  const addZeros = (a: number, from: number, keys: Int32Array) => {
    const [inTwos, inFives] = [twos[a]!, fives[a]!];
    // Without a 5 in either factor the product has no zero.
    const step = inFives === 0 ? 5 : 1;
    for (let at = (step - (from % step)) % step; at < keys.length; at += step) {
      keys[at]! += ZEROS * Math.min(inTwos + twos[from + at]!, inFives + fives[from + at]!);
    }
  };
  return (a, from, keys) => {
    const own = multiplicand[a]!;
    for (let at = 0; at < keys.length; at++) keys[at] = own + multiplier[from + at]!;
    if (needs.rows) addRows(a, from, keys);
    if (needs.productDigits) addDigits(a, from, keys);
    if (needs.productZeros) addZeros(a, from, keys);
  };
}

const ALL: Needs = { rows: true, productDigits: true, productZeros: true };

const counted = new Map<string, readonly (readonly [key: number, pairs: number])[]>();

/** Full keys of the factors of some lengths, powers of ten apart, and how many pairs have each; counted once. */
export function pairsOf(digits: number, multiplierDigits: number) {
  const id = `${digits} ${multiplierDigits}`;
  let pairs = counted.get(id);
  if (!pairs) counted.set(id, (pairs = countPairs(digits, multiplierDigits)));
  return pairs;
}

function countPairs(digits: number, multiplierDigits: number) {
  const [one, other] = [numbersOf(digits), numbersOf(multiplierDigits)];
  const write = keyWriter(ALL);
  const keys = new Int32Array(other.max - other.min + 1);
  const pairs = new Uint32Array(KEYS);
  for (let a = one.min; a <= one.max; a++) {
    write(a, other.min, keys);
    for (let at = 0; at < keys.length; at++) pairs[keys[at]!]!++;
  }
  const found: (readonly [key: number, pairs: number])[] = [];
  for (let key = 0; key < KEYS; key++) if (pairs[key]! > 0) found.push([key, pairs[key]!]);
  return found;
}

/** The whole numbers of so many digits that are no power of ten. */
export const numbersOf = (digits: number): Range => ({
  min: 10 ** (digits - 1) + 1,
  max: 10 ** digits - 1
});
