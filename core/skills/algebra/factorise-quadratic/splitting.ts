import { gcd, primitivePart, polynomial, type Product, productOf } from '../../../numbers';
import type { Get, Step, Symmetry } from '../../../working';

/** a, b and c of the quadratic that is split. */
export type Coefficients = readonly [a: bigint, b: bigint, c: bigint];

export type Pair = readonly [bigint, bigint];

/** The quadratic that is split, and the steps it is read from. */
export interface Splitting {
  readonly uses: readonly string[];
  readonly read: (get: Get) => Coefficients | undefined;
}

/** A way of splitting: its own steps, and how the factors are read from them. */
export interface Method {
  readonly steps: readonly Step[];
  /** Each factor without what its terms have in common. */
  readonly factors: Pick<Step, 'uses' | 'rule'>;
  /** The factors as they are read off, which multiply to all that is split. */
  readonly whole: Pick<Step, 'uses' | 'rule'>;
  readonly symmetries?: readonly Symmetry[];
}

/** A rule over the coefficients, and over other steps. */
export function splitting(
  { uses, read }: Splitting,
  others: readonly string[],
  rule: (coefficients: Coefficients, ...others: never[]) => ReturnType<Step['rule']>
): Pick<Step, 'uses' | 'rule'> {
  return {
    uses: [...others, ...uses],
    rule(get) {
      const coefficients = read(get);
      const values = others.map(get);
      return coefficients && !values.includes(undefined)
        ? rule(coefficients, ...(values as never[]))
        : undefined;
    }
  };
}

/** (ax + m)(ax + n) / a, the first bracket divided by what it has in common with a and the other by the rest of a. */
export function wholeOfPair(a: bigint, [m, n]: Pair): Product | undefined {
  const shared = gcd(a, m);
  const rest = shared === 0n ? 0n : a / shared;
  if (rest === 0n || n % rest !== 0n) return undefined;
  return productOf(1n, [polynomial([m / shared, a / shared]), polynomial([n / rest, a / rest])]);
}

/** (ax + m)(ax + n) / a: each factor divided by what it has in common. */
export function factorsOfPair(a: bigint, pair: Pair): Product {
  return productOf(
    1n,
    pair.map((constant) => primitivePart(polynomial([constant, a])))
  );
}
