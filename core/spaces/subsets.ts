import type { Range } from './counter';

/** The binomial coefficient C(n, k) for small n (0 to 30); 0 outside 0 <= k <= n. */
export function choose(n: number, k: number): number {
  if (k < 0 || k > n) return 0;
  let result = 1;
  for (let i = 1; i <= k; i++) result = (result * (n - k + i)) / i;
  return result;
}

/** The k-element subset of 0 .. n-1 of a rank below C(n, k), in the order of the combinatorial number system. */
export function subsetAt(n: number, k: number, rank: number): number[] {
  const members: number[] = [];
  let rest = rank;
  for (let left = k, candidate = n - 1; left > 0; candidate--) {
    const without = choose(candidate, left);
    if (rest >= without) {
      rest -= without;
      members.push(candidate);
      left--;
    }
  }
  return members.reverse();
}

/** Subsets of 0 .. among-1 of so many members, whose largest and smallest differ as much as the span allows. */
export interface Spanning {
  readonly among: number;
  readonly size: number;
  readonly span: Range;
  /** The smallest member, where it is fixed. */
  readonly from?: number;
}

/** How many such subsets there are. */
export function subsetsSpanning(wanted: Spanning): number {
  let sum = 0;
  for (const { starts, inner } of spans(wanted)) sum += starts * inner;
  return sum;
}

/** The members, in order, of the subset of a rank below {@link subsetsSpanning}. */
export function subsetSpanning(wanted: Spanning, rank: number): number[] {
  let rest = rank;
  for (const { span, starts, inner } of spans(wanted)) {
    if (rest >= starts * inner) {
      rest -= starts * inner;
      continue;
    }
    const first = wanted.from ?? Math.floor(rest / inner);
    if (wanted.size === 1) return [first];
    const between = subsetAt(span - 1, wanted.size - 2, rest % inner);
    return [first, ...between.map((at) => first + 1 + at), first + span];
  }
  throw new RangeError(`subsetSpanning: no subset has rank ${rank}`);
}

/** Each span, with the smallest members it can start at and the choices between its two ends. */
function* spans({ among, size, span, from }: Spanning) {
  for (let width = span.min; width <= Math.min(span.max, among - 1); width++) {
    const starts = from === undefined ? among - width : from + width < among ? 1 : 0;
    const inner = size === 1 ? Number(width === 0) : width > 0 ? choose(width - 1, size - 2) : 0;
    yield { span: width, starts, inner };
  }
}
