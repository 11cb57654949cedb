import {
  addPolynomials,
  degree,
  gcd,
  multiplyPolynomials,
  polynomial,
  primitivePart,
  samePolynomial,
  type Polynomial,
  type Product
} from '../../../../numbers';
import { map, type Step } from '../../../../working';
import type { Given } from '../quadratic';
import { bracketOf, groupReading, productOf, termsReading } from '../readings';
import type { Splitting } from '../working';
import { monomial, pairIn, type Method } from './method';
import { productAndSum } from './product-and-sum';

/**
 * The middle term is split by the pair, the halves are factorised, and the bracket they share is a factor:
 *
 *   split: ax² + mx + nx + c --> group.0: gx(...) and group.1: h(...) --> factors: (gx + h)(...)
 */
export function grouping({ uses, read }: Splitting, { c }: Given): Method {
  // Without a constant there is nothing to split.
  if (c === 0) return productAndSum({ uses, read });
  const group = (at: 0 | 1): Step => ({
    id: `group.${at}`,
    kind: 'group',
    uses: ['split'],
    rule: (get) =>
      map(get('split') as readonly Polynomial[] | undefined, (terms) => half(terms, at)),
    reading: groupReading
  });
  return {
    steps: [
      {
        id: 'split',
        kind: 'split',
        uses: [...uses, 'pair'],
        rule: (get) => {
          const coefficients = read(get);
          const pair = pairIn(get);
          return (
            coefficients &&
            pair && [
              monomial(coefficients[0], 2),
              monomial(pair[0], 1),
              monomial(pair[1], 1),
              monomial(coefficients[2], 0)
            ]
          );
        },
        reading: termsReading
      },
      group(0),
      group(1)
    ],
    factors: {
      uses: ['group.0', 'group.1'],
      rule: (get) => {
        const groups = [get('group.0'), get('group.1')] as (Product | undefined)[];
        return groups.includes(undefined) ? undefined : shared(groups as Product[]);
      }
    }
  };
}

/** Two of four terms factorised: what they have in common, signed as the first of them, and the rest. */
function half(terms: readonly Polynomial[], at: 0 | 1): Product | undefined {
  const [first, second] = terms.slice(2 * at, 2 * at + 2);
  if (!first?.length || !second?.length) return undefined;
  const [a, b] = [first.at(-1)!, second.at(-1)!];
  const common = a < 0n ? -gcd(a, b) : gcd(a, b);
  const power = Math.min(degree(first), degree(second));
  const rest = [first, second].map((term) => monomial(term.at(-1)! / common, degree(term) - power));
  return {
    constant: common,
    factors: [
      ...Array.from({ length: power }, () => monomial(1n, 1)),
      addPolynomials(rest[0]!, rest[1]!)
    ]
  };
}

/** The shared bracket and what stands before it; undefined where the brackets differ. */
function shared(groups: readonly Product[]): Product | undefined {
  const brackets = groups.map(bracketOf);
  const [one, other] = brackets;
  if (!one || !other || !samePolynomial(primitivePart(one), primitivePart(other))) return undefined;
  const outer = groups
    .map((group, at) => outside(group, brackets[at]!, primitivePart(one)))
    .reduce(addPolynomials);
  return productOf(1n, [primitivePart(one), primitivePart(outer)]);
}

/** What multiplies a bracket, the bracket written without its content. */
function outside(
  { constant, factors }: Product,
  bracket: Polynomial,
  primitive: Polynomial
): Polynomial {
  const scale = bracket.at(-1)! / primitive.at(-1)!;
  const others = [...factors];
  others.splice(others.lastIndexOf(bracket), 1);
  return others.reduce(multiplyPolynomials, polynomial([constant * scale]));
}
