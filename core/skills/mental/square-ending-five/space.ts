import { listSpace, mapSpace, type Space } from '../../../spaces';
import { rangeOf, type Constraints } from '../../controls';
import { DIGITS, type Given } from './operands';

/** Every head of one digit fewer than is asked for, with a 5 after it. */
export function space(constraints: Constraints): Space<Given> {
  const { lowest, count } = heads(constraints);
  const all = Array.from({ length: count }, (_, at) => lowest + at);
  return mapSpace(listSpace(all), (head) => ({ number: `${head}5` }));
}

export function count(constraints: Constraints): bigint {
  return BigInt(heads(constraints).count);
}

function heads(constraints: Constraints): { lowest: number; count: number } {
  const { min, max } = rangeOf(constraints, 'digits') ?? DIGITS;
  const lowest = 10 ** (min - 2);
  return { lowest, count: 10 ** (max - 1) - lowest };
}
