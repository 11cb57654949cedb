import { choose, subsetAt, vectorsUpTo, type Cycles } from '../../../spaces';

/** How many numbers of each class. */
export type Vector = readonly number[];

/** What the numbers do in a column: which begin, end or stand alone, by class. */
export interface Turn {
  readonly turning: Vector;
  readonly alone: Vector;
  readonly leading: Vector;
  readonly free: Vector;
  readonly next: Vector;
  readonly blanks: number;
  readonly ways: number;
}

/**
 * Which numbers begin or end in a column: right of the point (`part` 0), in the ones (1), or left of them (2); `before`
 * are those that have begun, or run.
 */
export function* turnsIn(
  part: number,
  before: Vector,
  classes: readonly Cycles[]
): Generator<Turn> {
  const groups = classes.map((one) => one.groups);
  const numbersIn = (vector: Vector) =>
    vector.reduce((sum, count, at) => sum + count * classes[at]!.length, 0);
  const fresh = groups.map((all, at) => all - before[at]!);
  if (part === 0) {
    for (const turning of vectorsUpTo(fresh)) {
      const next = plus(before, turning);
      const blanks = numbersIn(groups) - numbersIn(next);
      yield {
        turning,
        alone: none(turning),
        leading: turning,
        free: before,
        next,
        blanks,
        ways: subsets(fresh, turning)
      };
    }
  } else if (part === 1) {
    for (const turning of vectorsUpTo(before)) {
      for (const alone of vectorsUpTo(fresh)) {
        const next = minus(minus(groups, turning), alone);
        const ways = subsets(before, turning) * subsets(fresh, alone);
        yield {
          turning,
          alone,
          leading: alone,
          free: minus(groups, alone),
          next,
          blanks: 0,
          ways
        };
      }
    }
  } else {
    for (const turning of vectorsUpTo(before)) {
      const next = minus(before, turning);
      yield {
        turning,
        alone: none(turning),
        leading: turning,
        free: next,
        next,
        blanks: 0,
        ways: subsets(before, turning)
      };
    }
  }
}

/** Those of a list that are in a subset of a rank, and the others. */
export function parted(
  list: readonly number[],
  size: number,
  rank: number
): readonly [chosen: readonly number[], others: readonly number[]] {
  if (size === 0) return [[], list];
  const chosen = subsetAt(list.length, size, rank).map((at) => list[at]!);
  return [chosen, list.filter((one) => !chosen.includes(one))];
}

const plus = (one: Vector, other: Vector): Vector => one.map((count, at) => count + other[at]!);
const minus = (one: Vector, other: Vector): Vector => one.map((count, at) => count - other[at]!);
const none = (vector: Vector): Vector => vector.map(() => 0);

const subsets = (all: Vector, some: Vector): number =>
  all.reduce((ways, count, at) => ways * choose(count, some[at]!), 1);
