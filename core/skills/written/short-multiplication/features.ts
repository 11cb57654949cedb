import { count, oneOf, tables } from '../../../skill/feature';
import type { Given } from '../../../methods/products/factors';
import { heldFeatures } from '../../../methods/products/features';
import { heldCarries, tablePairs, zerosIn } from '../../../numbers/digit-measures';

/** Fewest and most digits of the multiplicand. */
export const DIGITS = [2, 6] as const;
export const MULTIPLIERS = [2, 3, 4, 5, 6, 7, 8, 9] as const;

/** What is seen of an item from the sizes of its partial products, without working it digit by digit. */
export interface Look extends Given {
  readonly held: readonly number[];
}

export function look({ multiplicand, multiplier }: Given): Look {
  return { multiplicand, multiplier, held: heldCarries(multiplicand, Number(multiplier)) };
}

export const features = {
  digits: count<Look>(DIGITS, 'Digits', 'digits of the multiplicand', (l) => l.multiplicand.length),
  ...heldFeatures<Look>(DIGITS[1] - 1, 'columns'),
  zeros: count<Look>([0, DIGITS[1] - 1], 'Zeros', 'zero digits of the multiplicand', (l) =>
    zerosIn(l.multiplicand)
  ),
  tables: tables<Look>('Tables', 'each pair of digits has a member among these tables', (l) =>
    tablePairs(l.multiplicand, l.multiplier)
  ),
  multiplier: oneOf<Look, number>(MULTIPLIERS, 'Multiplier', 'the one digit multiplied by', (l) =>
    Number(l.multiplier)
  )
};
