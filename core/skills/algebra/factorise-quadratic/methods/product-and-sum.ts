import { primitivePart, polynomial, type Product } from '../../../../numbers';
import { productOf } from '../readings';
import type { Splitting } from '../working';
import { pairIn, type Method } from './method';

/** The pair alone, (ax + m)(ax + n) / a: each factor divided by what it has in common. */
export function productAndSum({ uses, read }: Splitting): Method {
  return {
    steps: [],
    factors: {
      uses: [...uses, 'pair'],
      rule: (get) => {
        const coefficients = read(get);
        const pair = pairIn(get);
        return coefficients && pair && factorsOfPair(coefficients[0], pair);
      }
    }
  };
}

export function factorsOfPair(a: bigint, pair: readonly [bigint, bigint]): Product {
  return productOf(
    1n,
    pair.map((constant) => primitivePart(polynomial([constant, a])))
  );
}
