import { addPolynomials, degree, gcd, primitivePart, type Polynomial } from '../../../../numbers';
import type { Get, Rule, Step, Symmetry, Value } from '../../../../working';
import { multipliedOut, productOf } from '../readings';
import type { Splitting } from '../working';
import { monomial, pairIn, swaps, type Method } from './method';

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
    const pair = pairIn(get);
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

const poly = (value: Value | undefined) =>
  Array.isArray(value) ? (value as Polynomial) : undefined;

/** p / q where that is a monomial with a whole coefficient. */
function quotient(p: Polynomial | undefined, q: Polynomial | undefined): Polynomial | undefined {
  const [top, bottom] = [p?.at(-1) ?? 0n, q?.at(-1) ?? 0n];
  if (!p || !q || bottom === 0n || top % bottom !== 0n) return undefined;
  if (top === 0n) return [];
  return degree(p) < degree(q) ? undefined : monomial(top / bottom, degree(p) - degree(q));
}
