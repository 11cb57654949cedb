import * as z from 'zod/mini';
import { givenFrom, type GivenForm } from '../../../skill/given/form';
import { numberBetween } from '../../../skill/given/numbers';

/** A total and the part of it that is known. */
export interface Given {
  readonly total: string;
  readonly part: string;
}

/** The totals that bonds are learnt for: up to 20, then the tens up to 100. */
const totals = [
  ...Array.from({ length: 19 }, (_, at) => at + 2),
  ...Array.from({ length: 8 }, (_, at) => 10 * (at + 3))
];

/** All items: each total with every part from 1 on, so that 1 or more is missing. */
export const bonds: readonly Given[] = totals.flatMap((total) =>
  Array.from({ length: total - 1 }, (_, at) => ({ total: String(total), part: String(at + 1) }))
);

const isTotal = (total: string) => totals.includes(Number(total));

const schema = z
  .strictObject({
    total: numberBetween(2, 100).check(
      z.refine(isTotal, 'a whole number from 2 to 20, or 30 to 100 by tens')
    ),
    part: numberBetween(1, 99)
  })
  .check(
    z.refine(({ total, part }) => Number(part) < Number(total), {
      path: ['part'],
      message: 'must be below the total'
    })
  );

export const given: GivenForm<Given> = {
  schema,
  howToType:
    'Write the part, +, two underscores for the missing number, = and the total: 37 + __ = 100.',
  print: ({ total, part }) => `${part} + __ = ${total}`,
  parse(line) {
    const [, part, total] = /^\s*(\d+)\s*\+\s*(?:_+|\?)\s*=\s*(\d+)\s*$/.exec(line) ?? [];
    return total === undefined ? undefined : givenFrom(schema, { total, part });
  }
};

/** The missing number. */
export const missingIn = ({ total, part }: Given): number => Number(total) - Number(part);

/** Whether the last digits of the two parts make ten, so that their tens come to one ten less than the total has. */
export const onesMakeTen = ({ total, part }: Given): boolean =>
  total.length > 1 && total.endsWith('0') && !part.endsWith('0') && Number(total) > 10;
