import { firstWhere } from './binary-search';
import { ranked, type Space } from './space';

/**
 * The space of all pairs of a key and one of its members: keys 0 .. n-1, key k with `weights[k]` members.
 * The weights must add up to less than 2^53.
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
  return ranked(BigInt(total), (rank) => {
    const index = Number(rank);
    const key = firstWhere(upTo.length, (place) => upTo[place]! > index);
    return member(key, index - (upTo[key - 1] ?? 0));
  });
}
