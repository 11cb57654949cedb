import {
  arrangementLeaving,
  arrangementsLeaving,
  decimalParts,
  gradedProduct,
  gradedTimes,
  gradedUnion,
  Grades,
  itemSpace,
  PLACE_COUNTS,
  ranked,
  regraded,
  subsetSpanning,
  subsetsSpanning,
  UNWANTED,
  type Combination,
  type DecimalTally,
  type Graded,
  type ItemSpace,
  type Join,
  type Range,
  type Space,
  type Spanning
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { COUNTED, lengthsAllow, lies, limitsOf, type Limits, isNarrow } from './limits';
import { LARGEST_WHOLE, MOST_PLACES, type Given } from './numbers';

/** A whole part with the decimal parts that go with it, in ten-thousandths. */
interface Group {
  readonly whole: number;
  readonly decimals: readonly number[];
}

/**
 * Traps and shared digits are only among numbers of one whole part, so a set of numbers is a set of whole
 * parts, each with its own set of decimal parts; the features of the whole add up. An item is a set, one of
 * its n! arrangements, and one of two orders.
 */
export function items(wanted: Wanted, largestWhole = LARGEST_WHOLE): ItemSpace<Given> {
  const limits = limitsOf(wanted);
  const sets = () => new NumberSets(limits, largestWhole);
  const ways = (numbers: number) => itemsOf(numbers, limits.placed);
  const counted = (each: (numbers: number) => bigint) => () =>
    lengthsAllow(limits) ? sets().total(each) : 0n;
  return itemSpace({
    build: () => itemsOfSets(sets(), limits.placed),
    count: counted(ways),
    usable: counted((numbers) => (ways(numbers) > 0n ? 2n : 0n)),
    *endings(names) {
      const telling = limitsOf(wanted, names);
      // Digits shared are only told from a number on, so each number is asked for by itself.
      for (let shared = telling.shared.min; shared <= telling.shared.max; shared++) {
        const exactly = { ...telling, shared: { min: shared, max: shared } };
        yield* new NumberSets(exactly, largestWhole).endings(names, shared);
      }
    }
  });
}

/** In how many ways so many numbers are asked: arrangements with so many in place, in two orders. */
function itemsOf(numbers: number, placed: Range): bigint {
  let arrangements = 0;
  for (let left = placed.min; left <= Math.min(placed.max, numbers); left++) {
    arrangements += arrangementsLeaving(numbers, left);
  }
  return 2n * BigInt(arrangements);
}

/** The numbers in an arrangement with so many in place. */
function arranged(sorted: readonly string[], placed: Range, rank: number): string[] {
  let [left, rest] = [placed.min, rank];
  for (; rest >= arrangementsLeaving(sorted.length, left); left++) {
    rest -= arrangementsLeaving(sorted.length, left);
  }
  return arrangementLeaving(sorted, left, rest);
}

/** The items of some sets: by grade, then by set, then by arrangement and order. */
function itemsOfSets({ sets, wanted }: NumberSets, placed: Range): Space<Given> {
  const grades = wanted.map(({ grade, count }) => {
    const ways = itemsOf(count, placed);
    return { grade, ways, total: ways * sets.counts.get(grade)! };
  });
  const all = grades.reduce((sum, { total }) => sum + total, 0n);
  return ranked(all, (rank) => {
    let rest = rank;
    const found = grades.find(({ total }) => {
      if (rest < total) return true;
      rest -= total;
      return false;
    })!;
    const ascending = sets.at(found.grade, rest / found.ways).flatMap(numerals);
    const way = Number(rest % found.ways);
    const order = way % 2 === 0 ? 'ascending' : 'descending';
    const sorted = order === 'ascending' ? ascending : ascending.reverse();
    return { numbers: arranged(sorted, placed, Math.floor(way / 2)), order };
  });
}

/** What the constraints still need to know of the numbers of some whole parts. */
type SetTally = Readonly<
  Record<
    | 'count'
    | 'least'
    | 'most'
    | 'wholeParts'
    | 'integers'
    | 'longerTraps'
    | 'shorterTraps'
    | 'zeroTraps'
    | 'shared',
    number
  >
>;

/** The sets of numbers under constraints, and those of their grades that meet them. */
class NumberSets {
  readonly sets: Graded<Group[]>;
  readonly wanted: readonly { grade: number; count: number }[];
  private readonly grades: Grades<keyof SetTally>;

  constructor(
    private readonly limits: Limits,
    private readonly largestWhole: number
  ) {
    const tellsLeast = isNarrow(this.limits.raggedness);
    const tellsMost = tellsLeast || this.limits.places.min > 0;
    const size = ({ min, max }: Range) => (max === Infinity ? min : max) + 1;
    this.grades = new Grades({
      count: this.limits.sizes.max + 1,
      least: tellsLeast ? MOST_PLACES + 1 : 1,
      most: tellsMost ? MOST_PLACES + 1 : 1,
      wholeParts: size(this.limits.counted.wholeParts),
      integers: size(this.limits.counted.integers),
      longerTraps: size(this.limits.counted.longerTraps),
      shorterTraps: size(this.limits.counted.shorterTraps),
      zeroTraps: size(this.limits.counted.zeroTraps),
      shared: this.limits.shared.min > 0 ? 2 : 1
    });
    const tellsTraps =
      isNarrow(this.limits.counted.longerTraps) || isNarrow(this.limits.counted.shorterTraps);
    const parts = decimalParts({
      most: this.limits.sizes.max,
      maxPlaces: this.limits.places.max,
      tellsPlaces: tellsTraps || tellsMost,
      tellsLongerTraps: tellsTraps,
      tellsZeros: isNarrow(this.limits.counted.zeroTraps),
      sharedFrom: this.limits.shared.min,
      sharedTo: this.limits.shared.max
    });
    const graded = (set: Graded<number[]>) =>
      regraded(set, (grade) => this.gradeOf(parts.grades.read(grade)));
    this.sets = this.withWholes(graded(parts.positive), graded(parts.any));
    this.wanted = [...this.sets.counts.keys()].flatMap((grade) => {
      const tally = this.grades.read(grade);
      return this.isMet(tally) ? [{ grade, count: tally.count }] : [];
    });
  }

  /** All sets, each counted in so many ways by how many numbers it has. */
  total(ways: (numbers: number) => bigint): bigint {
    return this.wanted.reduce(
      (sum, { grade, count }) => sum + ways(count) * this.sets.counts.get(grade)!,
      0n
    );
  }

  *endings(names: readonly string[], sharedPrefix: number): Generator<Combination> {
    for (const { grade, count } of this.wanted) {
      const tally = this.grades.read(grade);
      const told: Readonly<Record<string, number>> = {
        ...tally,
        sharedPrefix,
        maxPlaces: tally.most,
        raggedness: tally.most - tally.least
      };
      yield {
        features: Object.fromEntries(names.map((name) => [name, told[name]!])),
        count: itemsOf(count, this.limits.placed) * this.sets.counts.get(grade)!
      };
    }
  }

  /** Decimals of whole part 0, and of some of the whole parts from 1 that are no further apart than asked. */
  private withWholes(zero: Graded<number[]>, others: Graded<number[]>): Graded<Group[]> {
    const { sizes, span, counted } = this.limits;
    const below: Graded<Group[]> = gradedTimes(zero, 1, (decimals) => [{ whole: 0, decimals }]);
    const [above, beside]: [Graded<Group[]>[], Graded<Group[]>[]] = [[], []];
    let lists: Graded<number[][]> = gradedTimes(others, 1, (decimals) => [decimals]);
    for (let size = 1; size <= Math.min(sizes.max, counted.wholeParts.max); size++) {
      if (size > 1) lists = gradedProduct(lists, others, this.join, (list, set) => [...list, set]);
      const under = (chosen: Spanning, wholesOf: (members: number[]) => number[]) =>
        gradedTimes(lists, subsetsSpanning(chosen), (list, rank) => {
          const wholes = wholesOf(subsetSpanning(chosen, rank));
          return list.map((decimals, at) => ({ whole: wholes[at]!, decimals }));
        });
      above.push(
        under({ among: this.largestWhole, size, span }, (members) => members.map((at) => at + 1))
      );
      beside.push(
        under(
          { among: this.largestWhole + 1, size: size + 1, span, from: 0 },
          ([, ...rest]) => rest
        )
      );
    }
    const both = gradedProduct(below, gradedUnion(beside), this.join, (one, other) => [
      ...one,
      ...other
    ]);
    return gradedUnion([...(span.min === 0 ? [below] : []), ...above, both]);
  }

  private gradeOf(tally: DecimalTally): number {
    const places = PLACE_COUNTS.flatMap((name, at) => (tally[name] > 0 ? [at] : []));
    let pairs = 0;
    let before = 0;
    for (const name of PLACE_COUNTS) {
      pairs += before * tally[name];
      before += tally[name];
    }
    return this.pack({
      count: tally.count,
      least: places[0] ?? 0,
      most: places.at(-1) ?? 0,
      wholeParts: 1,
      integers: tally.places0,
      longerTraps: tally.longerTraps,
      // Two numbers of different lengths are one trap or the other.
      shorterTraps: pairs - tally.longerTraps,
      zeroTraps: tally.zeroTraps,
      shared: tally.shared
    });
  }

  /** How the numbers of some whole parts and those of others are put together. */
  private get join(): Join {
    return {
      sizeOf: (grade) => this.grades.read(grade).count,
      most: this.limits.sizes.max,
      together: (first) => {
        const one = this.grades.read(first);
        return (second) => this.together(one, this.grades.read(second));
      }
    };
  }

  private together(one: SetTally, other: SetTally): number {
    return this.pack({
      count: one.count + other.count,
      least: Math.min(one.least, other.least),
      most: Math.max(one.most, other.most),
      wholeParts: one.wholeParts + other.wholeParts,
      integers: one.integers + other.integers,
      longerTraps: one.longerTraps + other.longerTraps,
      shorterTraps: one.shorterTraps + other.shorterTraps,
      zeroTraps: one.zeroTraps + other.zeroTraps,
      shared: Math.max(one.shared, other.shared)
    });
  }

  /** The grade of a tally, counts taken as far as they matter; {@link UNWANTED} once they are too large. */
  private pack(tally: SetTally): number {
    if (tally.most - tally.least > this.limits.raggedness.max) return UNWANTED;
    const { one } = this.grades;
    let grade =
      tally.count * one.count +
      tally.least * one.least +
      tally.most * one.most +
      tally.shared * one.shared;
    for (const name of COUNTED) {
      const { min, max } = this.limits.counted[name];
      if (tally[name] > max) return UNWANTED;
      grade += (max === Infinity ? Math.min(tally[name], min) : tally[name]) * one[name];
    }
    return grade;
  }

  private isMet(tally: SetTally): boolean {
    return (
      lies(tally.count, this.limits.sizes) &&
      (this.limits.places.min === 0 || tally.most >= this.limits.places.min) &&
      (!isNarrow(this.limits.raggedness) ||
        tally.most - tally.least >= this.limits.raggedness.min) &&
      COUNTED.every((name) => tally[name] >= this.limits.counted[name].min) &&
      (this.limits.shared.min === 0 || tally.shared === 1)
    );
  }
}

function numerals({ whole, decimals }: Group): string[] {
  return decimals.map((value) => {
    const digits = String(value).padStart(MOST_PLACES, '0').replace(/0+$/, '');
    return digits === '' ? String(whole) : `${whole}.${digits}`;
  });
}
