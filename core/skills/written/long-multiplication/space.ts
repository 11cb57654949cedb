import { indexItems, spendOn, type ItemSpace, type Range } from '../../../spaces';
import { isTables } from '../../../skill/controls';
import type { Given } from '../../../methods/products/factors';
import { rowTables } from '../../../methods/products/row-tables';
import type { Wanted } from '../../../skill/request';

/** A pair of factors in one number below 10^7. */
const PACK = 1000;

/** All items that are wanted: the pairs of factors are few enough to be looked at. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const [first, second] = [
    numbersOf(wanted.range('digits')),
    numbersOf(wanted.range('multiplierDigits'))
  ];
  const isWanted = pairTest(wanted);
  const isIn = (a: number, b: number) =>
    a >= first.min && a <= first.max && b >= second.min && b <= second.max && isWanted(a, b);
  const walk = (visit: (key: number) => boolean | void) => {
    for (let a = first.min; a <= first.max; a++) {
      spendOn(second.max - second.min + 1);
      for (let b = second.min; b <= second.max; b++)
        if (isWanted(a, b) && visit(a * PACK + b) === true) return;
    }
  };
  return indexItems({
    size: 10_000 * PACK,
    walk,
    item: (key) => ({
      multiplicand: String(Math.floor(key / PACK)),
      multiplier: String(key % PACK)
    }),
    features(key) {
      const [a, b] = [Math.floor(key / PACK), key % PACK];
      return {
        carries: rowsOf(a, b).reduce((sum, row) => sum + rowTables().heldCount[row]!, 0),
        largestCarry: Math.max(...rowsOf(a, b).map((row) => rowTables().heldLargest[row]!)),
        digits: String(a).length,
        multiplierDigits: String(b).length,
        additionCarries: carriesWhenAdded(a, b),
        zeros: rowTables().zeroCount[a]!,
        multiplierZeros: rowTables().zeroCount[b]!
      };
    },
    /** Pairs that also stand in the space the other way round count once. */
    usable() {
      let pairs = 0;
      walk((key) => {
        const [a, b] = [Math.floor(key / PACK), key % PACK];
        const isTwice = a !== b && a < PACK && isIn(b, a);
        if (!isTwice || a < b) pairs++;
      });
      return BigInt(pairs);
    }
  });
}

function numbersOf({ min, max }: Range): Range {
  return { min: 10 ** (min - 1), max: 10 ** max - 1 };
}

/** Tells whether a pair meets all that is asked but its lengths, from tables of single rows. */
function pairTest(wanted: Wanted): (a: number, b: number) => boolean {
  const [carries, largest] = [wanted.range('carries'), wanted.range('largestCarry')];
  const [added, zeros] = [wanted.range('additionCarries'), wanted.range('zeros')];
  const multiplierZeros = wanted.range('multiplierZeros');
  const hasRows = wanted.asks('carries', 'largestCarry');
  const hasAdded = wanted.asks('additionCarries');
  const tables = wanted.of('tables');
  const barred =
    tables && isTables(tables) ? ~[...tables.allow].reduce((mask, m) => mask | (1 << m), 3) : 0;
  const { zeroCount, digitMask, heldCount, heldLargest } = rowTables();
  const lies = (value: number, { min, max }: Range) => value >= min && value <= max;
  return (a, b) => {
    if (!lies(zeroCount[a]!, zeros) || !lies(zeroCount[b]!, multiplierZeros)) return false;
    // Some pair has no allowed member exactly if each factor has a barred digit.
    if (digitMask[a]! & barred && digitMask[b]! & barred) return false;
    if (hasRows) {
      let [held, most] = [0, 0];
      for (let rest = b; rest > 0; rest = (rest / 10) | 0) {
        const row = a * 10 + (rest % 10);
        held += heldCount[row]!;
        if (heldLargest[row]! > most) most = heldLargest[row]!;
      }
      if (!lies(held, carries) || !lies(most, largest)) return false;
    }
    return !hasAdded || lies(carriesWhenAdded(a, b), added);
  };
}

/** Where the tables have the rows of a pair. */
function rowsOf(a: number, b: number): number[] {
  return [...String(b)].map((digit) => a * 10 + Number(digit));
}

/** Columns that carry when the rows of a pair are added, each row shifted to its place. */
function carriesWhenAdded(a: number, b: number): number {
  let [first, second, third] = [
    a * (b % 10),
    a * (((b / 10) | 0) % 10) * 10,
    a * ((b / 100) | 0) * 100
  ];
  let [carry, carries] = [0, 0];
  while (first + second + third > 0) {
    carry = (((first % 10) + (second % 10) + (third % 10) + carry) / 10) | 0;
    if (carry > 0) carries++;
    first = (first / 10) | 0;
    second = (second / 10) | 0;
    third = (third / 10) | 0;
  }
  return carries;
}
