import { count, tables } from '../../../skill/feature';
import { heldFeatures } from '../../../methods/products/features';
import { heldCarries, tablePairs, zerosIn } from '../../../numbers/digit-measures';
import type { Given } from '../../../methods/products/factors';
import { MULTIPLICAND, MULTIPLIER } from './numbers';

/** What is seen of an item from the sizes of its partial products, without working them digit by digit. */
export interface Look extends Given {
  /** What is held at each digit of each row. */
  readonly held: readonly number[];
  /** The rows as they are added. */
  readonly rows: readonly number[];
}

export function look({ multiplicand, multiplier }: Given): Look {
  return {
    multiplicand,
    multiplier,
    held: [...multiplier].flatMap((digit) => heldCarries(multiplicand, Number(digit))),
    rows: [...multiplier]
      .reverse()
      .map((digit, k) => Number(multiplicand) * Number(digit) * 10 ** k)
  };
}

function additionCarries(rows: readonly number[]): number {
  const places = Array.from({ length: 7 }, (_, place) => 10 ** (place + 1));
  return places.filter((power) => rows.reduce((sum, row) => sum + (row % power), 0) >= power)
    .length;
}

export const features = {
  digits: count<Look>(
    MULTIPLICAND,
    'Digits',
    'digits of the multiplicand',
    (l) => l.multiplicand.length
  ),
  multiplierDigits: count<Look>(
    MULTIPLIER,
    'Digits of the multiplier',
    'digits of the multiplier',
    (l) => l.multiplier.length
  ),
  ...heldFeatures<Look>(9, 'columns of the rows'),
  additionCarries: count<Look>(
    [0, 5],
    'Carries when adding',
    'carries when the rows are added',
    (l) => additionCarries(l.rows)
  ),
  zeros: count<Look>([0, 3], 'Zeros', 'zero digits of the multiplicand', (l) =>
    zerosIn(l.multiplicand)
  ),
  multiplierZeros: count<Look>(
    [0, 2],
    'Zeros of the multiplier',
    'zero digits of the multiplier',
    (l) => zerosIn(l.multiplier)
  ),
  tables: tables<Look>('Tables', 'each pair of digits has a member among these tables', (l) =>
    tablePairs(l.multiplicand, l.multiplier)
  )
};
