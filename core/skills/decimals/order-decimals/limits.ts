import type { Range } from '../../../spaces';
import { countedRange, rangeOf, type Constraints } from '../../controls';
import { features } from './features';
import { FEWEST_NUMBERS, MOST_NUMBERS, MOST_PLACES } from './numbers';

/** Features that are counts over the numbers or pairs of them, and add up over whole parts. */
export const COUNTED = ['integers', 'longerTraps', 'shorterTraps', 'zeroTraps'] as const;

/** The range of every feature, whether it is constrained or not. */
export interface Limits {
  readonly sizes: Range;
  readonly places: Range;
  readonly raggedness: Range;
  readonly shared: Range;
  readonly counted: Readonly<Record<(typeof COUNTED)[number], Range>>;
}

export function limitsOf(constraints: Constraints): Limits {
  const counted = (id: string) => countedRange(features, constraints, id);
  return {
    sizes: rangeOf(constraints, 'count') ?? { min: FEWEST_NUMBERS, max: MOST_NUMBERS },
    places: rangeOf(constraints, 'maxPlaces') ?? { min: 0, max: MOST_PLACES },
    raggedness: counted('raggedness'),
    shared: rangeOf(constraints, 'sharedPrefix') ?? { min: 0, max: MOST_PLACES },
    counted: {
      integers: counted('integers'),
      longerTraps: counted('longerTraps'),
      shorterTraps: counted('shorterTraps'),
      zeroTraps: counted('zeroTraps')
    }
  };
}
