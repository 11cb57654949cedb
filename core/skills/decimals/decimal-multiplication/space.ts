import { printDecimal } from '../../../numbers';
import {
  bitCount,
  gridItems,
  spendOn,
  unionItems,
  type ItemSpace,
  type Range
} from '../../../spaces';
import type { Given } from '../../../methods/products/factors';
import type { Wanted } from '../../../skill/request';
import { factsOf, KEYS, keyWriter, numbersOf, pairsOf, shortened, type Needs } from './keys';
import { MOST_PLACES } from './numbers';

const UNKNOWN = 255;

/** Where the points of two factors may stand: a bit for each pair of places. */
const PLACES = MOST_PLACES + 1;
const POINTS = Array.from({ length: PLACES ** 2 }, (_, at) => at);
const placesAt = (point: number) => [Math.floor(point / PLACES), point % PLACES] as const;

/** A multiplicand is taken with so many multipliers at a time, so that few are gone through to find a rank. */
const BLOCK = 32;

/**
 * All products that are wanted: two whole numbers in a table, and in each cell the places that their points may
 * have. Which these are depends on the key of the pair, and is worked out once for each key.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const [rows, columns] = [wanted.range('digits'), wanted.range('multiplierDigits')];
  const points = new WantedPoints(wanted);
  const isIn = (digits: number, { min, max }: Range) => digits >= min && digits <= max;
  return unionItems(
    upTo(rows).flatMap((digits) =>
      upTo(columns).map((multiplierDigits) => {
        const isTurned = isIn(multiplierDigits, rows) && isIn(digits, columns);
        return table({ digits, multiplierDigits, isTurned, points });
      })
    )
  );
}

const upTo = ({ min, max }: Range) => Array.from({ length: max - min + 1 }, (_, at) => min + at);

/** Factors of some lengths; `isTurned` where the space has those of exchanged lengths as well. */
interface Table {
  readonly digits: number;
  readonly multiplierDigits: number;
  readonly isTurned: boolean;
  readonly points: WantedPoints;
}

function table({ digits, multiplierDigits, isTurned, points }: Table): ItemSpace<Given> {
  const [multiplicands, multipliers] = [numbersOf(digits), numbersOf(multiplierDigits)];
  const blocks = Math.ceil((multipliers.max - multipliers.min + 1) / BLOCK);
  const multiplicandOf = (row: number) => Math.floor(row / blocks);
  const firstOf = (row: number) => multipliers.min + (row % blocks) * BLOCK;
  const [list, cells] = [new Int32Array(BLOCK), new Uint8Array(BLOCK)];
  const keysIn = (row: number) => {
    const size = Math.min(BLOCK, multipliers.max - firstOf(row) + 1);
    const keys = size < BLOCK ? list.subarray(0, size) : list;
    points.write(multiplicandOf(row), firstOf(row), keys);
    return keys;
  };
  const pairs = () => pairsOf(digits, multiplierDigits);
  const count = () => pairs().reduce((sum, [key, number]) => sum + number * points.countOf(key), 0);
  return gridItems({
    rows: { min: multiplicands.min * blocks, max: multiplicands.max * blocks + blocks - 1 },
    weights(row) {
      const keys = keysIn(row);
      for (let at = 0; at < keys.length; at++) cells[at] = points.count(keys[at]!);
      return keys.length < BLOCK ? cells.subarray(0, keys.length) : cells;
    },
    member(row, at, index) {
      const allowed = points.mask(keysIn(row)[at]!);
      const [one, other] = placesAt(POINTS.filter((point) => (allowed >> point) & 1)[index]!);
      return {
        multiplicand: printDecimal({ units: BigInt(multiplicandOf(row)), places: one }),
        multiplier: printDecimal({ units: BigInt(firstOf(row) + at), places: other })
      };
    },
    count,
    *told() {
      for (const [key, number] of pairs()) {
        const allowed = points.maskOf(key);
        for (const point of POINTS) {
          if ((allowed >> point) & 1) yield [featuresOf(key, point), number];
        }
      }
    },
    // What stands twice is left out of the longer multiplicands, or of equally long ones.
    usable: () =>
      BigInt(
        count() -
          (isTurned && digits >= multiplierDigits
            ? repeated(multiplicands, multipliers, points)
            : 0)
      )
  });
}

/** Items that are wanted with their factors exchanged as well; of two equally long ones that are, one. */
function repeated(one: Range, other: Range, points: WantedPoints): number {
  const size = (range: Range) => range.max - range.min + 1;
  const [keys, turned] = [new Int32Array(size(other)), new Int32Array(size(one))];
  const isEqual = one.min === other.min;
  const masks = new Uint16Array(size(one) * size(other));
  for (let b = other.min; b <= other.max; b++) {
    spendOn(2 * size(one));
    points.write(b, one.min, turned);
    turned.forEach((key, at) => {
      masks[at * size(other) + b - other.min] = exchanged(points.mask(key));
    });
  }
  let twice = 0;
  for (let a = one.min; a <= one.max; a++) {
    points.write(a, other.min, keys);
    const own = (a - one.min) * size(other);
    keys.forEach((key, at) => {
      const both = points.mask(key) & masks[own + at]!;
      twice += bitCount(isEqual && a === other.min + at ? both & UNLIKE_PLACES : both);
    });
  }
  return isEqual ? twice / 2 : twice;
}

/** The places of a pair of factors, as bits, where these change their places. */
function exchanged(points: number): number {
  let mask = 0;
  for (let rest = points; rest !== 0; rest &= rest - 1) {
    const [one, other] = placesAt(31 - Math.clz32(rest & -rest));
    mask |= 1 << (other * PLACES + one);
  }
  return mask;
}

const UNLIKE_PLACES = POINTS.filter((point) => placesAt(point)[0] !== placesAt(point)[1]).reduce(
  (mask, point) => mask | (1 << point),
  0
);

function featuresOf(key: number, point: number) {
  const { digits, multiplierDigits, carries, largestCarry, ...product } = factsOf(key);
  const [multiplicandPlaces, multiplierPlaces] = placesAt(point);
  const totalPlaces = multiplicandPlaces + multiplierPlaces;
  return {
    ...{ digits, multiplierDigits, multiplicandPlaces, multiplierPlaces, totalPlaces },
    productPad: Math.max(0, totalPlaces - product.productDigits),
    trailingZeros: Math.min(totalPlaces, product.productZeros),
    ...{ carries, largestCarry, multiplierBelowOne: multiplierPlaces >= multiplierDigits }
  };
}

/** The places that are wanted where the key is this, as bits; worked out when they are first asked for. */
class WantedPoints {
  private readonly masks = new Uint16Array(KEYS);
  private readonly counts = new Uint8Array(KEYS).fill(UNKNOWN);

  private readonly needs: Needs;
  /** Writes as much of the keys as is asked for. */
  readonly write: ReturnType<typeof keyWriter>;

  constructor(private readonly wanted: Wanted) {
    this.needs = {
      rows: wanted.asks('carries', 'largestCarry'),
      productDigits: wanted.asks('productPad'),
      productZeros: wanted.asks('trailingZeros')
    };
    this.write = keyWriter(this.needs);
  }

  /** Of a full key. */
  countOf(key: number): number {
    return this.count(shortened(key, this.needs));
  }

  maskOf(key: number): number {
    return this.mask(shortened(key, this.needs));
  }

  /** Of a key that has what is asked for. */
  mask(key: number): number {
    this.count(key);
    return this.masks[key]!;
  }

  count(key: number): number {
    const count = this.counts[key]!;
    return count === UNKNOWN ? this.settle(key) : count;
  }

  private settle(key: number): number {
    const { isRound } = factsOf(key);
    const mask = POINTS.reduce((bits, point) => {
      const [one, other] = placesAt(point);
      const isWritten = one + other > 0 && !(one > 0 && isRound[0]) && !(other > 0 && isRound[1]);
      return isWritten && this.wanted.meets(featuresOf(key, point)) ? bits | (1 << point) : bits;
    }, 0);
    this.masks[key] = mask;
    return (this.counts[key] = bitCount(mask));
  }
}
