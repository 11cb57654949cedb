import { rememberCount, rememberLargest, type Range } from './counter';

/** One thing an automaton counts along the columns of a number. */
export interface Counter<Effect> {
  /** What is asked of it; from 0 to Infinity if nothing is. */
  readonly range: Range;
  /** A sum of gains, the largest gain, or most columns in a row that gain something. */
  readonly by: 'sum' | 'largest' | 'run';
  readonly gain: (effect: Effect) => number;
  /** Most that a sum can still gain after this effect, with so many columns left; one a column if absent. */
  readonly most?: (left: number, effect: Effect) => number;
  /** The largest value it can have. */
  readonly limit: number;
}

/** What {@link Tally.add} gives once some count can no longer lie in its range. */
export const UNMET = -1;

/**
 * Several counters packed into one whole number, as much of each as its range needs to be known of: a counter
 * that nothing is asked of takes no room. Those in `told` are kept exactly, to be read at the end.
 */
export class Tally<Name extends string, Effect> {
  /** Packed tallies are below this. */
  readonly size: number;
  private readonly kept: readonly Kept<Name, Effect>[];

  constructor(counters: Readonly<Record<Name, Counter<Effect>>>, told: readonly string[] = []) {
    let stride = 1;
    const kept: Kept<Name, Effect>[] = [];
    for (const [name, counter] of Object.entries(counters) as [Name, Counter<Effect>][]) {
      const isTold = told.includes(name);
      if (!isTold && !isBinding(counter.range)) continue;
      const one = new Kept(name, counter, isTold, stride);
      kept.push(one);
      stride *= one.size;
    }
    this.kept = kept;
    this.size = stride;
  }

  /** A tally taken apart, for many effects to be added to it in turn. */
  open(packed: number): readonly number[] {
    return this.kept.map((counter) => counter.read(packed));
  }

  /** The tally after one more effect, packed again; {@link UNMET} if the ranges can no longer be met. */
  add(values: readonly number[], effect: Effect, left: number): number {
    let next = 0;
    for (let at = 0; at < values.length; at++) {
      const counter = this.kept[at]!;
      const value = counter.add(values[at]!, effect, left);
      if (value < 0) return UNMET;
      next += value * counter.stride;
    }
    return next;
  }

  /** Whether a tally at the end of a number lies in every range. */
  isMet(packed: number): boolean {
    return this.kept.every((counter) => counter.isMet(counter.read(packed)));
  }

  /** The values of the counters that are told. */
  told(packed: number): Partial<Record<Name, number>> {
    const told: Partial<Record<Name, number>> = {};
    for (const counter of this.kept) {
      if (counter.isTold) told[counter.name] = counter.value(counter.read(packed));
    }
    return told;
  }
}

/** A counter with its place in the packed number. A run has two parts: the present run, and the longest. */
class Kept<Name extends string, Effect> {
  readonly size: number;
  private readonly range: Range;
  /** Values of the present run, 1 for what is no run. */
  private readonly runs: number;

  constructor(
    readonly name: Name,
    private readonly counter: Counter<Effect>,
    readonly isTold: boolean,
    readonly stride: number
  ) {
    this.range = counter.range;
    const cap = this.range.max === Infinity ? this.range.min : this.range.max;
    const values = isTold ? counter.limit + 1 : counter.by === 'sum' ? cap + 1 : 2;
    this.runs = counter.by === 'run' ? (isTold ? counter.limit : cap) + 1 : 1;
    this.size = values * this.runs;
  }

  read(packed: number): number {
    return Math.floor(packed / this.stride) % this.size;
  }

  add(kept: number, effect: Effect, left: number): number {
    const gain = this.counter.gain(effect);
    if (this.counter.by === 'sum') {
      const most = this.counter.most?.(left, effect) ?? left;
      return this.isTold
        ? this.within(kept + gain, most)
        : rememberCount(kept + gain, this.range, most);
    }
    if (this.counter.by === 'largest') return this.larger(kept, gain);
    const run = gain > 0 ? (kept % this.runs) + 1 : 0;
    const longest = this.larger(Math.floor(kept / this.runs), run);
    return longest < 0 ? UNMET : longest * this.runs + Math.min(run, this.runs - 1);
  }

  isMet(kept: number): boolean {
    const value = this.value(kept);
    if (this.isTold) return value >= this.range.min && value <= this.range.max;
    return this.counter.by === 'sum' ? value >= this.range.min : value === 1;
  }

  value(kept: number): number {
    return Math.floor(kept / this.runs);
  }

  private larger(reached: number, value: number): number {
    if (!this.isTold) return rememberLargest(reached, value, this.range);
    return value > this.range.max ? UNMET : Math.max(reached, value);
  }

  private within(sum: number, most: number): number {
    return sum > this.range.max || sum + most < this.range.min ? UNMET : sum;
  }
}

function isBinding({ min, max }: Range): boolean {
  return min > 0 || max < Infinity;
}
