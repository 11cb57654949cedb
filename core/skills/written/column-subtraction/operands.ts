import { digitAt, parseDigits, type Digits } from '../../../numbers';

export const DIGITS = [1, 12] as const;

export interface Given {
  readonly minuend: string;
  readonly subtrahend: string;
}

export type School = 'decomposition' | 'equal-additions';

/** Digits of minuend and subtrahend by column, ones first; a blank of the subtrahend is 0. */
export interface Columns {
  readonly top: Digits;
  readonly bottom: Digits;
}

/** The columns of an item; the numerals must belong to the base. */
export function columnsOf({ minuend, subtrahend }: Given, base = 10): Columns {
  const top = parseDigits(minuend, base);
  const bottom = parseDigits(subtrahend, base);
  if (!top || !bottom) throw new RangeError(`columnsOf: no numerals in base ${base}`);
  return { top, bottom: top.map((_, place) => digitAt(bottom, place)) };
}
