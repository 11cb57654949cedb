import * as z from 'zod/mini';

export const MOST_NUMBERS = 8;
export const FEWEST_NUMBERS = 3;
export const MOST_PLACES = 4;
export const LARGEST_WHOLE = 99;

const numeral = z.string().check(
  z.regex(
    /^(0|[1-9]\d?)(\.\d{0,3}[1-9])?$/,
    'a number above 0 and below 100, of up to 4 places, without needless zeros'
  ),
  z.refine((text) => text !== '0', 'must be above 0')
);

export const givenSchema = z
  .strictObject({
    numbers: z.array(numeral).check(z.minLength(FEWEST_NUMBERS), z.maxLength(MOST_NUMBERS)),
    order: z.enum(['ascending', 'descending'])
  })
  .check(
    z.refine(({ numbers }) => new Set(numbers).size === numbers.length, {
      path: ['numbers'],
      message: 'the numbers must be different'
    })
  );

export type Given = z.infer<typeof givenSchema>;

/** A number of the list taken apart. */
export interface Parts {
  readonly whole: number;
  /** The decimal digits as written; empty for a whole number. */
  readonly decimals: string;
}

export function partsOf(number: string): Parts {
  const [whole = '', decimals = ''] = number.split('.');
  return { whole: Number(whole), decimals };
}

/** Decimal digits padded with zeros, as a number: `05` to 3 places is 50. */
export function paddedDecimals(decimals: string, places: number): number {
  return Number(decimals.padEnd(places, '0') || '0');
}
