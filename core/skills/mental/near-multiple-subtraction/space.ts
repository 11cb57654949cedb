import { weightedSpace, type Space } from '../../../spaces';
import { meets, rangeOf, type Constraints } from '../../controls';
import { LARGEST, nearMultiple, type Given } from './operands';

/** Every change, each with the starts above it that have the digits asked for. */
export function space(constraints: Constraints): Space<Given> {
  const { lowest } = starts(constraints);
  const { first, counts } = weights(constraints);
  return weightedSpace(counts, (key, index) => ({
    start: String(Math.max(lowest, first + key + 1) + index),
    change: String(first + key)
  }));
}

/** The number of items, by adding the weights up. */
export function count(constraints: Constraints): bigint {
  return BigInt(weights(constraints).counts.reduce((sum, weight) => sum + weight, 0));
}

/** For each change from the first that has the digits asked for, how many starts go with it. */
function weights(constraints: Constraints): { first: number; counts: Float64Array } {
  const { lowest, highest } = starts(constraints);
  const wants = multipleTest(constraints);
  const { min, max } = rangeOf(constraints, 'changeDigits') ?? { min: 1, max: 6 };
  const first = 10 ** (min - 1);
  const end = Math.min(10 ** max, LARGEST, highest);
  const counts = new Float64Array(Math.max(0, end - first));
  for (let change = first; change < end; change++) {
    if (wants(change)) counts[change - first] = highest - Math.max(lowest, change + 1) + 1;
  }
  return { first, counts };
}

/** The starts that have the digits asked for. */
function starts(constraints: Constraints): { lowest: number; highest: number } {
  const { min, max } = rangeOf(constraints, 'digits') ?? { min: 1, max: 6 };
  return { lowest: 10 ** (min - 1), highest: 10 ** max - 1 };
}

/** Changes repeat every thousand from the second thousand on; the first differs, as multiples are positive. */
function multipleTest({ base, offset, suited }: Constraints): (change: number) => boolean {
  if (base === undefined && offset === undefined && suited === undefined) return () => true;
  const wanted = Array.from({ length: 2000 }, (_, change) => {
    const near = nearMultiple(change);
    return (
      (base === undefined || meets(near.base, base)) &&
      (offset === undefined || meets(near.offset, offset)) &&
      (suited === undefined || meets(near.suited, suited))
    );
  });
  return (change) => wanted[change < 2000 ? change : 1000 + (change % 1000)]!;
}
