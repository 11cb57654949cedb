import type { Controls } from '../../../skill/controls';
import { pattern } from '../../../skill/define';
import type { ErrorPattern } from '../../../skill/skill';
import type { Columns, School } from './columns';
import {
  noDecrement,
  passingZeros,
  skipsZero,
  smallerFromLarger,
  zeroMinusN,
  type Rules
} from './errors';

const REGROUPING: Controls = { regroupings: { min: 1 } };
export const ACROSS: Controls = { acrossZeros: { min: 1 } };
export const DECOMPOSITION = ['decomposition'];

/**
 * The error patterns that subtractions in columns share, in the order of the catalogue (Brown & Burton 1978;
 * VanLehn 1990); `zeros` are controls under which the minuend has a 0.
 */
export function differencePatterns<Given>(
  columnsOf: (given: Given) => Columns,
  zeros: Controls = REGROUPING
) {
  const built =
    (
      build: (columns: Columns, school: School) => Rules | undefined
    ): ErrorPattern<Given>['instead'] =>
    (given, _graph, school) =>
      build(columnsOf(given), school as School);
  return {
    'smaller-from-larger': pattern(
      'Smaller from larger',
      'In each column the smaller digit is taken from the larger.',
      built(smallerFromLarger),
      REGROUPING
    ),
    'no-decrement': pattern(
      'Neighbour not reduced',
      'Takes a ten but never reduces the neighbour.',
      built(noDecrement),
      REGROUPING
    ),
    'stops-at-zero': pattern(
      'Stops at zero',
      'The adjacent zero becomes 9 and nothing further left changes.',
      built((columns) => passingZeros(columns, 9n)),
      ACROSS,
      DECOMPOSITION
    ),
    'skips-zero': pattern(
      'Skips zero',
      'Takes from the first digit beyond that is not 0 and leaves the zero 0.',
      built(skipsZero),
      ACROSS,
      DECOMPOSITION
    ),
    'zero-minus-n-is-n': pattern(
      'Zero minus n is n',
      'Under a printed 0 the digit is copied.',
      built((columns, school) => zeroMinusN(columns, school, (n) => n)),
      zeros
    ),
    'zero-minus-n-is-zero': pattern(
      'Zero minus n is zero',
      'Under a printed 0 the answer is 0.',
      built((columns, school) => zeroMinusN(columns, school, () => 0)),
      zeros
    )
  };
}
