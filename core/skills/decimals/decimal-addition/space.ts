import {
  automatonItems,
  countPaths,
  cycleTypes,
  unionItems,
  type ItemSpace
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { isPossible } from '../../../methods/columns/decimal/amounts';
import { DecimalAutomaton } from './automaton';
import type { Given } from './numbers';

/** All sums that are wanted: by how many numbers there are, and by the places of the longest. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const [addends, places] = [wanted.range('addends'), wanted.range('maxPlaces')];
  const spaces: ItemSpace<Given>[] = [];
  for (let numbers = addends.min; numbers <= addends.max; numbers++) {
    for (let longest = places.min; longest <= places.max; longest++) {
      if (!isPossible(wanted, longest)) continue;
      const make = (told: readonly string[] = []) =>
        new DecimalAutomaton(wanted, longest, [{ length: 1, groups: numbers }], told);
      spaces.push(automatonItems(make, { usable: () => usable(wanted, numbers, longest) }));
    }
  }
  return unionItems(spaces);
}

/** The number of items up to the order of the numbers, by Burnside's lemma as in sums of whole numbers. */
function usable(wanted: Wanted, numbers: number, places: number): bigint {
  let [fixed, rearrangements] = [0n, 0n];
  for (const { cycles, size } of cycleTypes(numbers)) {
    fixed += size * countPaths(new DecimalAutomaton(wanted, places, cycles));
    rearrangements += size;
  }
  return fixed / rearrangements;
}
