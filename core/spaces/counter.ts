/** A closed range of whole numbers; `max` may be Infinity. */
export interface Range {
  readonly min: number;
  readonly max: number;
}

/**
 * What an automaton must remember of a count, to know at the end whether it lies in `range`. A count adds
 * up, by at most `most` in what is still to come. Negative once it can no longer lie in the range, else the
 * least count that can still end just the same.
 */
export function rememberCount(count: number, range: Range, most: number): number {
  if (count > range.max || count + most < range.min) return -1;
  return count + most <= range.max ? Math.min(count, range.min) : count;
}

/**
 * As {@link rememberCount} for the largest of several values: whether the lower end was reached (1) or
 * not (0). Negative once a value is above the range.
 */
export function rememberLargest(reached: number, value: number, range: Range): number {
  if (value > range.max) return -1;
  return reached === 1 || value >= range.min ? 1 : 0;
}
