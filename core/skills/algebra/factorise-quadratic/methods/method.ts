import { polynomial, type Polynomial } from '../../../../numbers';
import type { Get, Step, Symmetry } from '../../../../working';

/** A way of splitting: its own steps, and how the factors are read from them. */
export interface Method {
  readonly steps: readonly Step[];
  readonly factors: Pick<Step, 'uses' | 'rule'>;
  readonly symmetries?: readonly Symmetry[];
}

/** The pair that was found. */
export const pairIn = (get: Get) => get('pair') as readonly [bigint, bigint] | undefined;

/** The polynomial of one term. */
export const monomial = (coefficient: bigint, power: number): Polynomial =>
  polynomial([...Array<bigint>(power).fill(0n), coefficient]);

/** Steps that change places in pairs. */
export function swaps(pairs: readonly (readonly [string, string])[]): Symmetry {
  return Object.fromEntries(
    pairs.flatMap(([one, other]) => [
      [one, other],
      [other, one]
    ])
  );
}
