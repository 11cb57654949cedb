import { gcd } from './divisors';
import { integerRoot } from './roots';

/** A polynomial in x with whole coefficients, the constant first, no zero at the end: `[12n, -7n, 1n]`. */
export type Polynomial = readonly bigint[];

/** The polynomial of these coefficients, the constant first; zeros at the end are dropped. */
export function polynomial(coefficients: readonly bigint[]): Polynomial {
  const last = coefficients.findLastIndex((coefficient) => coefficient !== 0n);
  return coefficients.slice(0, last + 1);
}

/** The polynomial of one term. */
export function monomial(coefficient: bigint, power: number): Polynomial {
  return polynomial([...Array<bigint>(power).fill(0n), coefficient]);
}

/** Highest power of x; -1 for 0. */
export function degree(p: Polynomial): number {
  return p.length - 1;
}

export function addPolynomials(p: Polynomial, q: Polynomial): Polynomial {
  const length = Math.max(p.length, q.length);
  return polynomial(Array.from({ length }, (_, i) => (p[i] ?? 0n) + (q[i] ?? 0n)));
}

export function multiplyPolynomials(p: Polynomial, q: Polynomial): Polynomial {
  const product = Array<bigint>(Math.max(0, p.length + q.length - 1)).fill(0n);
  p.forEach((a, i) => q.forEach((b, j) => (product[i + j]! += a * b)));
  return polynomial(product);
}

export function samePolynomial(p: Polynomial, q: Polynomial): boolean {
  return p.length === q.length && p.every((coefficient, i) => coefficient === q[i]);
}

/** Greatest common factor of the coefficients, not negative. */
export function contentOf(p: Polynomial): bigint {
  return p.reduce(gcd, 0n);
}

/** The polynomial divided by its content, its leading coefficient made positive; 0 stays 0. */
export function primitivePart(p: Polynomial): Polynomial {
  const content = contentOf(p);
  const divisor = (p.at(-1) ?? 0n) < 0n ? -content : content;
  return divisor === 0n ? p : p.map((coefficient) => coefficient / divisor);
}

/** The root of a perfect square, not negative; undefined for any other number. */
export function exactRoot(square: bigint): bigint | undefined {
  if (square < 0n) return undefined;
  const root = integerRoot(square, 2);
  return root * root === square ? root : undefined;
}

/** The two whole numbers with this product and this sum, the one nearer 0 first; undefined if there are none. */
export function pairOf(product: bigint, sum: bigint): readonly [bigint, bigint] | undefined {
  // They are the roots of t^2 - sum t + product (Vieta).
  const root = exactRoot(sum * sum - 4n * product);
  if (root === undefined || (sum + root) % 2n !== 0n) return undefined;
  const [one, other] = [(sum - root) / 2n, (sum + root) / 2n];
  return one * one <= other * other ? [one, other] : [other, one];
}

/** The polynomial as it is written, `x² - 7x + 12`, powers from the highest. */
export function printPolynomial(p: Polynomial): string {
  const terms = p
    .map((coefficient, power) => ({ coefficient, power }))
    .filter(({ coefficient }) => coefficient !== 0n)
    .reverse();
  return terms.length === 0
    ? '0'
    : terms.map(({ coefficient, power }, at) => printTerm(coefficient, power, at === 0)).join('');
}

function printTerm(coefficient: bigint, power: number, isFirst: boolean): string {
  const size = coefficient < 0n ? -coefficient : coefficient;
  const sign = coefficient < 0n ? (isFirst ? '-' : ' - ') : isFirst ? '' : ' + ';
  const x = power === 0 ? '' : power === 1 ? 'x' : `x${superscript(power)}`;
  return `${sign}${size === 1n && power > 0 ? '' : size}${x}`;
}

function superscript(value: number): string {
  return [...String(value)].map((digit) => '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(digit)]).join('');
}
