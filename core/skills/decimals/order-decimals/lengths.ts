import { meets, type Constraints } from '../../controls';
import { limitsOf } from './limits';

/**
 * Whether numbers could have lengths that the constraints allow: how many have each number of places. Few
 * lists of lengths exist, so this is asked before anything is counted; what passes may still be empty.
 */
export function lengthsAllow(constraints: Constraints): boolean {
  const { sizes, places: allowed, raggedness, counted } = limitsOf(constraints);
  const least = { longer: counted.longerTraps.min, shorter: counted.shorterTraps.min };
  for (const lengths of lengthLists(sizes.max, allowed.max)) {
    const used = lengths.flatMap((numbers, places) => (numbers > 0 ? [places] : []));
    const most = used.at(-1) ?? 0;
    const total = lengths.reduce((sum, numbers) => sum + numbers, 0);
    const [integers = 0, tenths = 0] = lengths;
    if (
      meets(total, sizes) &&
      meets(most, allowed) &&
      meets(most - (used[0] ?? 0), raggedness) &&
      meets(integers, counted.integers) &&
      // Neither a whole number nor tenths alone can start with a 0 after the point.
      total - integers - tenths >= counted.zeroTraps.min &&
      hasRoomForTraps(lengths, least)
    ) {
      return true;
    }
  }
  return false;
}

/** Two numbers of different lengths make one trap at most; a number has one integer of its whole part. */
function hasRoomForTraps(
  [integers = 0, ...others]: readonly number[],
  least: { longer: number; shorter: number }
): boolean {
  let pairs = 0;
  let before = 0;
  for (const numbers of others) {
    pairs += before * numbers;
    before += numbers;
  }
  const withInteger = Math.min(integers, 1) * before;
  return least.longer <= pairs && least.longer + least.shorter <= pairs + withInteger;
}

/** How many numbers have 0 places, 1 place ...: all lists of up to so many numbers and places. */
function* lengthLists(numbers: number, places: number): Generator<number[]> {
  for (let here = 0; here <= numbers; here++) {
    if (places === 0) yield [here];
    else for (const rest of lengthLists(numbers - here, places - 1)) yield [...rest, here];
  }
}
