import jsep from 'jsep';
import {
  addPolynomials,
  degree,
  multiplyPolynomials,
  polynomial,
  type Polynomial
} from './polynomial';
import { MOST_CHARACTERS } from './too-long';

/**
 * An expression in x as it is written: a product of a number and of polynomials, each of them multiplied
 * out. `-2(x + 3)²` has the number -2 and twice x + 3; `x² + 3x` is one polynomial.
 */
export interface Product {
  readonly constant: bigint;
  readonly factors: readonly Polynomial[];
}

const HIGHEST_POWER = 4;

// The library's ^ is another operator; in algebra it binds tightest, and to the right.
jsep.addBinaryOp('^', 11, true);

/** Reads typed algebra; undefined for what is no expression in x with whole coefficients. Nothing is evaluated as code. */
export function parseProduct(written: string): Product | undefined {
  const tree = parseTree(written);
  return tree && product(tree);
}

/** The terms of a written sum, in order: `x² + 3x + 4x + 12` has four, though two could be put together. */
export function parseTerms(written: string): Polynomial[] | undefined {
  const tree = parseTree(written);
  const terms =
    tree && summands(tree, false).map(({ node, isMinus }) => signed(product(node), isMinus));
  return terms && !terms.includes(undefined) ? (terms as Product[]).map(expand) : undefined;
}

/** The polynomial that a product is when it is multiplied out. */
export function expand({ constant, factors }: Product): Polynomial {
  return factors.reduce(multiplyPolynomials, polynomial([constant]));
}

type Node = jsep.Expression;

function parseTree(written: string): Node | undefined {
  // The parser takes a semicolon for the end of a statement.
  if (written.length > MOST_CHARACTERS || written.includes(';')) return undefined;
  try {
    return jsep(withSigns(written));
  } catch {
    return undefined;
  }
}

/** The text with every product sign written, and with the signs the parser knows. */
function withSigns(written: string): string {
  return (
    written
      .toLowerCase()
      .replace(/[−–]/g, '-')
      .replace(/[×·⋅∙]/g, '*')
      .replace(/²/g, '^2')
      .replace(/³/g, '^3')
      .replace(/[[{]/g, '(')
      .replace(/[\]}]/g, ')')
      .replace(/([\dx)])\s*(?=[x(])/g, '$1*')
      .replace(/\)\s*(?=\d)/g, ')*')
      // A sign in front belongs to the whole term: -x^2 is 0 - x^2.
      .replace(/(^|\()\s*([-+])/g, '$1 0 $2')
  );
}

function product(node: Node): Product | undefined {
  switch (node.type) {
    case 'Literal':
      return literal(node as jsep.Literal);
    case 'Identifier':
      return (node as jsep.Identifier).name === 'x' ? of([0n, 1n]) : undefined;
    case 'UnaryExpression':
      return unary(node as jsep.UnaryExpression);
    case 'BinaryExpression':
      return binary(node as jsep.BinaryExpression);
    default:
      return undefined;
  }
}

const of = (coefficients: readonly bigint[]): Product => ({
  constant: 1n,
  factors: [polynomial(coefficients)]
});

/** Whole numbers only; 3.0 is one. */
function literal({ raw }: jsep.Literal): Product | undefined {
  const match = /^(\d+)(?:\.0*)?$/.exec(raw);
  return match ? { constant: BigInt(match[1]!), factors: [] } : undefined;
}

function unary({ operator, argument }: jsep.UnaryExpression): Product | undefined {
  return operator === '-' || operator === '+'
    ? signed(product(argument), operator === '-')
    : undefined;
}

function binary({ operator, left, right }: jsep.BinaryExpression): Product | undefined {
  switch (operator) {
    case '*':
      return times(product(left), product(right));
    case '^':
      // A sign between them would be read as the power's: 2*-x^2.
      return left.type === 'UnaryExpression' ? undefined : power(product(left), right);
    case '+':
    case '-':
      if (isZero(left)) return signed(product(right), operator === '-');
      return sum(product(left), signed(product(right), operator === '-'));
    default:
      return undefined;
  }
}

const isZero = (node: Node) => node.type === 'Literal' && (node as jsep.Literal).raw === '0';

function signed(one: Product | undefined, isMinus: boolean): Product | undefined {
  return one && isMinus ? { ...one, constant: -one.constant } : one;
}

function times(one: Product | undefined, other: Product | undefined): Product | undefined {
  if (!one || !other) return undefined;
  const factors = [...one.factors, ...other.factors];
  const power = factors.reduce((total, factor) => total + Math.max(0, degree(factor)), 0);
  if (power > HIGHEST_POWER) return undefined;
  return { constant: one.constant * other.constant, factors };
}

function power(base: Product | undefined, exponent: Node): Product | undefined {
  const raw = exponent.type === 'Literal' ? (exponent as jsep.Literal).raw : '';
  if (!base || !/^[1-4]$/.test(raw)) return undefined;
  return Array.from({ length: Number(raw) - 1 }).reduce<Product | undefined>(
    (result) => times(result, base),
    base
  );
}

/** A sum is multiplied out: it is one factor, or a number. */
function sum(one: Product | undefined, other: Product | undefined): Product | undefined {
  if (!one || !other) return undefined;
  const total = addPolynomials(expand(one), expand(other));
  return degree(total) > 0 ? of(total) : { constant: total[0] ?? 0n, factors: [] };
}

function summands(node: Node, isMinus: boolean): { node: Node; isMinus: boolean }[] {
  const { operator, left, right } = node as jsep.BinaryExpression;
  if (node.type !== 'BinaryExpression' || (operator !== '+' && operator !== '-')) {
    return [{ node, isMinus }];
  }
  return [
    ...(isZero(left) ? [] : summands(left, isMinus)),
    { node: right, isMinus: operator === '-' }
  ];
}
