import {
  addPolynomials,
  degree,
  gcd,
  monomial,
  multipliedOut,
  primitivePart,
  productOf,
  type Polynomial,
  type Value
} from '../../../../numbers';
import {
  stepOn,
  swaps,
  usingValues,
  type Get,
  type Step,
  type StepMore,
  type Symmetry
} from '../../../../working';
import { splitting, type Method, type Pair, type Splitting } from '../splitting';

/**
 * The area grid: the quadratic in four cells, what the rows and columns have in common at its edges:
 *
 *              column.0   column.1
 *      row.0   grid.0.0   grid.0.1
 *      row.1   grid.1.0   grid.1.1
 */
export function areaGrid(split: Splitting): Method {
  const cell = (id: string, rule: Pick<Step, 'uses' | 'rule'>, more: StepMore) =>
    stepOn(`grid.${id}`, rule, { kind: 'grid', reading: multipliedOut, ...more });
  const named = (label: string): StepMore => ({
    label: `Grid, ${label}`,
    says: ({ value }) => `Grid, ${label}: ${value}.`
  });
  const edge = (label: string): StepMore => ({
    label,
    says: ({ value }) => `${label}: ${value}, so that the edges multiply to the cells.`
  });
  const middle = (which: 0 | 1) =>
    usingValues<[Pair]>(['pair'], (pair) => monomial(pair[which], 1));
  const over = (id: string, by: string) =>
    usingValues<[Polynomial, Polynomial]>([by, id], (divisor, p) => quotient(p, divisor));
  const topRow = ['grid.0.0', 'grid.0.1'];
  const common = usingValues<[Polynomial, Polynomial]>(topRow, (first, second) => {
    const factor = gcd(first.at(-1) ?? 0n, second.at(-1) ?? 0n);
    return factor === 0n ? undefined : monomial(factor, 1);
  });
  const isCommon = (written: Value, get: Get) =>
    degree(written as Polynomial) === 1 &&
    topRow.every((id) => quotient(get(id) as Polynomial | undefined, written as Polynomial));
  return {
    steps: [
      cell(
        '0.0',
        splitting(split, [], ([a]) => monomial(a, 2)),
        named('top left')
      ),
      cell('0.1', middle(0), named('top right')),
      cell('1.0', middle(1), named('bottom left')),
      cell(
        '1.1',
        splitting(split, [], ([, , c]) => monomial(c, 0)),
        named('bottom right')
      ),
      cell('row.0', common, {
        accepts: isCommon,
        label: 'Beside the top row',
        says: ({ value }) => `${value} is what the top row has in common.`
      }),
      cell('column.0', over('grid.0.0', 'grid.row.0'), edge('Above the left column')),
      cell('column.1', over('grid.0.1', 'grid.row.0'), edge('Above the right column')),
      cell('row.1', over('grid.1.0', 'grid.column.0'), edge('Beside the bottom row'))
    ],
    factors: edges((sides) => productOf(1n, sides.map(primitivePart))),
    whole: edges((sides) => productOf(1n, sides)),
    symmetries
  };
}

/** What the two sides of the grid come to: its rows together and its columns together. */
const edges = (product: (sides: Polynomial[]) => Value) =>
  usingValues<[Polynomial, Polynomial, Polynomial, Polynomial]>(
    ['grid.row.0', 'grid.row.1', 'grid.column.0', 'grid.column.1'],
    (row, otherRow, column, otherColumn) =>
      product([addPolynomials(row, otherRow), addPolynomials(column, otherColumn)])
  );

/** The grid turned over its diagonal, rows exchanged, columns exchanged, both, and turned over the other diagonal. */
const symmetries: readonly Symmetry[] = [
  exchanging(['0.1', '1.0'], ['row.0', 'column.0'], ['row.1', 'column.1']),
  exchanging(['0.0', '1.0'], ['0.1', '1.1'], ['row.0', 'row.1']),
  exchanging(['0.0', '0.1'], ['1.0', '1.1'], ['column.0', 'column.1']),
  exchanging(['0.0', '1.1'], ['0.1', '1.0'], ['row.0', 'row.1'], ['column.0', 'column.1']),
  exchanging(['0.0', '1.1'], ['row.0', 'column.1'], ['row.1', 'column.0'])
];

function exchanging(...pairs: readonly (readonly [string, string])[]): Symmetry {
  return swaps(pairs.map(([one, other]) => [`grid.${one}`, `grid.${other}`]));
}

/** p / q where that is a monomial with a whole coefficient. */
function quotient(p: Polynomial | undefined, q: Polynomial): Polynomial | undefined {
  const [top, bottom] = [p?.at(-1) ?? 0n, q.at(-1) ?? 0n];
  if (!p || bottom === 0n || top % bottom !== 0n) return undefined;
  if (top === 0n) return [];
  return degree(p) < degree(q) ? undefined : monomial(top / bottom, degree(p) - degree(q));
}
