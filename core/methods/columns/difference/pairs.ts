/** Pairs of figures of one column with the same effect on everything to their left. */
export interface PairEffect {
  readonly pairs: readonly (readonly [top: number, bottom: number])[];
  readonly borrow: number;
  /** The figure above is 0, and that of the difference. */
  readonly topZero: boolean;
  readonly zero: boolean;
}

type Ends = readonly [least: number, most: number];

/** All pairs of figures between two each, put together by their effect where so much is borrowed from the column. */
export function mergedPairs(tops: Ends, bottoms: Ends, borrowed: number, base = 10): PairEffect[] {
  const merged = new Map<number, PairEffect & { pairs: (readonly [number, number])[] }>();
  for (let top = tops[0]; top <= tops[1]; top++) {
    for (let bottom = bottoms[0]; bottom <= bottoms[1]; bottom++) {
      const borrow = top - borrowed < bottom ? 1 : 0;
      const zero = (top - borrowed - bottom + base) % base === 0;
      const topZero = top === 0;
      const key = borrow + (topZero ? 2 : 0) + (zero ? 4 : 0);
      const effect = merged.get(key);
      if (effect) effect.pairs.push([top, bottom]);
      else merged.set(key, { pairs: [[top, bottom]], borrow, topZero, zero });
    }
  }
  return [...merged.values()];
}
