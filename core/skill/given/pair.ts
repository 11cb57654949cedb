import * as z from 'zod/mini';
import { ungrouped } from '../../numbers';
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
}

/** Two numbers with a sign between them, under the names they have in the skill. */
export function pairOf<First extends string, Second extends string>(
  first: First,
  second: Second,
  { sign, numbers, rules = [], howToType, commutes = false }: Pair
): GivenForm<Record<First | Second, string>> {
  type Given = Record<First | Second, string>;
  const areSound = (one: unknown, other: unknown) =>
    z.safeParse(numbers[0], one).success && z.safeParse(numbers[1], other).success;
  const checks = rules.map(({ holds, message }) => {
    const isMet = (given: unknown) => {
      const { [first]: one, [second]: other } = given as Given;
      return !areSound(one, other) || holds(one, other);
    };
    return z.refine(isMet, { path: [second], message });
  });
  const schema = z
    .strictObject({ [first]: numbers[0], [second]: numbers[1] })
    .check(...checks) as unknown as z.ZodMiniType<Given>;
  const from = (parts: readonly (string | undefined)[]) =>
    parts.length === 2 ? givenFrom(schema, { [first]: parts[0], [second]: parts[1] }) : undefined;
  const operands = (given: Given) => [given[first], given[second]];
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
