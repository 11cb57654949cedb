import type { Space } from '../../../spaces';
import { isTables, rangeOf, type Constraints } from '../../controls';
import type { Range } from '../../../spaces';
import { features } from './features';
import { LIMITS, type Given } from './operands';

/** A pair of factors in one number below 10^7. */
const PACK = 1000;

/** All items under the constraints: a packed list of the factors, 4 bytes an item. */
export function space(constraints: Constraints): Space<Given> {
  const packed = new Uint32Array(countPairs(constraints));
  let at = 0;
  eachPair(constraints, (multiplicand, multiplier) => {
    packed[at++] = multiplicand * PACK + multiplier;
  });
  const total = BigInt(packed.length);
  return {
    count: total,
    at(rank) {
      if (rank < 0n || rank >= total) {
        throw new RangeError(`a rank from 0 to ${total - 1n} is needed, got ${rank}`);
      }
      const code = packed[Number(rank)]!;
      return { multiplicand: String(Math.floor(code / PACK)), multiplier: String(code % PACK) };
    }
  };
}

export function count(constraints: Constraints): bigint {
  return BigInt(countPairs(constraints));
}

/** Whether there are any. */
export function exists(constraints: Constraints): boolean {
  let isFound = false;
  eachPair(constraints, () => (isFound = true));
  return isFound;
}

/** Pairs that also stand in the space the other way round count once. */
export function usable(constraints: Constraints): bigint {
  let pairs = 0;
  const isIn = pairTest(constraints);
  const { multiplicands, multipliers } = blocks(constraints);
  const inBlocks = (a: number, b: number) =>
    a >= multiplicands.min &&
    a <= multiplicands.max &&
    b >= multipliers.min &&
    b <= multipliers.max;
  eachPair(constraints, (a, b) => {
    const isTwice = a !== b && a < PACK && inBlocks(b, a) && isIn(b, a);
    if (!isTwice || a < b) pairs++;
  });
  return BigInt(pairs);
}

function countPairs(constraints: Constraints): number {
  let pairs = 0;
  eachPair(constraints, () => {
    pairs++;
  });
  return pairs;
}

function blocks(constraints: Constraints): { multiplicands: Range; multipliers: Range } {
  return {
    multiplicands: numbersOf(rangeOf(constraints, 'digits') ?? LIMITS.multiplicand),
    multipliers: numbersOf(rangeOf(constraints, 'multiplierDigits') ?? LIMITS.multiplier)
  };
}

function numbersOf({ min, max }: Range): Range {
  return { min: 10 ** (min - 1), max: 10 ** max - 1 };
}

/** Visits the pairs until a visit gives true. */
function eachPair(constraints: Constraints, visit: (a: number, b: number) => boolean | void): void {
  const { multiplicands, multipliers } = blocks(constraints);
  const isIn = pairTest(constraints);
  for (let a = multiplicands.min; a <= multiplicands.max; a++) {
    for (let b = multipliers.min; b <= multipliers.max; b++)
      if (isIn(a, b) && visit(a, b) === true) return;
  }
}

/** Tells whether a pair meets every constraint but those on its lengths, from tables of single rows. */
function pairTest(constraints: Constraints): (a: number, b: number) => boolean {
  const range = (id: string): Range => {
    const limits = features.find((feature) => feature.id === id)!;
    const { min, max } = limits as { min: number; max: number };
    return rangeOf(constraints, id) ?? { min, max };
  };
  const [carries, largest, added] = [
    range('carries'),
    range('largestCarry'),
    range('additionCarries')
  ];
  const [zeros, multiplierZeros] = [range('zeros'), range('multiplierZeros')];
  const hasRows = constraints['carries'] !== undefined || constraints['largestCarry'] !== undefined;
  const hasAdded = constraints['additionCarries'] !== undefined;
  const tables = constraints['tables'];
  const barred =
    tables && isTables(tables) ? ~[...tables.allow].reduce((mask, m) => mask | (1 << m), 3) : 0;
  const { heldCount, heldLargest, zeroCount, digitMask } = rowTables();
  return (a, b) => {
    const za = zeroCount[a]!;
    const zb = zeroCount[b]!;
    if (za < zeros.min || za > zeros.max || zb < multiplierZeros.min || zb > multiplierZeros.max)
      return false;
    // Some pair has no allowed member exactly if each factor has a barred digit.
    if (digitMask[a]! & barred && digitMask[b]! & barred) return false;
    if (hasRows) {
      let held = 0;
      let most = 0;
      for (let rest = b; rest > 0; rest = (rest / 10) | 0) {
        const row = a * 10 + (rest % 10);
        held += heldCount[row]!;
        if (heldLargest[row]! > most) most = heldLargest[row]!;
      }
      if (held < carries.min || held > carries.max || most < largest.min || most > largest.max)
        return false;
    }
    if (!hasAdded) return true;
    const sums = carriesWhenAdded(a, b);
    return sums >= added.min && sums <= added.max;
  };
}

/** Columns that carry when the rows of a pair are added, each row shifted to its place. */
function carriesWhenAdded(a: number, b: number): number {
  let first = a * (b % 10);
  let second = a * (((b / 10) | 0) % 10) * 10;
  let third = a * ((b / 100) | 0) * 100;
  let carry = 0;
  let carries = 0;
  while (first + second + third > 0) {
    carry =
      (first % 10) + (second % 10) + (third % 10) + carry >= 10
        ? (((first % 10) + (second % 10) + (third % 10) + carry) / 10) | 0
        : 0;
    if (carry > 0) carries++;
    first = (first / 10) | 0;
    second = (second / 10) | 0;
    third = (third / 10) | 0;
  }
  return carries;
}

interface RowTables {
  /** Held carries of multiplicand x digit, at `10 * multiplicand + digit`, and the largest of them. */
  readonly heldCount: Uint8Array;
  readonly heldLargest: Uint8Array;
  readonly zeroCount: Uint8Array;
  /** Bit d is set if digit d (2 to 9) stands in the number. */
  readonly digitMask: Uint16Array;
}

let tables: RowTables | undefined;

function rowTables(): RowTables {
  tables ??= buildRowTables(10_000);
  return tables;
}

function buildRowTables(limit: number): RowTables {
  const heldCount = new Uint8Array(limit * 10);
  const heldLargest = new Uint8Array(limit * 10);
  const zeroCount = new Uint8Array(limit);
  const digitMask = new Uint16Array(limit);
  for (let number = 1; number < limit; number++) {
    for (let rest = number; rest > 0; rest = Math.floor(rest / 10)) {
      const digit = rest % 10;
      if (digit === 0) zeroCount[number]!++;
      if (digit >= 2) digitMask[number]! |= 1 << digit;
    }
    for (let m = 0; m < 10; m++) {
      let carry = 0;
      for (let rest = number; rest >= 10; rest = Math.floor(rest / 10)) {
        carry = Math.floor(((rest % 10) * m + carry) / 10);
        if (carry > 0) heldCount[number * 10 + m]!++;
        if (carry > heldLargest[number * 10 + m]!) heldLargest[number * 10 + m] = carry;
      }
    }
  }
  return { heldCount, heldLargest, zeroCount, digitMask };
}
