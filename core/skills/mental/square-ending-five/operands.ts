import * as z from 'zod/mini';

export const DIGITS = { min: 2, max: 4 } as const;

export const givenSchema = z.strictObject({
  number: z
    .string()
    .check(z.regex(/^[1-9]\d{0,2}5$/, 'a whole number of 2 to 4 digits that ends in 5'))
});

export type Given = z.infer<typeof givenSchema>;

/** What stands before the 5: 6 of 65. */
export function headOf({ number }: Given): bigint {
  return BigInt(number.slice(0, -1));
}
