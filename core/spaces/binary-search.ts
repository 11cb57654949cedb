/**
 * The first place below `length` of which something is true that is true of all places after it; the last place if it is
 * true of none before. The length is at least 1.
 */
export function firstWhere(length: number, isTrue: (place: number) => boolean): number {
  let [low, high] = [0, length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isTrue(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}
