import type { Boundary } from '@zealous-quill/core/results';
import type { Pupil } from './table';

/** Marks that a pupil may be short of a grade to be shown near it. */
const NEAR = 2;

/** A grade with those who have it and those who are a little short of it. */
export interface Graded extends Boundary {
  readonly pupils: number;
  readonly near: readonly { readonly name: string; readonly short: number }[];
}

/** How many pupils have each grade, the best first, and who is near it. Only those count who are all marked. */
export function gradesOf(boundaries: readonly Boundary[], pupils: readonly Pupil[]): Graded[] {
  const there = pupils.filter(({ isAbsent, isComplete }) => !isAbsent && isComplete);
  const best = boundaries.toSorted((one, other) => other.from - one.from);
  return best.map(({ grade, from }, at) => ({
    ...{ grade, from },
    pupils: there.filter(({ total }) => total >= from && total < (best[at - 1]?.from ?? Infinity))
      .length,
    near: there
      .filter(({ total }) => total < from && total >= from - NEAR)
      .map(({ name, total }) => ({ name, short: from - total }))
  }));
}
