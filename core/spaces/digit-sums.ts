/** A kind of digit column: how many of its digits may be anything, and how many lead a number (not 0). */
export interface DigitColumn {
  readonly leading: number;
  readonly free: number;
}

/** Column sums and zeros with the number of ways to reach them. */
export interface SumClass {
  readonly sum: number;
  /** Zero digits among them; always 0 where zeros are not told apart. */
  readonly zeros: number;
  readonly ways: number;
}

/** Choices with one sum are kept where they are no more than this. */
const FEW = 100;

/**
 * Counts and ranks the digits of one column by their sum (and their zeros, if told apart), in any base.
 * All results are kept, so that every automaton over the same base shares them.
 */
export class DigitSums {
  private readonly tables = new Map<number, Map<number, SumClass>>();
  private readonly lists = new Map<number, Float64Array>();
  private readonly choices = new Map<number, (readonly number[])[]>();

  constructor(
    private readonly base: number,
    private readonly tellZeros: boolean
  ) {}

  /** Every reachable sum (and count of zeros) of a column with its number of digit choices. */
  classes(column: DigitColumn): SumClass[] {
    return [...this.table(column).values()];
  }

  /** How many digit choices give this sum and these zeros. */
  ways(column: DigitColumn, sum: number, zeros: number): number {
    return this.table(column).get(this.key(sum, zeros))?.ways ?? 0;
  }

  /** The digit choice of a rank below `ways`; the leading digits come first. Where there are few, they are kept. */
  at(column: DigitColumn, sum: number, zeros: number, rank: number): readonly number[] {
    const key = (column.leading * 64 + column.free) * 16384 + this.key(sum, zeros);
    let kept = this.choices.get(key);
    if (!kept) {
      const ways = this.ways(column, sum, zeros);
      if (ways > FEW) return this.choice(column, sum, zeros, rank);
      kept = Array.from({ length: ways }, (_, at) => this.choice(column, sum, zeros, at));
      this.choices.set(key, kept);
    }
    return kept[rank]!;
  }

  private choice(column: DigitColumn, sum: number, zeros: number, rank: number): number[] {
    const digits: number[] = [];
    let { leading, free } = column;
    let rest = rank;
    let restSum = sum;
    let restZeros = zeros;
    while (leading + free > 0) {
      const first = leading > 0 ? 1 : 0;
      if (leading > 0) leading--;
      else free--;
      const left = this.waysOf(leading, free);
      for (let digit = first; digit < this.base; digit++) {
        const zerosLeft = restZeros - this.zerosIn(digit);
        const ways = left[this.key(restSum - digit, zerosLeft)] ?? 0;
        if (rest < ways) {
          digits.push(digit);
          restSum -= digit;
          restZeros = zerosLeft;
          break;
        }
        rest -= ways;
      }
    }
    return digits;
  }

  private table({ leading, free }: DigitColumn): Map<number, SumClass> {
    const id = leading * 64 + free;
    let table = this.tables.get(id);
    if (!table) {
      table = this.build({ leading, free });
      this.tables.set(id, table);
    }
    return table;
  }

  /** The ways of a column by the key of sum and zeros, as a list, which is fast to read. */
  private waysOf(leading: number, free: number): Float64Array {
    const id = leading * 64 + free;
    let ways = this.lists.get(id);
    if (!ways) {
      const table = this.table({ leading, free });
      ways = new Float64Array(Math.max(...table.keys()) + 1);
      for (const [key, part] of table) ways[key] = part.ways;
      this.lists.set(id, ways);
    }
    return ways;
  }

  private build({ leading, free }: DigitColumn): Map<number, SumClass> {
    const table = new Map<number, SumClass>();
    if (leading + free === 0) return table.set(0, { sum: 0, zeros: 0, ways: 1 });
    const smaller = leading > 0 ? { leading: leading - 1, free } : { leading: 0, free: free - 1 };
    for (const part of this.classes(smaller)) {
      for (let digit = leading > 0 ? 1 : 0; digit < this.base; digit++) {
        const sum = part.sum + digit;
        const zeros = part.zeros + this.zerosIn(digit);
        const key = this.key(sum, zeros);
        table.set(key, { sum, zeros, ways: (table.get(key)?.ways ?? 0) + part.ways });
      }
    }
    return table;
  }

  private zerosIn(digit: number): number {
    return this.tellZeros && digit === 0 ? 1 : 0;
  }

  private key(sum: number, zeros: number): number {
    return sum < 0 || zeros < 0 ? -1 : zeros * 1024 + sum;
  }
}

/** The sums of two columns put together. */
export function joinSums(some: readonly SumClass[], others: readonly SumClass[]): SumClass[] {
  const all = new Map<number, SumClass>();
  for (const one of some) {
    for (const other of others) {
      const sum = one.sum + other.sum;
      const zeros = one.zeros + other.zeros;
      const key = zeros * 1024 + sum;
      all.set(key, { sum, zeros, ways: (all.get(key)?.ways ?? 0) + one.ways * other.ways });
    }
  }
  return [...all.values()];
}
