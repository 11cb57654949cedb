import { printDecimal } from '../../../numbers';
import { bitCount, gridItems, type ItemSpace, type Range, type Told } from '../../../spaces';
import type { Given } from '../../multiplication/factors';
import { rowTables } from '../../multiplication/row-tables';
import type { Wanted } from '../../wanted';
import { MOST_PLACES } from './operands';

/** Where the points of two factors may stand: a bit for each pair of places. */
const PLACES = MOST_PLACES + 1;
const POINTS = Array.from({ length: PLACES ** 2 }, (_, at) => at);

/** What the places of a pair of whole numbers are judged by. */
interface Pair {
  readonly digits: number;
  readonly multiplierDigits: number;
  /** Whether each ends in 0, and so can have no decimals. */
  readonly isRound: readonly [boolean, boolean];
  readonly carries: number;
  readonly largestCarry: number;
  readonly productDigits: number;
  readonly productZeros: number;
}

/** How many values each part of a pair's key has. */
const SIZES = { lengths: 12, round: 4, carries: 10, largestCarry: 9, digits: 8, zeros: 7 };
const KEYS = Object.values(SIZES).reduce((product, size) => product * size, 1);

/**
 * All products that are wanted: two whole numbers in a table, and in each cell the places their points may have.
 * Which these are depends on little of the numbers, the key of the pair, and is worked out once for each key.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const rows = numbersOf(wanted.range('digits'));
  const columns = numbersOf(wanted.range('multiplierDigits'));
  const key = keyOf(
    wanted.asks('carries', 'largestCarry'),
    wanted.asks('productPad', 'trailingZeros')
  );
  const points = pointsOf(wanted);
  const pointsAt = (a: number, b: number) => (isTen(a) || isTen(b) ? 0 : points(key(a, b)));
  return gridItems({
    rows,
    columns,
    weight: (a, b) => bitCount(pointsAt(a, b)),
    member(a, b, index) {
      const at = POINTS.filter((point) => (pointsAt(a, b) >> point) & 1)[index]!;
      return {
        multiplicand: printDecimal({ units: BigInt(a), places: Math.floor(at / PLACES) }),
        multiplier: printDecimal({ units: BigInt(b), places: at % PLACES })
      };
    },
    *told(names) {
      const isNamed = (...features: string[]) => features.some((name) => names.includes(name));
      const full = keyOf(
        wanted.asks('carries', 'largestCarry') || isNamed('carries', 'largestCarry'),
        wanted.asks('productPad', 'trailingZeros') || isNamed('productPad', 'trailingZeros')
      );
      const pairs = new Float64Array(KEYS);
      for (let a = rows.min; a <= rows.max; a++) {
        for (let b = columns.min; b <= columns.max; b++) {
          if (!isTen(a) && !isTen(b)) pairs[full(a, b)]!++;
        }
      }
      for (const [at, number] of pairs.entries()) {
        if (number === 0) continue;
        const allowed = points(at);
        for (const point of POINTS) {
          if ((allowed >> point) & 1) yield [featuresOf(pairOf(at), point), number];
        }
      }
    },
    /** Items that also stand in the space the other way round count once. */
    usable() {
      let [all, twice, alike] = [0, 0, 0];
      for (let a = rows.min; a <= rows.max; a++) {
        for (let b = columns.min; b <= columns.max; b++) {
          const here = pointsAt(a, b);
          all += bitCount(here);
          const isExchangeable =
            b >= rows.min && b <= rows.max && a >= columns.min && a <= columns.max;
          if (here === 0 || !isExchangeable) continue;
          twice += bitCount(here & exchanged(pointsAt(b, a)));
          if (a === b) alike += bitCount(here & SAME_PLACES);
        }
      }
      return BigInt(all - (twice - alike) / 2);
    }
  });
}

function numbersOf({ min, max }: Range): Range {
  return { min: min === 1 ? 2 : 10 ** (min - 1), max: 10 ** max - 1 };
}

const isTen = (number: number) => number === 10 || number === 100 || number === 1000;

/** The key of a pair of whole numbers, with as much of it as is needed. */
function keyOf(hasRows: boolean, hasProduct: boolean): (a: number, b: number) => number {
  const { heldCount, heldLargest } = rowTables();
  return (a, b) => {
    let key = lengthOf(a) - 1 + 4 * (lengthOf(b) - 1);
    key += SIZES.lengths * ((a % 10 === 0 ? 1 : 0) + (b % 10 === 0 ? 2 : 0));
    let stride = SIZES.lengths * SIZES.round;
    if (hasRows) {
      let [held, most] = [0, 0];
      for (let rest = b; rest > 0; rest = (rest / 10) | 0) {
        const row = a * 10 + (rest % 10);
        held += heldCount[row]!;
        if (heldLargest[row]! > most) most = heldLargest[row]!;
      }
      key += stride * (held + SIZES.carries * most);
    }
    stride *= SIZES.carries * SIZES.largestCarry;
    if (hasProduct) {
      const product = a * b;
      let zeros = 0;
      for (let rest = product; rest % 10 === 0; rest /= 10) zeros++;
      key += stride * (lengthOf(product) + SIZES.digits * zeros);
    }
    return key;
  };
}

function lengthOf(number: number): number {
  let length = 1;
  for (let power = 10; number >= power; power *= 10) length++;
  return length;
}

function pairOf(key: number): Pair {
  let rest = key;
  const next = (size: number) => {
    const value = rest % size;
    rest = Math.floor(rest / size);
    return value;
  };
  const lengths = next(SIZES.lengths);
  const round = next(SIZES.round);
  return {
    digits: 1 + (lengths % 4),
    multiplierDigits: 1 + Math.floor(lengths / 4),
    isRound: [round % 2 === 1, round >= 2],
    carries: next(SIZES.carries),
    largestCarry: next(SIZES.largestCarry),
    productDigits: next(SIZES.digits),
    productZeros: next(SIZES.zeros)
  };
}

function featuresOf(pair: Pair, point: number): Told {
  const { digits, multiplierDigits, carries, largestCarry } = pair;
  const [one, other] = [Math.floor(point / PLACES), point % PLACES];
  return {
    ...{ digits, multiplierDigits, multiplicandPlaces: one, multiplierPlaces: other },
    totalPlaces: one + other,
    productPad: Math.max(0, one + other - pair.productDigits),
    trailingZeros: Math.min(one + other, pair.productZeros),
    ...{ carries, largestCarry, multiplierBelowOne: other >= multiplierDigits }
  };
}

/** The places that are wanted for the pairs with a key, as bits; worked out when they are first asked for. */
function pointsOf(wanted: Wanted): (key: number) => number {
  const known = new Int32Array(KEYS).fill(-1);
  const work = (key: number) => {
    const pair = pairOf(key);
    return POINTS.reduce((mask, point) => {
      const [one, other] = [Math.floor(point / PLACES), point % PLACES];
      const isWritten =
        one + other > 0 && !(one > 0 && pair.isRound[0]) && !(other > 0 && pair.isRound[1]);
      return isWritten && wanted.meets(featuresOf(pair, point)) ? mask | (1 << point) : mask;
    }, 0);
  };
  return (key) => {
    if (known[key]! < 0) known[key] = work(key);
    return known[key]!;
  };
}

/** The bits of pairs of places that change their places. */
function exchanged(points: number): number {
  return POINTS.reduce((mask, point) => {
    const there = (point % PLACES) * PLACES + Math.floor(point / PLACES);
    return (points >> point) & 1 ? mask | (1 << there) : mask;
  }, 0);
}

const SAME_PLACES = POINTS.filter((point) => Math.floor(point / PLACES) === point % PLACES).reduce(
  (mask, point) => mask | (1 << point),
  0
);
