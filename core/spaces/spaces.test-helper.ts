import type { Space } from './space';

/** All members of a space, in the order of their ranks. */
export function members<T>(space: Space<T>): T[] {
  return Array.from({ length: Number(space.count) }, (_, rank) => space.at(BigInt(rank)));
}

/** All lists of so many of these values, the last varying fastest. */
export function listsOf<T>(values: readonly T[], length: number): T[][] {
  if (length === 0) return [[]];
  return listsOf(values, length - 1).flatMap((list) => values.map((value) => [...list, value]));
}

/** All orders of some values. */
export function permutations<T>(values: readonly T[]): T[][] {
  if (values.length === 0) return [[]];
  return values.flatMap((value, at) =>
    permutations(values.toSpliced(at, 1)).map((rest) => [value, ...rest])
  );
}
