import * as z from 'zod/mini';
import { numeralOf } from '../../given';
import { digitAt, parseDigits, type Digits } from '../../../numbers';

export const DIGITS = { min: 1, max: 12 } as const;

const numeral = numeralOf(DIGITS.max);

export const givenSchema = z
  .strictObject({ minuend: numeral, subtrahend: numeral })
  .check(
    z.refine(
      ({ minuend, subtrahend }) =>
        !/^\d+$/.test(minuend + subtrahend) || BigInt(minuend) > BigInt(subtrahend),
      { path: ['minuend'], message: 'must be greater than the subtrahend' }
    )
  );

export type Given = z.infer<typeof givenSchema>;

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
