import { firstWhere } from './binary-search';
import { spend } from './spending';
import { once } from './work';

/**
 * A set whose members are sorted by *grade*: a whole number that packs all that the constraints still need
 * to know of a member. Members of a grade are counted exactly and addressable by rank, so that sets built
 * from smaller ones can be counted, and ranked, without listing them.
 */
export interface Graded<T> {
  /** How many members each grade has; grades without any are absent. */
  readonly counts: ReadonlyMap<number, bigint>;
  /** The member of a grade of a rank below its count. */
  at(grade: number, rank: bigint): T;
}

/** Work of joining two grades. */
const PAIR_WORK = 2;

/** What a join says where the two together are not wanted. */
export const UNWANTED = -1;

/** How two members are put together. */
export interface Join {
  /** Sizes add up, and those that would be larger than `most` are not wanted: they need not be tried. */
  sizeOf(grade: number): number;
  readonly most: number;
  /** The grade of two together, or {@link UNWANTED}; the first is given once for many of the second. */
  together(first: number): (second: number) => number;
}

/** A set with one member, or with none if it has no grade. */
export function gradedOne<T>(grade: number | undefined, member: T): Graded<T> {
  return {
    counts: new Map(grade === undefined ? [] : [[grade, 1n]]),
    at: () => member
  };
}

/** The members of several sets that have none in common. */
export function gradedUnion<T>(parts: readonly Graded<T>[]): Graded<T> {
  const counts = new Map<number, bigint>();
  for (const part of parts) {
    for (const [grade, count] of part.counts) counts.set(grade, (counts.get(grade) ?? 0n) + count);
  }
  return {
    counts,
    at(grade, rank) {
      let rest = rank;
      for (const part of parts) {
        const count = part.counts.get(grade) ?? 0n;
        if (rest < count) return part.at(grade, rest);
        rest -= count;
      }
      throw outOfRange('gradedUnion', grade, rank);
    }
  };
}

/** All pairs of a member of `first` and a member of `second`, except those whose join is {@link UNWANTED}. */
export function gradedProduct<A, B, T>(
  first: Graded<A>,
  second: Graded<B>,
  join: Join,
  combine: (first: A, second: B) => T
): Graded<T> {
  const counts = new Map<number, bigint>();
  eachPair(first, second, join, (grade, a, b) => {
    counts.set(grade, (counts.get(grade) ?? 0n) + first.counts.get(a)! * second.counts.get(b)!);
  });
  const pairs = new PairsByGrade(first, second, join);
  return {
    counts,
    at(grade, rank) {
      const { a, b, index } = pairs.find(grade, rank);
      const ways = second.counts.get(b)!;
      return combine(first.at(a, index / ways), second.at(b, index % ways));
    }
  };
}

/** The same members under other grades; those whose new grade is {@link UNWANTED} are left out. */
export function regraded<T>(set: Graded<T>, convert: (grade: number) => number): Graded<T> {
  const nothing: Graded<undefined> = gradedOne(0, undefined);
  const join: Join = {
    sizeOf: () => 0,
    most: 0,
    together: (grade) => () => convert(grade)
  };
  return gradedProduct(set, nothing, join, (member) => member);
}

/** Every member in `ways` versions: `version` makes one from a member and an index below `ways`. */
export function gradedTimes<A, T>(
  set: Graded<A>,
  ways: number,
  version: (member: A, index: number) => T
): Graded<T> {
  const factor = BigInt(ways);
  return {
    counts: new Map([...set.counts].map(([grade, count]) => [grade, count * factor])),
    at: (grade, rank) => version(set.at(grade, rank / factor), Number(rank % factor))
  };
}

/** The pairs of grades that make a grade, with running totals, worked out when first asked for. */
class PairsByGrade {
  /** First and second grade by turns. */
  private readonly pairs = once(() => this.sorted());
  private readonly totals = new Map<number, bigint[]>();

  constructor(
    private readonly first: Graded<unknown>,
    private readonly second: Graded<unknown>,
    private readonly join: Join
  ) {}

  find(grade: number, rank: bigint): { a: number; b: number; index: bigint } {
    const pairs = this.pairs().get(grade) ?? [];
    const totals = this.totalsOf(grade, pairs);
    if (rank < 0n || rank >= (totals.at(-1) ?? 0n)) throw outOfRange('gradedProduct', grade, rank);
    const pair = firstWhere(totals.length, (place) => totals[place]! > rank);
    const index = rank - (totals[pair - 1] ?? 0n);
    return { a: pairs[2 * pair]!, b: pairs[2 * pair + 1]!, index };
  }

  private sorted(): Map<number, number[]> {
    const pairs = new Map<number, number[]>();
    eachPair(this.first, this.second, this.join, (grade, a, b) => {
      const list = pairs.get(grade);
      if (list) list.push(a, b);
      else pairs.set(grade, [a, b]);
    });
    return pairs;
  }

  private totalsOf(grade: number, pairs: readonly number[]): bigint[] {
    let totals = this.totals.get(grade);
    if (!totals) {
      totals = [];
      let upTo = 0n;
      for (let at = 0; at < pairs.length; at += 2) {
        upTo += this.first.counts.get(pairs[at]!)! * this.second.counts.get(pairs[at + 1]!)!;
        totals.push(upTo);
      }
      this.totals.set(grade, totals);
    }
    return totals;
  }
}

/** Visits the pairs that are wanted, with their joint grade. */
function eachPair(
  first: Graded<unknown>,
  second: Graded<unknown>,
  { sizeOf, most, together }: Join,
  visit: (grade: number, a: number, b: number) => void
): void {
  const others = [...second.counts.keys()]
    .map((grade) => ({ grade, size: sizeOf(grade) }))
    .sort((one, other) => one.size - other.size);
  for (const a of first.counts.keys()) {
    const room = most - sizeOf(a);
    const joined = together(a);
    for (const { grade: b, size } of others) {
      if (size > room) break;
      spend(PAIR_WORK);
      const grade = joined(b);
      if (grade !== UNWANTED) visit(grade, a, b);
    }
  }
}

function outOfRange(name: string, grade: number, rank: bigint): RangeError {
  return new RangeError(`${name}: grade ${grade} has no member of rank ${rank}`);
}
