import { choose, subsetAt } from './subsets';

/** How many arrangements of n things (0 to 12) leave exactly so many of them in their place. */
export function arrangementsLeaving(n: number, placed: number): number {
  return choose(n, placed) * derangements(n - placed);
}

/** The arrangement of some things that leaves so many in their place, of a rank below their number. */
export function arrangementLeaving<T>(values: readonly T[], placed: number, rank: number): T[] {
  const moved = values.length - placed;
  const each = derangements(moved);
  const stay = new Set(subsetAt(values.length, placed, Math.floor(rank / each)));
  const places = values.flatMap((_, at) => (stay.has(at) ? [] : [at]));
  const arranged = [...values];
  derangementAt(moved, rank % each).forEach((from, to) => {
    arranged[places[to]!] = values[places[from]!]!;
  });
  return arranged;
}

/** How many arrangements of n things leave none in its place: D(n) = (n - 1)(D(n - 1) + D(n - 2)). */
function derangements(n: number): number {
  if (n < 2) return n === 0 ? 1 : 0;
  return (n - 1) * (derangements(n - 1) + derangements(n - 2));
}

/**
 * The derangement of 0 .. n-1 of a rank, built as its recurrence counts: the last either changes places with
 * another, or is put into a derangement of the others.
 */
function derangementAt(n: number, rank: number): number[] {
  if (n === 0) return [];
  const [swapped, each] = [derangements(n - 2), derangements(n - 1) + derangements(n - 2)];
  const [other, rest] = [Math.floor(rank / each), rank % each];
  if (rest >= swapped) {
    const inner = derangementAt(n - 1, rest - swapped);
    return [...inner.map((value) => (value === other ? n - 1 : value)), other];
  }
  const outside = (value: number) => (value < other ? value : value + 1);
  const result = Array<number>(n);
  derangementAt(n - 2, rest).forEach((from, to) => {
    result[outside(to)] = outside(from);
  });
  result[other] = n - 1;
  result[n - 1] = other;
  return result;
}
