import {
  addPolynomials,
  bracketOf,
  degree,
  gcd,
  groupReading,
  monomial,
  multiplyPolynomials,
  polynomial,
  primitivePart,
  productOf,
  samePolynomial,
  termsReading,
  type Polynomial,
  type Product
} from '../../../../numbers';
import { stepOn, usingValues, type Step } from '../../../../working';
import { splitting, type Method, type Pair, type Splitting } from '../splitting';

/**
 * The middle term is split by the pair, the halves are factorised, and the bracket they share is a factor:
 *
 *   split: ax² + mx + nx + c --> group.0: gx(...) and group.1: h(...) --> factors: (gx + h)(...)
 */
export function grouping(split: Splitting): Method {
  const group = (at: 0 | 1, label: string): Step =>
    stepOn(
      `group.${at}`,
      usingValues<[readonly Polynomial[]]>(['split'], (terms) => half(terms, at)),
      { reading: groupReading, label, says: ({ value }) => `${label}: ${value}.` }
    );
  return {
    steps: [
      stepOn(
        'split',
        splitting(split, ['pair'], ([a, , c], [m, n]: Pair) => [
          monomial(a, 2),
          monomial(m, 1),
          monomial(n, 1),
          monomial(c, 0)
        ]),
        {
          reading: termsReading,
          label: 'Middle term split',
          says: ({ value }) => `Split the middle term: ${value}.`
        }
      ),
      group(0, 'First two terms'),
      group(1, 'Last two terms')
    ],
    factors: groups((one, outer) => productOf(1n, [one, primitivePart(outer)])),
    whole: groups((one, outer) => productOf(1n, [one, outer]))
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

/** What the shared bracket and what stands before it come to. */
const groups = (product: (bracket: Polynomial, outer: Polynomial) => Product) =>
  usingValues<[Product, Product]>(['group.0', 'group.1'], (one, other) => {
    const found = shared([one, other]);
    return found && product(...found);
  });

/** The shared bracket and what stands before it; undefined where the brackets differ. */
function shared(groups: readonly Product[]): [Polynomial, Polynomial] | undefined {
  const brackets = groups.map(bracketOf);
  const [one, other] = brackets;
  if (!one || !other || !samePolynomial(primitivePart(one), primitivePart(other))) return undefined;
  const outer = groups
    .map((group, at) => outside(group, brackets[at]!, primitivePart(one)))
    .reduce(addPolynomials);
  return [primitivePart(one), outer];
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
