import jsep from 'jsep';
import { MOST_CHARACTERS, type Reading } from '../../../numbers';
import {
  added,
  areSame,
  divided,
  negative,
  ratio,
  times,
  writtenRatio,
  type Ratio
} from '../../../numbers/ratio';
import type { Operation } from '../../../skill/card';

/** A calculation as it is written: its text, what it is worth, its numbers and its signs in reading order. */
export interface Expression {
  readonly text: string;
  readonly worth: Ratio;
  readonly numbers: readonly Ratio[];
  readonly signs: readonly Operation[];
  /** How many of the unit in which it is written the usual unit has, where it is written in a smaller one. */
  readonly scale?: Ratio;
}

const operationOf: Readonly<Record<string, Operation>> = {
  '+': 'addition',
  '-': 'subtraction',
  '*': 'multiplication',
  '/': 'division'
};

const signOf: Readonly<Record<Operation, string>> = {
  addition: '+',
  subtraction: '-',
  multiplication: 'x',
  division: '/'
};

const worthBy: Readonly<Record<Operation, (one: Ratio, other: Ratio) => Ratio | undefined>> = {
  addition: added,
  subtraction: (one, other) => added(one, negative(other)),
  multiplication: times,
  division: divided
};

/** A calculation with one kind of sign, of numbers as they are written. */
export function expressionOf(
  operation: Operation,
  numbers: readonly { readonly text: string; readonly worth: Ratio }[]
): Expression | undefined {
  const [first, ...rest] = numbers.map(({ worth }) => worth);
  const worth = rest.reduce<Ratio | undefined>(
    (sum, number) => sum && worthBy[operation](sum, number),
    first
  );
  return (
    worth && {
      text: numbers.map(({ text }) => text).join(` ${signOf[operation]} `),
      worth,
      numbers: numbers.map((number) => number.worth),
      signs: rest.map(() => operation)
    }
  );
}

/**
 * Reads a calculation as a pupil writes it, `37.5 - 250 ÷ 1000`, `£3.20 x 4`; units are passed over, and of `750 + 488 = 1238`
 * the first side is meant. Undefined for what is none: a number alone is not, and nothing is evaluated as code.
 */
function readExpression(written: string): Expression | undefined {
  const [side = ''] = written.split('=').filter((part) => /\d/.test(part));
  const text = side.trim();
  if (written.length > MOST_CHARACTERS || written.includes(';')) return undefined;
  const mixed: Ratio[] = [];
  let tree: jsep.Expression;
  try {
    tree = jsep(plain(text, mixed));
  } catch {
    return undefined;
  }
  const numbers: Ratio[] = [];
  const signs: Operation[] = [];
  const worth = worthOf(tree, { mixed, numbers, signs });
  return worth && signs.length > 0 ? { text, worth, numbers, signs } : undefined;
}

/**
 * The text with plain signs, without units, groups of digits and signs of money; mixed numbers are put into a list and named
 * by their places in it.
 */
const plain = (text: string, mixed: Ratio[]): string =>
  text
    .toLowerCase()
    .replaceAll(/(?<=[\d)]\s*)x(?=\s*[\d(£$€])/g, '*')
    .replaceAll(/[×·∙⋅]/g, '*')
    .replaceAll(/[÷:]/g, '/')
    .replaceAll(/[−–]/g, '-')
    .replaceAll(/[a-z£$€]+/g, ' ')
    .replaceAll(/(?<=\d)[,\s\u202f](?=\d{3}(?!\d))/g, '')
    .replaceAll(/\d+\s+\d+\s*\/\s*[1-9]\d*/g, (one) => ` m${mixed.push(writtenRatio(one)!) - 1} `)
    .replaceAll(/[[{]/g, '(')
    .replaceAll(/[\]}]/g, ')');

interface Found {
  readonly mixed: readonly Ratio[];
  readonly numbers: Ratio[];
  readonly signs: Operation[];
}

function worthOf(node: jsep.Expression, found: Found): Ratio | undefined {
  const { mixed, numbers, signs } = found;
  if (node.type === 'Identifier') {
    const number = mixed[Number((node as jsep.Identifier).name.slice(1))];
    if (number) numbers.push(number);
    return number;
  }
  if (node.type === 'Literal') {
    const [, whole, decimals = ''] = /^(\d*)(?:\.(\d*))?$/.exec((node as jsep.Literal).raw) ?? [];
    if (whole === undefined || whole + decimals === '') return undefined;
    const number = ratio(BigInt(whole + decimals), 10n ** BigInt(decimals.length));
    numbers.push(number);
    return number;
  }
  if (node.type !== 'BinaryExpression') return undefined;
  const { operator, left, right } = node as jsep.BinaryExpression;
  const operation = operationOf[operator];
  if (!operation) return undefined;
  const one = worthOf(left, found);
  signs.push(operation);
  const other = one && worthOf(right, found);
  return one && other && worthBy[operation](one, other);
}

/** Calculations are the same if they are worth the same and have the same numbers, in whatever order. */
export const expressionReading: Reading<Expression> = {
  kind: 'calculation',
  parse: readExpression,
  equal: (one, other) => areSame(one.worth, other.worth) && haveSame(one.numbers, other.numbers),
  print: ({ text }) => text,
  near: () => []
};

const nameOf = ({ top, bottom }: Ratio): string => `${top}/${bottom}`;

export const haveSame = (one: readonly Ratio[], other: readonly Ratio[]): boolean =>
  one.map(nameOf).sort().join() === other.map(nameOf).sort().join();

/** Whether all numbers are among some, each as often as one likes. */
export function areAmong(numbers: readonly Ratio[], some: readonly Ratio[]): boolean {
  const names = new Set(some.map(nameOf));
  return numbers.every((number) => names.has(nameOf(number)));
}
