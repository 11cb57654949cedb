import {
  choose,
  DigitSums,
  ended,
  joinSums,
  strides,
  unpack,
  UNMET,
  type Column,
  type Cycles,
  type ItemAutomaton,
  type SumClass,
  type Tally,
  type Told,
  type Visit
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { WHOLE_DIGITS, type Given } from './numbers';
import { parted, turnsIn, type Turn, type Vector } from './turns';

/** Choices for one column that have the same effect on everything to their left. */
export interface Effect {
  /** Numbers of the first class whose last decimal figure, or whose leading one, stands here. */
  readonly turning: number;
  /** In the column of the ones, whole numbers that have no more than this figure. */
  readonly alone: number;
  /** Figures of the first class that are not 0, and that may be anything. */
  readonly leading: number;
  readonly free: number;
  /** Numbers that go on, by class, as one number; right of the point those that have begun. */
  readonly next: number;
  readonly carry: number;
  readonly ripple: number;
  readonly isZero: boolean;
  readonly blanks: number;
  ways: number;
  /** Choices of figures, whichever numbers begin or end. */
  each: number;
  readonly sums: SumClass[];
}

const MOST_CARRY = 5;

/**
 * Numbers with so many decimal places are written from the last place to the left. Right of the point more and
 * more of them begin, each with a figure that is not 0; in the column of the ones the whole numbers begin; from
 * there on more and more end, each with a figure that is not 0:
 *
 *   (column, begun or running, carry, zeros so far, tally) --figures with one effect--> (column + 1, ...)
 *
 * Amounts are written alike, with a zero in each place right of the point where a number has not begun.
 *
 * Classes of equal numbers serve to count items that a rearrangement leaves as they are.
 */
export class DecimalAutomaton implements ItemAutomaton<Effect, Given> {
  readonly start: number;
  private readonly sums = new DigitSums(10, false);
  private readonly groups: Vector;
  private readonly tally: Tally<string, Effect>;
  private readonly vectorStrides: number[];
  private readonly vectorSizes: number[];
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly known = new Map<number, Effect[]>();
  private readonly tellsZeros: boolean;
  private readonly amounts: boolean;

  constructor(
    private readonly wanted: Wanted,
    private readonly places: number,
    private readonly classes: readonly Cycles[],
    told: readonly string[] = []
  ) {
    this.groups = classes.map(({ groups }) => groups);
    this.tellsZeros = wanted.asks('trailingZeros');
    this.amounts = wanted.flag('amounts') === true;
    this.vectorSizes = this.groups.map((count) => count + 1);
    this.vectorStrides = strides(this.vectorSizes);
    const carrying = ({ carry }: Effect) => (carry > 0 ? 1 : 0);
    const numbers = classes.reduce((sum, { groups, length }) => sum + groups * length, 0);
    this.tally = wanted.tally<string, Effect>(
      {
        padded: {
          by: 'sum',
          gain: ({ blanks }) => (this.amounts ? 0 : blanks),
          most: (left) => Math.max(0, left - WHOLE_DIGITS) * numbers
        },
        carries: { by: 'sum', gain: carrying },
        ripples: { by: 'sum', gain: ({ ripple }) => ripple },
        longestRun: { by: 'run', gain: carrying },
        largestCarry: { by: 'largest', gain: ({ carry }) => carry }
      },
      told
    );
    const vectors = this.codeOf(this.groups) + 1;
    this.sizes = [places + WHOLE_DIGITS, vectors, MOST_CARRY, 2, this.tally.size];
    this.strides = strides(this.sizes);
    this.start = this.strides[3]!;
  }

  edges(state: number, visit: Visit<Effect>): void {
    const [column, code, carry, zeros, tally] = unpack(state, this.sizes) as [
      number,
      number,
      number,
      number,
      number
    ];
    const before = unpack(code, this.vectorSizes);
    if (column === this.places && !this.mayReachPoint(before, zeros)) return;
    const counted = this.tally.open(tally);
    const left = this.places + WHOLE_DIGITS - column - 1;
    for (const effect of this.effects(column, code, carry)) {
      if (!this.isAllowed(column, code, zeros, effect)) continue;
      const isEnd = column >= this.places && effect.next === 0;
      const next = this.tally.add(counted, effect, isEnd ? 0 : left);
      if (next === UNMET) continue;
      if (isEnd) {
        if (this.mayEnd(column, effect) && this.tally.isMet(next)) {
          visit(
            effect.ways,
            effect,
            ended((next * WHOLE_DIGITS + column - this.places) * 2 + (effect.carry > 0 ? 1 : 0))
          );
        }
      } else if (left > 0) {
        const [, vector, carried, zero, counts] = this.strides as [
          number,
          number,
          number,
          number,
          number
        ];
        const areZeros = zeros === 1 && effect.isZero ? 1 : 0;
        visit(
          effect.ways,
          effect,
          column +
            1 +
            effect.next * vector +
            effect.carry * carried +
            areZeros * zero +
            next * counts
        );
      }
    }
  }

  told(code: number): Told {
    const column = Math.floor(code / 2) % WHOLE_DIGITS;
    return {
      ...(this.tally.told(Math.floor(code / 2 / WHOLE_DIGITS)) as Told),
      addends: this.groups[0]!,
      maxPlaces: this.places,
      wholeDigits: column + 1,
      newColumn: code % 2 === 1
    };
  }

  /** The item of a path through single numbers. */
  write(path: readonly Column<Effect>[]): Given {
    const figures: string[] = Array.from({ length: this.groups[0]! }, () => '');
    let fresh: readonly number[] = figures.map((_, at) => at);
    let running: readonly number[] = [];
    path.forEach(({ choice, index }, column) => {
      const subset = Math.floor(index / choice.each);
      const ofFresh = column < this.places ? choice.turning : choice.alone;
      const inFresh = choose(fresh.length, ofFresh);
      const [chosen, others] = parted(fresh, ofFresh, subset % inFresh);
      let order: readonly number[];
      if (column < this.places) {
        order = running = chosen.length > 0 ? [...chosen, ...running] : running;
        fresh = others;
        if (this.amounts) for (const number of fresh) figures[number] = `0${figures[number]!}`;
      } else {
        const [ending, goOn] = parted(running, choice.turning, Math.floor(subset / inFresh));
        // Of numbers with decimals the ones may be 0: what may not be comes first.
        order = [...chosen, ...ending, ...goOn, ...others];
        running = others.length > 0 ? [...goOn, ...others] : goOn;
        fresh = [];
      }
      const values = this.figuresAt(choice, index % choice.each);
      for (let at = 0; at < order.length; at++) {
        const number = order[at]!;
        const after = figures[number]!;
        const point = column === this.places && after !== '' ? '.' : '';
        figures[number] = values[at]! + point + after;
      }
    });
    return { addends: figures, ...(this.amounts && { amounts: true }) };
  }

  private figuresAt({ sums, leading, free }: Effect, index: number): readonly number[] {
    let [rank, part] = [index, 0];
    while (rank >= sums[part]!.ways) rank -= sums[part++]!.ways;
    return this.sums.at({ leading, free }, sums[part]!.sum, 0, rank);
  }

  private codeOf(vector: Vector): number {
    return vector.reduce((sum, count, at) => sum + count * this.vectorStrides[at]!, 0);
  }

  private numbersIn(vector: Vector): number {
    return vector.reduce((sum, count, at) => sum + count * this.classes[at]!.length, 0);
  }

  private isIn(feature: string, value: number): boolean {
    const { min, max } = this.wanted.range(feature);
    return value >= min && value <= max;
  }

  /** What is known at the point: how many whole numbers there are, and so the fewest places; zeros up to there. */
  private mayReachPoint(begun: Vector, zeros: number): boolean {
    if (!this.amounts) {
      const integers = this.numbersIn(this.groups) - this.numbersIn(begun);
      if (!this.isIn('integers', integers)) return false;
      if (integers > 0 && !this.isIn('raggedness', this.places)) return false;
    }
    return !this.tellsZeros || zeros === 0 || this.isIn('trailingZeros', this.places);
  }

  private isAllowed(column: number, code: number, zeros: number, effect: Effect): boolean {
    if (column >= this.places) return true;
    const all = this.codeOf(this.groups);
    const isRagged = code !== all && effect.next === all && !this.isIn('raggedness', column);
    if (!this.amounts && (isRagged || (column === 0 && effect.next === 0))) return false;
    if (this.tellsZeros && zeros === 1 && !effect.isZero && !this.isIn('trailingZeros', column))
      return false;
    const across = this.wanted.flag('acrossPoint');
    return column < this.places - 1 || across === undefined || across === effect.carry > 0;
  }

  private mayEnd(column: number, { carry }: Effect): boolean {
    const isLonger = this.wanted.flag('newColumn');
    return (
      this.isIn('wholeDigits', column - this.places + 1) &&
      (isLonger === undefined || isLonger === carry > 0)
    );
  }

  /** All effects of a column, by whether it is right of the point, of the ones, or left of them. */
  private effects(column: number, code: number, carry: number): Effect[] {
    const part = column < this.places ? 0 : column === this.places ? 1 : 2;
    const key = (code * MOST_CARRY + carry) * 3 + part;
    let effects = this.known.get(key);
    if (!effects) {
      const before = unpack(code, this.vectorSizes);
      effects = [...turnsIn(part, before, this.classes)].flatMap((turn) =>
        this.summed(turn, carry)
      );
      this.known.set(key, effects);
    }
    return effects;
  }

  private summed(turn: Turn, carryIn: number): Effect[] {
    const effects = new Map<number, Effect>();
    for (const part of this.sumsOf(turn.leading, turn.free)) {
      const total = part.sum + carryIn;
      const carry = Math.floor(total / 10);
      const isZero = this.tellsZeros && total % 10 === 0;
      const ripple = part.sum < 10 && carry > 0 ? 1 : 0;
      const key = (carry * 2 + (isZero ? 1 : 0)) * 2 + ripple;
      const effect = effects.get(key);
      if (effect) {
        effect.ways += turn.ways * part.ways;
        effect.each += part.ways;
        effect.sums.push(part);
      } else {
        effects.set(key, {
          turning: turn.turning[0]!,
          alone: turn.alone[0]!,
          leading: turn.leading[0]!,
          free: turn.free[0]!,
          next: this.codeOf(turn.next),
          ...{ carry, ripple, isZero, blanks: turn.blanks },
          ways: turn.ways * part.ways,
          each: part.ways,
          sums: [part]
        });
      }
    }
    return [...effects.values()];
  }

  private sumsOf(leading: Vector, free: Vector): SumClass[] {
    return this.classes
      .map(({ length }, at) =>
        this.sums
          .classes({ leading: leading[at]!, free: free[at]! })
          .map(({ sum, ways }) => ({ sum: sum * length, zeros: 0, ways }))
      )
      .reduce(joinSums);
  }
}
