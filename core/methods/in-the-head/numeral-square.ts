import type * as z from 'zod/mini';
import { givenFrom, type GivenForm } from '../../skill/given/form';

/** A number that is squared, and the base it is worked from where there is one. */
export interface SquareGiven {
  readonly number: string;
  readonly base?: number;
}

/**
 * The form of `65²`, typed with ² or ^2 after the number. What more is given than the number follows from it unless it
 * is said: `98² near 90`.
 */
export function squareForm<Given extends SquareGiven>(
  schema: z.ZodMiniType<Given>,
  howToType: string,
  more: (number: string) => object | undefined = (number) => ({ number }),
  says: (given: Given) => boolean = () => false
): GivenForm<Given> {
  return {
    schema,
    howToType,
    print: (given) => `${given.number}²${says(given) ? ` near ${given.base}` : ''}`,
    parse(line) {
      const [, number, base] = /^\s*(\d+)\s*(?:²|\^\s*2)(?:\s+near\s+(\d+))?\s*$/.exec(line) ?? [];
      if (number === undefined) return undefined;
      const given = base === undefined ? more(number) : { number, base: Number(base) };
      return givenFrom(schema, given);
    },
    operands: ({ number }) => [number, number],
    from: ([number, other, ...rest]) =>
      number !== undefined && number === other && rest.length === 0
        ? givenFrom(schema, more(number))
        : undefined
  };
}
