import {
  acceptsAny,
  automatonSpace,
  countPaths,
  cycleTypes,
  mapSpace,
  unionSpace,
  type Space
} from '../../../spaces';
import { rangeOf, type Constraints } from '../../controls';
import { ColumnAutomaton } from './automaton';
import { LIMITS, type Given } from './columns';

/** All items under the constraints, in any base at least as large as the number of addends. */
export function space(constraints: Constraints, base = 10): Space<Given> {
  const parts = addendCounts(constraints).map((addends) => {
    const automaton = new ColumnAutomaton(constraints, base, [{ length: 1, groups: addends }]);
    return mapSpace(automatonSpace(automaton), (path) => automaton.write(path));
  });
  return unionSpace(parts);
}

/** The number of items, without building the space. */
export function count(constraints: Constraints, base = 10): bigint {
  return addendCounts(constraints).reduce(
    (sum, addends) =>
      sum + countPaths(new ColumnAutomaton(constraints, base, [{ length: 1, groups: addends }])),
    0n
  );
}

/** Whether there are any. */
export function exists(constraints: Constraints, base = 10): boolean {
  return addendCounts(constraints).some((addends) =>
    acceptsAny(new ColumnAutomaton(constraints, base, [{ length: 1, groups: addends }]))
  );
}

/**
 * The number of items up to the order of the addends: the average, over all rearrangements, of the items
 * that a rearrangement leaves as they are (Burnside's lemma). It leaves those whose addends are equal
 * along each of its cycles.
 */
export function usable(constraints: Constraints, base = 10): bigint {
  return addendCounts(constraints).reduce((sum, addends) => {
    let fixed = 0n;
    let rearrangements = 0n;
    for (const { cycles, size } of cycleTypes(addends)) {
      fixed += size * countPaths(new ColumnAutomaton(constraints, base, cycles));
      rearrangements += size;
    }
    return sum + fixed / rearrangements;
  }, 0n);
}

function addendCounts(constraints: Constraints): number[] {
  const { min, max } = rangeOf(constraints, 'addends') ?? LIMITS.addends;
  return Array.from({ length: max - min + 1 }, (_, i) => min + i);
}
