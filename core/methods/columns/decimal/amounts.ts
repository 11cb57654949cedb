import type { Wanted } from '../../../skill/request';

const PLACES = 2;

/** Whether there are numbers of so many places: any, or of amounts those of two places that stand evenly. */
export function isPossible(wanted: Wanted, places: number): boolean {
  const isEven = wanted.meets({ integers: 0, raggedness: 0, padded: 0, wholeMinuend: false });
  return wanted.flag('amounts') !== true || (places === PLACES && isEven);
}
