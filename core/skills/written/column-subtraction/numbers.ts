import { digitAt, parseDigits } from '../../../numbers';
import type { Columns } from '../../../methods/columns/difference/columns';

export const DIGITS = [1, 12] as const;

export interface Given {
  readonly minuend: string;
  readonly subtrahend: string;
}

/** The columns of an item; the numerals must belong to the base. */
export function columnsOf({ minuend, subtrahend }: Given, base = 10): Columns {
  const top = parseDigits(minuend, base);
  const bottom = parseDigits(subtrahend, base);
  if (!top || !bottom) throw new RangeError(`columnsOf: no numerals in base ${base}`);
  return { top, bottom: top.map((_, place) => digitAt(bottom, place)), lowest: 0, blanks: 0 };
}
