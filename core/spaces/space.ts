/**
 * All items that meet a request, counted exactly and addressable by rank.
 * `at` accepts ranks from 0 to `count - 1`, is one-to-one, and throws a RangeError elsewhere.
 */
export interface Space<T> {
  readonly count: bigint;
  at(rank: bigint): T;
}

/** The space of a list of different values, in the order of the list. */
export function listSpace<T>(values: readonly T[]): Space<T> {
  return ranked(BigInt(values.length), (rank) => values[Number(rank)]!);
}

/** All pairs of a member of `first` and a member of `second`, combined; `second` varies fastest. */
export function productSpace<A, B, T>(
  first: Space<A>,
  second: Space<B>,
  combine: (a: A, b: B) => T
): Space<T> {
  return ranked(first.count * second.count, (rank) =>
    combine(first.at(rank / second.count), second.at(rank % second.count))
  );
}

/** The members of each space in turn. The spaces must be disjoint for the union to hold no item twice. */
export function unionSpace<T>(spaces: readonly Space<T>[]): Space<T> {
  const parts = spaces.filter((space) => space.count > 0n);
  const count = parts.reduce((sum, space) => sum + space.count, 0n);
  return ranked(count, (rank) => {
    let rest = rank;
    for (const part of parts) {
      if (rest < part.count) return part.at(rest);
      rest -= part.count;
    }
    throw new RangeError('unionSpace: its parts changed their counts');
  });
}

/** The same space seen through a one-to-one function. */
export function mapSpace<A, B>(space: Space<A>, convert: (value: A) => B): Space<B> {
  return { count: space.count, at: (rank) => convert(space.at(rank)) };
}

/** A space of so many items; ranks that none has are refused. */
export function ranked<T>(count: bigint, at: (rank: bigint) => T): Space<T> {
  return {
    count,
    at(rank) {
      if (rank < 0n || rank >= count) {
        throw new RangeError(`a rank from 0 to ${count - 1n} is needed, got ${rank}`);
      }
      return at(rank);
    }
  };
}
