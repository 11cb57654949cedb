import * as z from 'zod/mini';
import type { Choice } from '../../../strategies/best-strategy';
import { givenFrom, type GivenForm } from '../../../skill/given/form';
import { numberBetween } from '../../../skill/given/numbers';
import { SIGNS } from '../../../skill/given/pair';
import { readCalculation, signOf } from '../../../skill/given/read-calculation';
import type { WorkedItem } from '../../../skill/worked-item';
import { isTrivial, LEAST, MOST, OPERATIONS } from './table';

export interface Given {
  readonly operation: (typeof OPERATIONS)[number];
  readonly operands: readonly string[];
}

/** The best way of a sum, worked. */
export interface Chosen {
  readonly item: WorkedItem;
  readonly choice: Choice;
}

const number = numberBetween(LEAST, MOST);

const schema = z
  .strictObject({ operation: z.enum(OPERATIONS), operands: z.tuple([number, number]) })
  .check(
    z.refine(({ operation, operands }) => {
      const [one, other] = operands.map(Number) as [number, number];
      return !isTrivial(operation, one, other) && (operation !== 'subtraction' || one > other);
    }, 'there must be something to choose: not tens alone, and no difference below 1')
  ) as unknown as z.ZodMiniType<Given>;

/** A sum, a difference or a product of two numbers, where there is something to choose. */
export const given: GivenForm<Given> = {
  schema,
  howToType: `Write two whole numbers from ${LEAST} to ${MOST} with +, - or x between them.`,
  print: ({ operation, operands }) => operands.join(` ${signOf(operation)} `),
  parse(line) {
    const sum = SIGNS['/'].test(line) ? undefined : readCalculation(line);
    return sum && givenFrom(schema, sum);
  },
  itemKey: ({ operation, operands }) =>
    operation === 'subtraction'
      ? operands.join('-')
      : `${operation} ${operands.toSorted().join(' ')}`,
  sum: (sum) => sum
};
