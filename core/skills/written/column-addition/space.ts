import {
  automatonItems,
  countPaths,
  cycleTypes,
  unionItems,
  type ItemSpace
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { ColumnAutomaton } from './automaton';
import type { Given } from '../../../methods/columns/sum/columns';

/** All items that are wanted, in any base at least as large as the number of addends. */
export function items(wanted: Wanted, base = 10): ItemSpace<Given> {
  const { min, max } = wanted.range('addends');
  const counts = Array.from({ length: max - min + 1 }, (_, i) => min + i);
  return unionItems(
    counts.map((addends) =>
      automatonItems(
        (told) => new ColumnAutomaton(wanted, base, [{ length: 1, groups: addends }], told),
        { usable: () => usable(addends, wanted, base) }
      )
    )
  );
}

/**
 * The number of items up to the order of the addends: the average, over all rearrangements, of the items
 * that a rearrangement leaves as they are (Burnside's lemma). It leaves those whose addends are equal
 * along each of its cycles.
 */
function usable(addends: number, wanted: Wanted, base: number): bigint {
  let fixed = 0n;
  let rearrangements = 0n;
  for (const { cycles, size } of cycleTypes(addends)) {
    fixed += size * countPaths(new ColumnAutomaton(wanted, base, cycles));
    rearrangements += size;
  }
  return fixed / rearrangements;
}
