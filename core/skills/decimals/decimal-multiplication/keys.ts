import { strides, unpack, type Range } from '../../../spaces';
import { rowTables } from '../../multiplication/row-tables';

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
const STRIDE = MOST + 1;

/** What is true of single numbers, by number. */
interface Numbers {
  /** The part of a key that a number settles, as multiplicand and as multiplier. */
  readonly multiplicand: Int32Array;
  readonly multiplier: Int32Array;
  /** Its ones, and further on its tens and its hundreds; 0 where it has none. */
  readonly figures: Uint8Array;
  /** How often 2 and 5 go into it. */
  readonly twos: Uint8Array;
  readonly fives: Uint8Array;
}

let numbers: Numbers | undefined;

function numberTable(): Numbers {
  const [multiplicand, multiplier] = [new Int32Array(MOST + 1), new Int32Array(MOST + 1)];
  const [twos, fives] = [new Uint8Array(MOST + 1), new Uint8Array(MOST + 1)];
  const figures = new Uint8Array(3 * STRIDE);
  for (let number = 1; number <= MOST; number++) {
    const [digits, round] = [String(number).length, number % 10 === 0 ? 1 : 0];
    multiplicand[number] = digits + ROUND * round;
    multiplier[number] = MULTIPLIER * digits + ROUND_BY * round;
    for (const place of [0, 1, 2]) {
      figures[place * STRIDE + number] = Math.floor(number / 10 ** place) % 10;
    }
    twos[number] = timesIn(2, number);
    fives[number] = timesIn(5, number);
  }
  return { multiplicand, multiplier, figures, twos, fives };
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
  const { multiplicand, multiplier, twos, fives, figures } = (numbers ??= numberTable());
  const { heldCount, heldLargest } = rowTables();
  const addRows = (a: number, from: number, keys: Int32Array) => {
    for (let at = 0; at < keys.length; at++) {
      const b = from + at;
      // A figure 0, or none, holds nothing.
      const row = a * 10;
      const ones = row + figures[b]!;
      const tens = row + figures[STRIDE + b]!;
      const hundreds = row + figures[2 * STRIDE + b]!;
      let most = heldLargest[ones]!;
      if (heldLargest[tens]! > most) most = heldLargest[tens]!;
      if (heldLargest[hundreds]! > most) most = heldLargest[hundreds]!;
      const held = heldCount[ones]! + heldCount[tens]! + heldCount[hundreds]!;
      keys[at]! += CARRIES * held + LARGEST * most;
    }
  };
  const addDigits = (a: number, from: number, keys: Int32Array) => {
    let digits = 1;
    for (let at = 0; at < keys.length; at++) {
      while (a * (from + at) >= POWERS[digits]!) digits++;
      keys[at]! += PRODUCT * digits;
    }
  };
  const addZeros = (a: number, from: number, keys: Int32Array) => {
    for (let at = 0; at < keys.length; at++) {
      const inTwos = twos[a]! + twos[from + at]!;
      const inFives = fives[a]! + fives[from + at]!;
      keys[at]! += ZEROS * (inTwos < inFives ? inTwos : inFives);
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
  const pairs = new Float64Array(KEYS);
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

const POWERS = Float64Array.from({ length: 9 }, (_, power) => 10 ** power);
