import * as z from 'zod/mini';
import { ungrouped } from '../../numbers';
import { amountsFlag, amountsIn, areAsSaid, type Amounts } from './amounts';
import { givenFrom, type GivenForm } from './form';

/** The signs that stand between numbers, as they may be typed. */
export const SIGNS = { '+': /\+/, '-': /[-−–]/, x: /[x×*·]/i, '/': /[/÷:]/ } as const;

/** Something that two numbers must be to each other; asked only of numbers that are sound in themselves. */
export interface PairRule {
  holds(one: string, other: string): boolean;
  /** What the second must be. */
  readonly message: string;
}

interface Pair {
  readonly sign: keyof typeof SIGNS;
  readonly numbers: readonly [z.ZodMiniType<string>, z.ZodMiniType<string>];
  readonly rules?: readonly PairRule[];
  readonly howToType: string;
  /** The two may change places. */
  readonly commutes?: boolean;
  /** The numbers may be amounts, of so many whole digits. */
  readonly amountsTo?: number;
}

/** Two numbers with a sign between them, under the names they have in the skill. */
export function pairOf<First extends string, Second extends string>(
  first: First,
  second: Second,
  { sign, numbers, rules = [], howToType, commutes = false, amountsTo }: Pair
): GivenForm<Record<First | Second, string> & Amounts> {
  type Given = Record<First | Second, string> & Amounts;
  const areSound = (one: unknown, other: unknown) =>
    z.safeParse(numbers[0], one).success && z.safeParse(numbers[1], other).success;
  const checks = rules.map(({ holds, message }) => {
    const isMet = (given: unknown) => {
      const { [first]: one, [second]: other } = given as Given;
      return !areSound(one, other) || holds(one, other);
    };
    return z.refine(isMet, { path: [second], message });
  });
  const operands = (given: Given): string[] => [given[first], given[second]];
  const shape = { [first]: numbers[0], [second]: numbers[1] };
  const schema = (amountsTo === undefined
    ? z.strictObject(shape)
    : z
        .strictObject({ ...shape, amounts: amountsFlag })
        .check(
          areAsSaid<Record<string, unknown>>(amountsTo, (given) =>
            operands(given as Given).map((text, at) => [[[first, second][at]!], text])
          )
        )
  ).check(...checks) as unknown as z.ZodMiniType<Given>;
  const from = (parts: readonly (string | undefined)[]) =>
    parts.length === 2
      ? givenFrom(schema, {
          ...{ [first]: parts[0], [second]: parts[1] },
          ...(amountsTo !== undefined && amountsIn(parts))
        })
      : undefined;
  return {
    schema,
    howToType,
    print: (given) => operands(given).join(` ${sign} `),
    parse: (line) => from(line.split(SIGNS[sign]).map(ungrouped)),
    ...(commutes && { itemKey: (given: Given) => operands(given).sort().join(sign) }),
    operands,
    from
  };
}
