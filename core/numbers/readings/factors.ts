import {
  addPolynomials,
  contentOf,
  degree,
  exactRoot,
  polynomial,
  primitivePart,
  printPolynomial,
  samePolynomial,
  type Polynomial
} from '../polynomial';
import { expand, parseProduct, parseTerms, type Product } from '../expression';
import type { FormCode, Reading, Value } from '../reading';
import { signedNumber } from './whole';

/** The answer to a quadratic that does not split and has nothing to take out. */
const NOT_FACTORABLE = 'not factorable';

/** A factorisation as it is written, or that there is none. */
export type Factorisation = Product | { readonly none: true };

export const NONE: Factorisation = { none: true };

export function isProduct(value: Value | undefined): value is Product {
  return typeof value === 'object' && 'factors' in value;
}

/** Factorisations, equal when they multiply out to the same, or both say that there is none. */
export const factorisation: Reading<Factorisation> = {
  kind: 'factors',
  parse: (written) => (saysNone(written) ? NONE : parseProduct(written)),
  equal: (one, other) =>
    isProduct(one) && isProduct(other)
      ? samePolynomial(expand(one), expand(other))
      : isProduct(one) === isProduct(other),
  print: (value) => (isProduct(value) ? printProduct(value) : NOT_FACTORABLE),
  near: (value) => {
    if (!isProduct(value))
      return [{ constant: 1n, factors: [polynomial([1n, 1n]), polynomial([1n, 1n])] }];
    const [first = polynomial([]), ...others] = value.factors;
    return [1n, -1n].map((by) => ({
      ...value,
      factors: [addPolynomials(first, polynomial([by])), ...others]
    }));
  }
};

function saysNone(written: string): boolean {
  return /^\s*(not? (factori[sz]able|factorable|possible|factors)|(does|can|cannot|can't|doesn't)( not)? (be )?factor(i[sz]ed?|ed)?|prime|irreducible)\s*\.?\s*$/i.test(
    written
  );
}

/** Polynomials that are multiplied out. */
export const multipliedOut: Reading<Polynomial> = {
  kind: 'algebra',
  parse: (written) => {
    const product = parseProduct(written);
    const brackets = product?.factors.filter((factor) => factor.filter(Boolean).length > 1) ?? [];
    // A bracket with something in front of it is not multiplied out yet.
    return !product ||
      (brackets.length > 0 && product.factors.length + Number(product.constant !== 1n) > 1)
      ? undefined
      : expand(product);
  },
  equal: samePolynomial,
  print: printPolynomial,
  near: (p) => [addPolynomials(p, polynomial([1n])), addPolynomials(p, polynomial([0n, 1n]))]
};

/** Two whole numbers in either order. */
export const pairReading: Reading<readonly [bigint, bigint]> = {
  kind: 'pair',
  parse: (written) => {
    const parts = written
      .trim()
      .split(/\s*[,;]\s*|\s+and\s+|\s+/)
      .map(signedNumber.parse);
    return parts.length === 2 && !parts.includes(undefined)
      ? (parts as [bigint, bigint])
      : undefined;
  },
  equal: ([a, b], [c, d]) => (a === c && b === d) || (a === d && b === c),
  print: ([one, other]) => `${one}, ${other}`,
  near: ([one, other]) => [
    [one + 1n, other],
    [one, other - 1n]
  ]
};

/** The terms of a sum that is not put together, in any order. */
export const termsReading: Reading<readonly Polynomial[]> = {
  kind: 'terms',
  parse: parseTerms,
  equal: (one, other) => sorted(one) === sorted(other),
  print: printTerms,
  near: (terms) => [[...terms.slice(0, -1), addPolynomials(terms.at(-1)!, polynomial([1n]))]]
};

/** A bracket with what stands in front of it: as a value, and with a bracket of the first power. */
export const groupReading: Reading<Product> = {
  kind: 'group',
  parse: parseProduct,
  equal: (one, other) =>
    samePolynomial(expand(one), expand(other)) &&
    degree(bracketOf(one) ?? []) === degree(bracketOf(other) ?? []),
  print: printGroup,
  near: (group) => [{ ...group, constant: group.constant + (group.constant === -1n ? 2n : 1n) }]
};

/** The factor of a group with more than one term; the last if there are several. */
export function bracketOf({ factors }: Product): Polynomial | undefined {
  return factors.findLast((factor) => factor.filter(Boolean).length > 1);
}

/** Where a factorisation stops short: a factor with a number to take out, or a quadratic one that splits. */
export function completeForm(written: Value): readonly FormCode[] {
  if (!isProduct(written)) return [];
  return written.factors.every((factor) => contentOf(factor) === 1n && !splits(factor))
    ? []
    : ['not-complete'];
}

/** The linear factors without content, where a product consists of two of them and a number. */
export function linearFactors({ factors }: Product): Product | undefined {
  return factors.length === 2 && factors.every((factor) => degree(factor) === 1)
    ? productOf(1n, factors.map(primitivePart))
    : undefined;
}

/** A product with its factors in the usual order: by leading coefficient, then by the size of the constant. */
export function productOf(constant: bigint, factors: readonly Polynomial[]): Product {
  const size = (value: bigint) => (value < 0n ? -value : value);
  const order = (p: Polynomial) => [
    BigInt(degree(p)),
    p.at(-1) ?? 0n,
    size(p[0] ?? 0n),
    p[0] ?? 0n
  ];
  const compare = (one: Polynomial, other: Polynomial) => {
    const differences = order(one).map((key, at) => key - order(other)[at]!);
    return Number(differences.find((difference) => difference !== 0n) ?? 0n);
  };
  return { constant, factors: [...factors].sort(compare) };
}

/** `2(x + 2)(x + 3)`, `x(x + 5)`, `(x + 3)²`, `x² + x + 1` where it stands alone. */
function printProduct({ constant, factors }: Product): string {
  const [alone] = factors;
  if (factors.length === 1 && alone && constant === 1n) return printPolynomial(alone);
  const written = factors.map(printFactor);
  const body = written
    .filter((text, at) => text !== written[at - 1])
    .map((text) => (written.filter((other) => other === text).length === 2 ? `${text}²` : text))
    .join('');
  if (body === '') return String(constant);
  return `${constant === 1n ? '' : constant === -1n ? '-' : constant}${body}`;
}

function printFactor(factor: Polynomial): string {
  return samePolynomial(factor, [0n, 1n]) ? 'x' : `(${printPolynomial(factor)})`;
}

/** As a product, but a bracket with nothing in front of it shows its 1. */
function printGroup(group: Product): string {
  const text = printProduct(productOf(group.constant, group.factors));
  return group.factors.length === 1 && group.constant === 1n ? `1(${text})` : text;
}

function printTerms(terms: readonly Polynomial[]): string {
  return terms
    .map(printPolynomial)
    .map((term, at) =>
      at === 0 ? term : term.startsWith('-') ? ` - ${term.slice(1)}` : ` + ${term}`
    )
    .join('');
}

function sorted(terms: readonly Polynomial[]): string {
  return terms.map(printPolynomial).sort().join(' ');
}

function splits([c = 0n, b = 0n, a = 0n]: Polynomial): boolean {
  return a !== 0n && exactRoot(b * b - 4n * a * c) !== undefined;
}
