/** A grade and the least marks it needs. */
export interface Boundary {
  readonly grade: string;
  readonly from: number;
}

/** The grade of so many marks: the best whose boundary they reach; empty below all of them. */
export function gradeOf(boundaries: readonly Boundary[], total: number): string {
  const reached = boundaries.filter(({ from }) => from <= total);
  return reached.toSorted((one, other) => other.from - one.from)[0]?.grade ?? '';
}

/**
 * The boundaries at the same shares of another total, each at the nearest mark (half a mark up): 30 of 60 is 29 of 58.
 * Undefined where two grades would begin at the same mark, or the old total is 0.
 */
export function boundariesAsShares(
  boundaries: readonly Boundary[],
  before: number,
  after: number
): Boundary[] | undefined {
  if (before === 0) return undefined;
  const shared = boundaries.map(({ grade, from }) => ({
    grade,
    from: Math.floor((2 * from * after + before) / (2 * before))
  }));
  return new Set(shared.map(({ from }) => from)).size === shared.length ? shared : undefined;
}
