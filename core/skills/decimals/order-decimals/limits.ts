import type { Range } from '../../../spaces';
import type { Wanted } from '../../../skill/request';

/** Features that are counts over the numbers or pairs of them, and add up over whole parts. */
export const COUNTED = [
  'wholeParts',
  'integers',
  'longerTraps',
  'shorterTraps',
  'zeroTraps'
] as const;

/** The range of every feature, whether anything is asked of it or not. */
export interface Limits {
  readonly sizes: Range;
  readonly places: Range;
  readonly raggedness: Range;
  readonly shared: Range;
  /** Largest whole part less smallest. */
  readonly span: Range;
  /** Of an arrangement: numbers that stand where they belong. */
  readonly placed: Range;
  readonly counted: Readonly<Record<(typeof COUNTED)[number], Range>>;
}

/** The limits of a request; features that are told have ends even where nothing is asked. */
export function limitsOf(wanted: Wanted, told: readonly string[] = []): Limits {
  const counted = (id: string) => {
    const { min, max } = wanted.counted(id);
    return { min, max: told.includes(id) ? Math.min(max, wanted.limit(id)) : max };
  };
  return {
    sizes: wanted.range('count'),
    places: wanted.range('maxPlaces'),
    raggedness: counted('raggedness'),
    shared: wanted.range('sharedPrefix'),
    span: wanted.range('wholeSpan'),
    placed: wanted.range('placed'),
    counted: {
      wholeParts: counted('wholeParts'),
      integers: counted('integers'),
      longerTraps: counted('longerTraps'),
      shorterTraps: counted('shorterTraps'),
      zeroTraps: counted('zeroTraps')
    }
  };
}

/** Whether a count lies in a range. */
export const lies = (value: number, { min, max }: Range) => value >= min && value <= max;

/**
 * Whether numbers could have lengths that the limits allow: how many have each number of places. Few
 * lists of lengths exist, so this is asked before anything is counted; what passes may still be empty.
 */
export function lengthsAllow({ sizes, places: allowed, raggedness, counted }: Limits): boolean {
  const least = { longer: counted.longerTraps.min, shorter: counted.shorterTraps.min };
  for (const lengths of lengthLists(sizes.max, allowed.max)) {
    const used = lengths.flatMap((numbers, places) => (numbers > 0 ? [places] : []));
    const most = used.at(-1) ?? 0;
    const total = lengths.reduce((sum, numbers) => sum + numbers, 0);
    const [integers = 0, tenths = 0] = lengths;
    if (
      lies(total, sizes) &&
      lies(most, allowed) &&
      lies(most - (used[0] ?? 0), raggedness) &&
      lies(integers, counted.integers) &&
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
  let [pairs, before] = [0, 0];
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

/** Whether a range leaves something out. */
export function isNarrow({ min, max }: Range): boolean {
  return min > 0 || max < Infinity;
}
