import * as z from 'zod/mini';
import { compareDecimals, parseDecimal } from '../../../numbers';
import { givenFrom, type GivenForm } from '../../../skill/given/form';

export const NUMBERS = [3, 8] as const;
export const MOST_PLACES = 4;
export const LARGEST_WHOLE = 99;

const numeral = z.string().check(
  z.regex(
    /^(0|[1-9]\d?)(\.\d{0,3}[1-9])?$/,
    'a number above 0 and below 100, of up to 4 places, without needless zeros'
  ),
  z.refine((text) => text !== '0', 'must be above 0')
);

const schema = z
  .strictObject({
    numbers: z.array(numeral).check(z.minLength(NUMBERS[0]), z.maxLength(NUMBERS[1])),
    order: z.enum(['ascending', 'descending'])
  })
  .check(
    z.refine(({ numbers }) => new Set(numbers).size === numbers.length, {
      path: ['numbers'],
      message: 'the numbers must be different'
    })
  );

export type Given = z.infer<typeof schema>;

export const given: GivenForm<Given> = {
  schema,
  howToType:
    'Write 3 to 8 different numbers below 100 with commas between them, then ascending or descending.',
  print: ({ numbers, order }) => `${numbers.join(', ')} ${order}`,
  parse(line) {
    const [, list, order] = /^(.*\S)\s+(ascending|descending)\s*$/.exec(line) ?? [];
    return givenFrom(schema, { numbers: list?.split(/\s*,\s*/), order });
  },
  itemKey: ({ numbers, order }) => `${inOrder(numbers, 'ascending').join(' ')} ${order}`
};

/** The numbers as the answer lists them. */
export function inOrder(numbers: readonly string[], order: Given['order']): string[] {
  const sorted = [...numbers].sort((one, other) =>
    compareDecimals(parseDecimal(one)!, parseDecimal(other)!)
  );
  return order === 'ascending' ? sorted : sorted.reverse();
}

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

/** Decimal digits padded with zeros to the most places, as a number: `05` is 500. */
export function padded({ decimals }: Pick<Parts, 'decimals'>): number {
  return Number(decimals.padEnd(MOST_PLACES, '0') || '0');
}
