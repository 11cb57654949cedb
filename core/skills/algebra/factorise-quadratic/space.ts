import { BitRows, weightedSpace, type Space } from '../../../spaces';
import { flagOf, meets, rangeOf, type Constraints } from '../../controls';
import type { FeatureValue } from '../../features';
import { crossTrials, factorPairs, kindOf, rootsOf, signsOf } from './features';
import {
  contentOfQuadratic,
  isFactorable,
  LARGEST_COEFFICIENT,
  LARGEST_LEADING,
  type Given
} from './quadratic';

/** Rows of items: one for each a and b, with those values of c that meet the constraints. */
export function space(constraints: Constraints): Space<Given> {
  const { rows, bound, isWanted } = rowsOf(constraints);
  const members = new BitRows(rows.length, WIDTH);
  rows.forEach(([a, b], row) => {
    for (let c = -bound; c <= bound; c++) {
      if (isWanted(a, b, c)) members.add(row, c + LARGEST_COEFFICIENT);
    }
  });
  return weightedSpace(members.counts, (row, index) => {
    const [a, b] = rows[row]!;
    return { a, b, c: members.at(row, index) - LARGEST_COEFFICIENT };
  });
}

/** The number of items: all 7.7 million are few enough to be looked at. */
export function count(constraints: Constraints): bigint {
  const { rows, isWanted } = rowsOf(constraints);
  let count = 0;
  for (const [a, b] of rows) {
    for (let c = -LARGEST_COEFFICIENT; c <= LARGEST_COEFFICIENT; c++)
      if (isWanted(a, b, c)) count++;
  }
  return BigInt(count);
}

/** Values of c. */
const WIDTH = 2 * LARGEST_COEFFICIENT + 1;

/** Whether there are any; the smaller numbers are looked at first. */
export function exists(constraints: Constraints): boolean {
  const { rows, bound, isWanted } = rowsOf(constraints);
  const byRise = [...rows].sort(([a, b], [d, e]) => Math.abs(a * b) - Math.abs(d * e));
  return byRise.some(([a, b]) => {
    for (let c = 0; c <= bound; c++) {
      if (isWanted(a, b, c) || isWanted(a, b, -c)) return true;
    }
    return false;
  });
}

type Wanted = (a: number, b: number, c: number) => boolean;

/**
 * The rows that can hold items, a bound of b and c either way, and the test of an item: of each constraint,
 * the cheapest first.
 */
function rowsOf(constraints: Constraints): {
  rows: readonly (readonly [number, number])[];
  bound: number;
  isWanted: Wanted;
} {
  const bound = rangeOf(constraints, 'largest')?.max ?? LARGEST_COEFFICIENT;
  const isMonic = flagOf(constraints, 'monic') === true;
  const leading = rangeOf(constraints, 'leading') ?? {
    min: 1,
    max: isMonic ? 1 : Math.min(bound, LARGEST_LEADING)
  };
  const rows: [number, number][] = [];
  for (let a = leading.min; a <= leading.max; a++) {
    for (let b = -bound; a !== 0 && b <= bound; b++) rows.push([a, b]);
  }
  const tests = TESTS.flatMap(({ feature, of }) => {
    const constraint = constraints[feature];
    return constraint === undefined
      ? []
      : [(a: number, b: number, c: number) => meets(of(a, b, c), constraint)];
  });
  return { rows, bound, isWanted: (a, b, c) => tests.every((test) => test(a, b, c)) };
}

interface Test {
  readonly feature: string;
  readonly of: (a: number, b: number, c: number) => FeatureValue;
}

const TESTS: readonly Test[] = [
  { feature: 'monic', of: (a) => a === 1 },
  { feature: 'largest', of: (a, b, c) => Math.max(Math.abs(a), Math.abs(b), Math.abs(c)) },
  { feature: 'signs', of: (_a, b, c) => signsOf(b, c) },
  { feature: 'factorable', of: (a, b, c) => isFactorable({ a, b, c }) },
  { feature: 'kind', of: (a, b, c) => kindOf({ a, b, c }) },
  { feature: 'roots', of: (a, b, c) => rootsOf({ a, b, c }) },
  { feature: 'content', of: (a, b, c) => contentOfQuadratic({ a, b, c }) },
  {
    feature: 'pairs',
    // The pairs depend on the product of the outer coefficients alone.
    of: (a, b, c) => {
      const content = contentOfQuadratic({ a, b, c });
      return pairsOf(Math.abs((a / content) * (c / content)));
    }
  },
  { feature: 'crossTrials', of: (a, b, c) => trialsOf(a, b, c) }
];

const pairsOf = remembered(LARGEST_LEADING * LARGEST_COEFFICIENT + 1, (product) =>
  factorPairs({ a: 1, b: 1, c: product })
);

/** The trials depend on the outer coefficients, and on whether the middle one is 0. */
const trials = [0, 1].map((b) =>
  remembered((2 * LARGEST_LEADING + 1) * WIDTH, (key) =>
    crossTrials(Math.floor(key / WIDTH) - LARGEST_LEADING, b, (key % WIDTH) - LARGEST_COEFFICIENT)
  )
);

function trialsOf(a: number, b: number, c: number): number {
  return trials[b === 0 ? 0 : 1]!((a + LARGEST_LEADING) * WIDTH + c + LARGEST_COEFFICIENT);
}

/** A function of small numbers, each worked out once. */
function remembered(size: number, compute: (key: number) => number): (key: number) => number {
  const values = new Int16Array(size).fill(-1);
  return (key) => (values[key]! >= 0 ? values[key]! : (values[key] = compute(key)));
}
