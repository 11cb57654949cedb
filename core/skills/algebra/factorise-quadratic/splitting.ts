import { primitivePart, polynomial, type Product, productOf } from '../../../numbers';
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
  readonly factors: Pick<Step, 'uses' | 'rule'>;
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

/** (ax + m)(ax + n) / a: each factor divided by what it has in common. */
export function factorsOfPair(a: bigint, pair: Pair): Product {
  return productOf(
    1n,
    pair.map((constant) => primitivePart(polynomial([constant, a])))
  );
}
