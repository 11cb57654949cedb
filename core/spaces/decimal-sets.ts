import {
  gradedOne,
  gradedProduct,
  gradedTimes,
  gradedUnion,
  regraded,
  UNWANTED,
  type Graded,
  type Join
} from './graded';
import { Grades } from './grades';
import { keepRecent } from './recent';
import { choose, subsetAt } from './subsets';

/** Decimal places of the numbers in a set, at the most. */
const MOST_PLACES = 4;

/** What must be known of the decimal parts that go with one whole part. */
export interface WantedDecimals {
  /** Most numbers. */
  readonly most: number;
  readonly maxPlaces: number;
  /** How many have each number of places is told apart. */
  readonly tellsPlaces: boolean;
  readonly tellsLongerTraps: boolean;
  readonly tellsZeros: boolean;
  /** Whether two share this many leading digits is told apart, above 0. */
  readonly sharedFrom: number;
  /** No two may share more leading digits. */
  readonly sharedTo: number;
}

/** Counts of a set: how many numbers, how many of each number of places, and traps among them. */
export type DecimalTally = Readonly<
  Record<
    | 'count'
    | 'places0'
    | 'places1'
    | 'places2'
    | 'places3'
    | 'places4'
    | 'longerTraps'
    | 'zeroTraps'
    | 'shared',
    number
  >
>;

export const PLACE_COUNTS = ['places0', 'places1', 'places2', 'places3', 'places4'] as const;

const NOTHING: DecimalTally = {
  count: 0,
  places0: 0,
  places1: 0,
  places2: 0,
  places3: 0,
  places4: 0,
  longerTraps: 0,
  zeroTraps: 0,
  shared: 0
};

/** Sets of decimal parts (ten-thousandths, 0 to 9999), in rising order, that are not empty. */
export interface DecimalParts {
  readonly grades: Grades<keyof DecimalTally>;
  /** Beside a whole part that may stand alone, as an integer. */
  readonly any: Graded<number[]>;
  /** Beside whole part 0, where no decimals would be the number 0. */
  readonly positive: Graded<number[]>;
}

/**
 * All sets of decimal parts, by the tree of their digits, padded to four:
 *
 *   node, k digits fixed --0--> node of k + 1 digits --> ...
 *                        --1 to 9, each empty or not--> nodes of k + 1 digits
 *
 * The nodes under 1 to 9 are alike, and so are all nodes of a depth whose last digit is not 0; behind
 * zeros the number that ends in nothing but zeros still has the places of the last digit that is not 0.
 */
export function decimalParts(wanted: WantedDecimals): DecimalParts {
  return kept(JSON.stringify(wanted), () => {
    const tree = new DigitTree(wanted);
    return { grades: tree.grades, any: tree.root(0), positive: tree.root(NONE) };
  });
}

/** Trees are worth keeping while one turns a control, and there are few kinds of them. */
const kept = keepRecent<DecimalParts>(12);

/** Places of a number that must not be. */
const NONE = -1;

class DigitTree {
  readonly grades: Grades<keyof DecimalTally>;
  private readonly nodes = new Map<string, Graded<number[]>>();

  constructor(private readonly wanted: WantedDecimals) {
    const { most, tellsPlaces, tellsLongerTraps, tellsZeros, sharedFrom } = wanted;
    const size = tellsPlaces ? most + 1 : 1;
    this.grades = new Grades({
      count: most + 1,
      // Whole numbers are always told apart: they are controlled, and have no first decimal digit.
      places0: 2,
      places1: size,
      places2: size,
      places3: size,
      places4: size,
      longerTraps: tellsLongerTraps ? 25 : 1,
      zeroTraps: tellsZeros ? most + 1 : 1,
      shared: sharedFrom > 0 ? 2 : 1
    });
  }

  /** The whole tree; `places` are those of the number without decimal digits: 0, or none. */
  root(places: number): Graded<number[]> {
    const zero = regraded(this.node(1, places), (grade) => {
      const tally = this.grades.read(grade);
      return this.grades.pack({ ...tally, zeroTraps: tally.count - tally.places0 });
    });
    return this.together(zero, this.nonZero(0));
  }

  /** The sets of numbers with `depth` digits fixed; `places` are those of the number that has zeros from there on. */
  private node(depth: number, places: number): Graded<number[]> {
    const key = `${depth} ${places}`;
    let node = this.nodes.get(key);
    if (!node) {
      node = depth === MOST_PLACES ? this.leaf(places) : this.branch(depth, places);
      this.nodes.set(key, node);
    }
    return node;
  }

  private leaf(places: number): Graded<number[]> {
    const isThere = places !== NONE && places <= this.wanted.maxPlaces;
    const tally = isThere ? { ...NOTHING, count: 1, [PLACE_COUNTS[places]!]: 1 } : undefined;
    return gradedOne(tally && this.grades.pack(tally), [0]);
  }

  private branch(depth: number, places: number): Graded<number[]> {
    const { sharedFrom, sharedTo } = this.wanted;
    const all = this.together(this.node(depth + 1, places), this.nonZero(depth));
    return regraded(all, (grade) => {
      const tally = this.grades.read(grade);
      if (tally.count < 2) return grade;
      if (depth > sharedTo) return UNWANTED;
      return depth >= sharedFrom ? this.grades.pack({ ...tally, shared: 1 }) : grade;
    });
  }

  /** Numbers whose next digit is not 0: some of the digits 1 to 9, each with a node of its own. */
  private nonZero(depth: number): Graded<number[]> {
    const key = `nonzero ${depth}`;
    const made = this.nodes.get(key);
    if (made) return made;
    const parts: Graded<number[]>[] = [];
    if (depth < this.wanted.maxPlaces) {
      const unit = 10 ** (MOST_PLACES - 1 - depth);
      const child = this.node(depth + 1, depth + 1);
      let lists: Graded<number[][]> = regradedAs(child, (set) => [set]);
      for (let digits = 1; digits <= Math.min(9, this.wanted.most); digits++) {
        if (digits > 1) {
          lists = gradedProduct(lists, child, this.join, (list, set) => [...list, set]);
        }
        const size = digits;
        parts.push(
          gradedTimes(lists, choose(9, size), (list, rank) => {
            const chosen = subsetAt(9, size, rank);
            return list.flatMap((set, at) => set.map((value) => (chosen[at]! + 1) * unit + value));
          })
        );
      }
    }
    const all = gradedUnion(parts);
    this.nodes.set(key, all);
    return all;
  }

  /** Either set, or both, the first holding the smaller numbers. */
  private together(smaller: Graded<number[]>, larger: Graded<number[]>): Graded<number[]> {
    const both = gradedProduct(smaller, larger, this.join, (one, other) => [...one, ...other]);
    return gradedUnion([smaller, larger, both]);
  }

  /** The grade of smaller numbers and larger ones together: each smaller and longer one is a trap. */
  private get join(): Join {
    return {
      sizeOf: (grade) => this.grades.read(grade).count,
      most: this.wanted.most,
      together: (smaller) => {
        const one = this.grades.read(smaller);
        const { longerTraps, shared } = this.grades.one;
        return (larger) => {
          const other = this.grades.read(larger);
          const isTwice = one.shared + other.shared === 2;
          return smaller + larger + longerPairs(one, other) * longerTraps - (isTwice ? shared : 0);
        };
      }
    };
  }
}

/** Pairs of a smaller number and a larger one where the smaller has more places. */
function longerPairs(smaller: DecimalTally, larger: DecimalTally): number {
  const upTo1 = larger.places0 + larger.places1;
  const upTo2 = upTo1 + larger.places2;
  return (
    smaller.places1 * larger.places0 +
    smaller.places2 * upTo1 +
    smaller.places3 * upTo2 +
    smaller.places4 * (upTo2 + larger.places3)
  );
}

function regradedAs<A, B>(set: Graded<A>, convert: (member: A) => B): Graded<B> {
  return gradedTimes(set, 1, convert);
}
