import { printDigits } from '../../../numbers';
import {
  automatonItems,
  ended,
  strides,
  unpack,
  UNMET,
  type Column,
  type ItemAutomaton,
  type ItemSpace,
  type Range,
  type Told,
  type Visit
} from '../../../spaces';
import { mergedPairs, type PairEffect } from '../../../methods/columns/difference/pairs';
import type { Wanted } from '../../../skill/request';
import { DIGITS, type Given } from './numbers';

const MOST_DIGITS = DIGITS[1];

/** All items that are wanted, in any base. */
export function items(wanted: Wanted, base = 10): ItemSpace<Given> {
  return automatonItems((told) => new ColumnAutomaton(wanted, base, told));
}

/** What the subtrahend does in a column. */
const RUNS = 0;
const ENDS = 1;
const ENDED = 2;

interface Effect extends PairEffect {
  readonly subtrahend: number;
}

/** An effect with the chain of zeros on top that it makes longer or breaks: one more than its length, or 0. */
interface Chained extends Effect {
  readonly chain: number;
}

/**
 * Both numbers are written from the ones column to the left:
 *
 *   (column, subtrahend runs or has ended, borrow, tally) --pairs with one effect--> next column
 *
 * until the minuend ends, which it does with a leading digit and no borrow.
 */
class ColumnAutomaton implements ItemAutomaton<Effect, Given> {
  readonly start = 0;
  private readonly digits: Range;
  private readonly shortest: Range;
  private readonly lost: Range;
  /** Chains of zeros and leading zeros of the difference are told apart to these lengths. */
  private readonly chains: number;
  private readonly losses: number;
  private readonly tally;
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly effects = new Map<number, Effect[]>();

  constructor(
    wanted: Wanted,
    private readonly base: number,
    told: readonly string[] = []
  ) {
    this.digits = wanted.range('digits');
    this.shortest = wanted.range('shortest');
    this.lost = wanted.counted('lostColumns');
    this.chains = told.includes('acrossZeros')
      ? MOST_DIGITS
      : cap(wanted.counted('acrossZeros')) + 1;
    this.losses = told.includes('lostColumns') ? MOST_DIGITS : cap(this.lost) + 1;
    this.tally = tallyOf(wanted, told);
    this.sizes = [
      MOST_DIGITS, // column
      2, // whether the subtrahend has ended
      2, // borrow
      2, // whether the difference has a digit other than 0
      this.chains + 1,
      this.losses + 1, // zeros the difference begins with so far
      this.tally.size
    ];
    this.strides = strides(this.sizes);
  }

  edges(state: number, visit: Visit<Effect>): void {
    const [column, hasEnded, borrow, positive, chain, zeros, tally] = unpack(state, this.sizes) as [
      number,
      number,
      number,
      number,
      number,
      number,
      number
    ];
    const left = this.digits.max - column - 1;
    const counted = this.tally.open(tally);
    for (const effect of this.effectsOf(hasEnded, borrow)) {
      if (!this.lengthPossible(column + 1, effect.subtrahend)) continue;
      const nextChain = effect.topZero && chain > 0 ? chain + 1 : effect.borrow;
      const next = this.tally.add(counted, { ...effect, chain: nextChain }, left);
      if (next === UNMET) continue;
      const nextZeros = effect.zero ? Math.min(zeros + 1, this.losses) : 0;
      const isPositive = positive === 1 || !effect.zero;
      if (isPositive && this.mayEnd(effect, column + 1, nextZeros) && this.tally.isMet(next)) {
        const leading = effect.pairs.filter(([digit]) => digit > 0).length;
        visit(leading, effect, ended(this.endCode(next, column, nextZeros)));
      }
      if (left <= 0) continue;
      const values = [
        column + 1,
        effect.subtrahend === RUNS ? 0 : 1,
        effect.borrow,
        isPositive ? 1 : 0,
        Math.min(nextChain, this.chains),
        nextZeros,
        next
      ];
      visit(
        effect.pairs.length,
        effect,
        values.reduce((sum, value, at) => sum + value * this.strides[at]!, 0)
      );
    }
  }

  told(code: number): Told {
    const [digits, lostColumns] = unpack(code, [MOST_DIGITS, MOST_DIGITS]);
    const tally = Math.floor(code / MOST_DIGITS ** 2);
    return { ...this.tally.told(tally), digits: digits! + 1, lostColumns: lostColumns! } as Told;
  }

  /** The effects are only split by a zero on top, so that all pairs of one lead or none does. */
  write(path: readonly Column<Effect>[]): Given {
    const pairs = path.map(({ choice, index }) => choice.pairs[index]!);
    const length = path.findIndex(({ choice }) => choice.subtrahend === ENDS) + 1;
    return {
      minuend: printDigits(pairs.map(([top]) => top)),
      subtrahend: printDigits(pairs.slice(0, length).map(([, bottom]) => bottom))
    };
  }

  private endCode(tally: number, column: number, zeros: number): number {
    return tally * MOST_DIGITS ** 2 + zeros * MOST_DIGITS + column;
  }

  private mayEnd({ topZero, borrow, subtrahend }: Effect, length: number, zeros: number): boolean {
    return (
      !topZero &&
      borrow === 0 &&
      subtrahend !== RUNS &&
      length >= this.digits.min &&
      zeros >= this.lost.min &&
      zeros <= this.lost.max
    );
  }

  /** A subtrahend may end at a column only if its length is then within its range. */
  private lengthPossible(length: number, subtrahend: number): boolean {
    if (subtrahend === ENDS) return length >= this.shortest.min && length <= this.shortest.max;
    return subtrahend === ENDED || length < this.shortest.max;
  }

  private effectsOf(hasEnded: number, borrow: number): Effect[] {
    const key = hasEnded * 2 + borrow;
    let effects = this.effects.get(key);
    if (!effects) {
      effects = (hasEnded ? [ENDED] : [RUNS, ENDS]).flatMap((status) => this.merge(status, borrow));
      this.effects.set(key, effects);
    }
    return effects;
  }

  private merge(subtrahend: number, borrowIn: number): Effect[] {
    const bottoms = [
      subtrahend === ENDS ? 1 : 0,
      subtrahend === ENDED ? 0 : this.base - 1
    ] as const;
    return mergedPairs([0, this.base - 1], bottoms, borrowIn, this.base).map((effect) => ({
      ...effect,
      subtrahend
    }));
  }
}

/** What is counted along the columns, as far as it is asked for or told. */
function tallyOf(wanted: Wanted, told: readonly string[]) {
  return wanted.tally<string, Chained>(
    {
      regroupings: { by: 'sum', gain: ({ borrow }) => borrow },
      longestRun: { by: 'run', gain: ({ borrow }) => borrow },
      acrossZeros: { by: 'largest', gain: ({ chain }) => Math.max(0, chain - 1) },
      zeros: {
        by: 'sum',
        gain: ({ topZero }) => (topZero ? 1 : 0),
        most: (left: number) => Math.max(0, left - 1)
      }
    },
    told
  );
}

/** The largest value of a count that must be told apart from those below it. */
function cap({ min, max }: Range): number {
  return max === Infinity ? min : max;
}
