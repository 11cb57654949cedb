import {
  addPolynomials,
  degree,
  gcd,
  multiplyPolynomials,
  pairOf,
  polynomial,
  primitivePart,
  samePolynomial,
  type Polynomial,
  type Product
} from '../../../numbers';
import {
  signedNumber,
  type Get,
  type Rule,
  type Step,
  type Symmetry,
  type Value
} from '../../../working';
import type { Given } from './quadratic';
import { bracketOf, groupReading, multipliedOut, productOf, termsReading } from './readings';
import type { Coefficients, Splitting } from './working';

/** A way of splitting: its own steps, and how the factors are read from them. */
export interface Method {
  readonly steps: readonly Step[];
  readonly factors: Pick<Step, 'uses' | 'rule'>;
  readonly symmetries?: readonly Symmetry[];
}

/** The pair alone, (ax + m)(ax + n) / a: each factor divided by what it has in common. */
export function productAndSum({ uses, read }: Splitting): Method {
  return {
    steps: [],
    factors: {
      uses: [...uses, 'pair'],
      rule: (get) => {
        const coefficients = read(get);
        const pair = get('pair') as readonly [bigint, bigint] | undefined;
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

const monomial = (coefficient: bigint, power: number): Polynomial =>
  polynomial([...Array<bigint>(power).fill(0n), coefficient]);

const poly = (value: Value | undefined) =>
  Array.isArray(value) ? (value as Polynomial) : undefined;

/** p / q where that is a monomial with a whole coefficient. */
function quotient(p: Polynomial | undefined, q: Polynomial | undefined): Polynomial | undefined {
  const [top, bottom] = [p?.at(-1) ?? 0n, q?.at(-1) ?? 0n];
  if (!p || !q || bottom === 0n || top % bottom !== 0n) return undefined;
  if (top === 0n) return [];
  return degree(p) < degree(q) ? undefined : monomial(top / bottom, degree(p) - degree(q));
}

/**
 * The area grid: the quadratic in four cells, what the rows and columns have in common at its edges:
 *
 *              column.0   column.1
 *      row.0   grid.0.0   grid.0.1
 *      row.1   grid.1.0   grid.1.1
 */
export function areaGrid({ uses, read }: Splitting): Method {
  const cell = (
    id: string,
    from: readonly string[],
    rule: Rule,
    more: Partial<Step> = {}
  ): Step => ({
    id,
    kind: id.split('.')[0]!,
    uses: from,
    rule,
    reading: multipliedOut,
    ...more
  });
  const outer = (get: Get, which: 0 | 2) => {
    const coefficients = read(get);
    return coefficients && monomial(coefficients[which], 2 - which);
  };
  const middle = (get: Get, which: 0 | 1) => {
    const pair = get('pair') as readonly [bigint, bigint] | undefined;
    return pair && monomial(pair[which], 1);
  };
  const inRow = ['grid.0.0', 'grid.0.1'];
  const isCommon = (written: Value, get: Get) =>
    degree(poly(written) ?? []) === 1 &&
    inRow.every((id) => quotient(poly(get(id)), poly(written)) !== undefined);
  const over = (id: string, by: string) => (get: Get) => quotient(poly(get(id)), poly(get(by)));
  return {
    steps: [
      cell('grid.0.0', uses, (get) => outer(get, 0)),
      cell('grid.0.1', ['pair'], (get) => middle(get, 0)),
      cell('grid.1.0', ['pair'], (get) => middle(get, 1)),
      cell('grid.1.1', uses, (get) => outer(get, 2)),
      cell(
        'grid.row.0',
        inRow,
        (get) => {
          const [first, second] = inRow.map((id) => poly(get(id))?.at(-1) ?? 0n);
          const common = gcd(first!, second!);
          return common === 0n ? undefined : monomial(common, 1);
        },
        { accepts: isCommon }
      ),
      cell('grid.column.0', ['grid.row.0', 'grid.0.0'], over('grid.0.0', 'grid.row.0')),
      cell('grid.column.1', ['grid.row.0', 'grid.0.1'], over('grid.0.1', 'grid.row.0')),
      cell('grid.row.1', ['grid.column.0', 'grid.1.0'], over('grid.1.0', 'grid.column.0'))
    ],
    factors: {
      uses: ['grid.row.0', 'grid.row.1', 'grid.column.0', 'grid.column.1'],
      rule: (get) => {
        const edges = ['row', 'column'].map((edge) => {
          const [first, second] = [0, 1].map((at) => poly(get(`grid.${edge}.${at}`)));
          return first && second && primitivePart(addPolynomials(first, second));
        });
        return edges.includes(undefined) ? undefined : productOf(1n, edges as Polynomial[]);
      }
    },
    symmetries: GRID_SYMMETRIES
  };
}

/** Rows exchanged, columns exchanged, both, and the grid turned over either diagonal. */
const GRID_SYMMETRIES: readonly Symmetry[] = (() => {
  const rows = swaps([
    ['grid.0.0', 'grid.1.0'],
    ['grid.0.1', 'grid.1.1'],
    ['grid.row.0', 'grid.row.1']
  ]);
  const columns = swaps([
    ['grid.0.0', 'grid.0.1'],
    ['grid.1.0', 'grid.1.1'],
    ['grid.column.0', 'grid.column.1']
  ]);
  const both = swaps([
    ['grid.0.0', 'grid.1.1'],
    ['grid.0.1', 'grid.1.0'],
    ['grid.row.0', 'grid.row.1'],
    ['grid.column.0', 'grid.column.1']
  ]);
  const edges = [
    ['grid.row.0', 'grid.column.0'],
    ['grid.row.1', 'grid.column.1']
  ] as const;
  const diagonal = swaps([['grid.0.1', 'grid.1.0'], ...edges]);
  const antidiagonal = swaps([
    ['grid.0.0', 'grid.1.1'],
    ['grid.row.0', 'grid.column.1'],
    ['grid.row.1', 'grid.column.0']
  ]);
  return [diagonal, rows, columns, both, antidiagonal];
})();

function swaps(pairs: readonly (readonly [string, string])[]): Symmetry {
  return Object.fromEntries(
    pairs.flatMap(([one, other]) => [
      [one, other],
      [other, one]
    ])
  );
}

/**
 * The cross: p and r multiply to a, q and s to c, and across they add to b; the factors are px + q and
 * rx + s:
 *
 *      p   q
 *        X        p s + r q = b
 *      r   s
 */
export function crossTrial({ uses, read }: Splitting): Method {
  const coefficient = (
    id: string,
    from: readonly string[],
    rule: Rule,
    more: Partial<Step> = {}
  ): Step => ({
    id: `cross.${id}`,
    kind: 'cross',
    uses: from,
    rule,
    reading: signedNumber,
    ...more
  });
  const at = (get: Get, id: string) => {
    const value = get(`cross.${id}`);
    return typeof value === 'bigint' ? value : undefined;
  };
  const divides = (divisor: Value, get: Get) => {
    const a = read(get)?.[0];
    return typeof divisor === 'bigint' && divisor > 0n && a !== undefined && a % divisor === 0n;
  };
  return {
    steps: [
      coefficient('p', uses, (get) => map(read(get), ([a, b, c]) => crossOf(a, b, c)?.p), {
        accepts: divides
      }),
      coefficient('r', ['cross.p', ...uses], (get) => {
        const [p, a] = [at(get, 'p'), read(get)?.[0]];
        return p && a !== undefined && a % p === 0n ? a / p : undefined;
      }),
      coefficient('q', ['cross.p', 'cross.r', ...uses], (get) => {
        const [p, r, coefficients] = [at(get, 'p'), at(get, 'r'), read(get)];
        return p && r && coefficients ? constantBeside(p, r, coefficients) : undefined;
      }),
      coefficient('s', ['cross.p', 'cross.q', 'cross.r', ...uses], (get) => {
        const [p, q, r] = [at(get, 'p'), at(get, 'q'), at(get, 'r')];
        const coefficients = read(get);
        if (!p || q === undefined || r === undefined || !coefficients) return undefined;
        const [, b, c] = coefficients;
        if (q !== 0n) return c % q === 0n ? c / q : undefined;
        return b % p === 0n ? b / p : undefined;
      })
    ],
    factors: {
      uses: ['cross.p', 'cross.q', 'cross.r', 'cross.s'],
      rule: (get) => {
        const [p, q, r, s] = ['p', 'q', 'r', 's'].map((id) => at(get, id));
        if (!p || !r || q === undefined || s === undefined) return undefined;
        return productOf(1n, [polynomial([q, p]), polynomial([s, r])].map(primitivePart));
      }
    },
    symmetries: [
      swaps([
        ['cross.p', 'cross.r'],
        ['cross.q', 'cross.s']
      ])
    ]
  };
}

/** Leading coefficient and constant of the first factor, and of the second, whose product is ax² + bx + c. */
export function crossOf(
  a: bigint,
  b: bigint,
  c: bigint
): { p: bigint; q: bigint; r: bigint; s: bigint } | undefined {
  const pair = pairOf(a * c, b);
  if (!pair) return undefined;
  // ax² + mx + nx + c = (gx + n / (a/g)) ((a/g)x + m/g), g being what a and m have in common.
  const p = gcd(a, pair[0]) || 1n;
  const r = a / p;
  return { p, q: pair[1] / r, r, s: pair[0] / p };
}

/** The constant q of px + q beside rx + s: r q and p s are the pair, either way round. */
function constantBeside(p: bigint, r: bigint, [a, b, c]: Coefficients): bigint | undefined {
  const [m, n] = pairOf(a * c, b) ?? [];
  if (m === undefined || n === undefined) return undefined;
  if (n % r === 0n && m % p === 0n) return n / r;
  return m % r === 0n && n % p === 0n ? m / r : undefined;
}

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
          const pair = get('pair') as readonly [bigint, bigint] | undefined;
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

function map<A, B>(value: A | undefined, convert: (value: A) => B): B | undefined {
  return value === undefined ? undefined : convert(value);
}
