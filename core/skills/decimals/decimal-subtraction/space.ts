import { automatonItems, unionItems, type ItemSpace } from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { isPossible } from '../../../methods/columns/decimal/amounts';
import { DifferenceAutomaton } from './automaton';
import type { Given } from './numbers';

/** All differences that are wanted, by the places of the longer number. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('maxPlaces');
  const places = Array.from({ length: max - min + 1 }, (_, at) => min + at).filter((longest) =>
    isPossible(wanted, longest)
  );
  return unionItems(
    places.map((longest) =>
      automatonItems((told) => new DifferenceAutomaton(wanted, longest, told))
    )
  );
}
