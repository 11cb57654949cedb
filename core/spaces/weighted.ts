import type { Space } from './space';

/**
 * The space of all pairs of a key and one of its members: keys 0 .. n-1, key k with `weights[k]` members.
 * The weights must add up to less than 2^53. `at` finds the key by binary search.
 */
export function weightedSpace<T>(
  weights: ArrayLike<number>,
  member: (key: number, index: number) => T
): Space<T> {
  const upTo = new Float64Array(weights.length);
  let total = 0;
  for (let key = 0; key < weights.length; key++) {
    total += weights[key]!;
    upTo[key] = total;
  }
  if (total > Number.MAX_SAFE_INTEGER) throw new RangeError('weightedSpace: too many members');
  const count = BigInt(total);
  return {
    count,
    at(rank) {
      if (rank < 0n || rank >= count) {
        throw new RangeError(`a rank from 0 to ${count - 1n} is needed, got ${rank}`);
      }
      const index = Number(rank);
      let low = 0;
      let high = upTo.length - 1;
      while (low < high) {
        const middle = (low + high) >> 1;
        if (upTo[middle]! > index) high = middle;
        else low = middle + 1;
      }
      return member(low, index - (low > 0 ? upTo[low - 1]! : 0));
    }
  };
}
