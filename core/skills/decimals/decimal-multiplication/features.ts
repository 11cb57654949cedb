import { decimalsIn, trailingZerosIn } from '../../../numbers/decimal-numerals';
import { count, flag } from '../../../skill/feature';
import { heldFeatures } from '../../../methods/products/features';
import { heldCarries } from '../../../numbers/digit-measures';
import type { Given } from '../../../methods/products/factors';
import { figures, MOST_PLACES, MULTIPLICAND, MULTIPLIER } from './numbers';

/** What is seen of a product of decimals: its factors as whole numbers, and the places of both. */
export interface Look {
  readonly multiplicand: string;
  readonly multiplier: string;
  readonly places: readonly [multiplicand: number, multiplier: number];
  readonly product: bigint;
  /** What is held at each digit of each row. */
  readonly held: readonly number[];
}

export function look(given: Given): Look {
  const { multiplicand, multiplier } = figures(given);
  return {
    multiplicand,
    multiplier,
    places: [decimalsIn(given.multiplicand), decimalsIn(given.multiplier)],
    product: BigInt(multiplicand) * BigInt(multiplier),
    held: [...multiplier].flatMap((digit) => heldCarries(multiplicand, Number(digit)))
  };
}

const totalPlaces = ({ places: [one, other] }: Look) => one + other;

export const features = {
  digits: count<Look>(
    MULTIPLICAND,
    'Digits',
    'digits of the multiplicand, zeros before them apart',
    (l) => l.multiplicand.length
  ),
  multiplierDigits: count<Look>(
    MULTIPLIER,
    'Digits of the multiplier',
    'digits of the multiplier, zeros before them apart',
    (l) => l.multiplier.length
  ),
  multiplicandPlaces: count<Look>(
    [0, MOST_PLACES],
    'Places of the multiplicand',
    'its decimal places',
    (l) => l.places[0]
  ),
  multiplierPlaces: count<Look>(
    [0, MOST_PLACES],
    'Places of the multiplier',
    'its decimal places',
    (l) => l.places[1]
  ),
  totalPlaces: count<Look>(
    [1, 2 * MOST_PLACES],
    'Places in all',
    'decimal places of both factors',
    totalPlaces
  ),
  productPad: count<Look>(
    [0, 2 * MOST_PLACES - 1],
    'Zeros put in',
    'zeros put between the point and the first digit of the product',
    (l) => Math.max(0, totalPlaces(l) - String(l.product).length)
  ),
  trailingZeros: count<Look>(
    [0, 5],
    'Trailing zeros',
    'zeros at the end of the product, right of the point',
    (l) => trailingZerosIn(l.product, totalPlaces(l))
  ),
  ...heldFeatures<Look>(9, 'columns of the rows'),
  multiplierBelowOne: flag<Look>(
    'Multiplier below one',
    'the product is smaller than the multiplicand',
    (l) => l.places[1] >= l.multiplier.length
  )
};
