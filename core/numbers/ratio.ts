import jsep from 'jsep';
import { parseDecimal } from './decimal';
import { gcd } from './divisors';
import { improperNumerator, readMixed } from './mixed';
import { ungrouped } from './numeral';

/** An exact number. */
export interface Ratio {
  readonly top: bigint;
  /** Above 0. */
  readonly bottom: bigint;
}

/** Characters of an expression. */
const LONGEST = 100;

/**
 * What an expression of numbers and names is worth exactly: `a × 3 + 12.5`, with `+ − × ÷` and brackets. Undefined if it
 * cannot be read, names what there is not, or divides by 0.
 */
export function ratioOf(
  expression: string,
  named: (name: string) => Ratio | undefined
): Ratio | undefined {
  const tree = treeOf(expression);
  return tree && worthOf(tree, named);
}

/** The names that an expression uses, each once. */
export const namesIn = (expression: string): string[] => [
  ...new Set(expression.match(/\b[a-z]\b/g) ?? [])
];

function treeOf(expression: string): jsep.Expression | undefined {
  // The parser takes a semicolon for the end of a statement.
  if (expression.length > LONGEST || expression.includes(';')) return undefined;
  const signs = expression
    .replaceAll(/[×·]/g, '*')
    .replaceAll(/[÷:]/g, '/')
    .replaceAll(/[−–]/g, '-');
  try {
    return jsep(signs);
  } catch {
    return undefined;
  }
}

function worthOf(
  node: jsep.Expression,
  named: (name: string) => Ratio | undefined
): Ratio | undefined {
  switch (node.type) {
    case 'Literal':
      return decimalRatio((node as jsep.Literal).raw);
    case 'Identifier':
      return nameOf(node as jsep.Identifier, named);
    case 'UnaryExpression': {
      const { operator, argument } = node as jsep.UnaryExpression;
      const value = worthOf(argument, named);
      return operator === '-' ? value && negative(value) : undefined;
    }
    case 'BinaryExpression': {
      const { operator, left, right } = node as jsep.BinaryExpression;
      const [one, other] = [worthOf(left, named), worthOf(right, named)];
      return one && other && operations[operator]?.(one, other);
    }
    default:
      return undefined;
  }
}

/** A name is one letter. */
const nameOf = ({ name }: jsep.Identifier, named: (name: string) => Ratio | undefined) =>
  /^[a-z]$/.test(name) ? named(name) : undefined;

/** A number as a pupil writes it: signed, decimal, fraction or mixed. */
export function writtenRatio(text: string): Ratio | undefined {
  const [, sign, rest] = /^\s*([+\-−–]?)\s*(.*)$/s.exec(text)!;
  const mixed = readMixed(rest!) ?? readMixed(ungrouped(rest!));
  if (!mixed) return undefined;
  const size = ratio(improperNumerator(mixed), mixed.denominator);
  return sign === '' || sign === '+' ? size : negative(size);
}

/** A number as it is keyed: a decimal where it ends within six places, else a fraction. */
export function printedRatio({ top, bottom }: Ratio): string {
  const size = top < 0n ? -top : top;
  const sign = top < 0n ? '-' : '';
  for (let places = 0; places <= 6; places++) {
    const power = 10n ** BigInt(places);
    if ((size * power) % bottom !== 0n) continue;
    const digits = ((size * power) / bottom).toString().padStart(places + 1, '0');
    const whole = digits.slice(0, digits.length - places);
    return `${sign}${whole}${places > 0 ? `.${digits.slice(-places)}` : ''}`;
  }
  const whole = size / bottom;
  return `${sign}${whole > 0n ? `${whole} ` : ''}${size % bottom}/${bottom}`;
}

/** A number in lowest terms; the bottom must be above 0. */
export function ratio(top: bigint, bottom = 1n): Ratio {
  const common = gcd(top < 0n ? -top : top, bottom);
  return { top: top / common, bottom: bottom / common };
}

function decimalRatio(text: string): Ratio | undefined {
  const decimal = parseDecimal(text);
  return decimal && ratio(decimal.units, 10n ** BigInt(decimal.places));
}

export const negative = ({ top, bottom }: Ratio): Ratio => ({ top: -top, bottom });

/** Whether two numbers in lowest terms are the same. */
export const areSame = (one: Ratio, other: Ratio): boolean =>
  one.top === other.top && one.bottom === other.bottom;

export const added = (one: Ratio, other: Ratio): Ratio =>
  ratio(one.top * other.bottom + other.top * one.bottom, one.bottom * other.bottom);

export const times = (one: Ratio, other: Ratio): Ratio =>
  ratio(one.top * other.top, one.bottom * other.bottom);

/** One number divided by another; undefined for 0. */
export function divided(one: Ratio, other: Ratio): Ratio | undefined {
  if (other.top === 0n) return undefined;
  const sign = other.top < 0n ? -1n : 1n;
  return ratio(sign * one.top * other.bottom, sign * one.bottom * other.top);
}

const operations: Readonly<Record<string, (one: Ratio, other: Ratio) => Ratio | undefined>> = {
  '+': added,
  '-': (one, other) => added(one, negative(other)),
  '*': times,
  '/': divided
};
