import { printDigits } from '../../../numbers';
import {
  ACCEPTED,
  acceptsAny,
  automatonSpace,
  countPaths,
  mapSpace,
  rememberCount,
  rememberLargest,
  strides,
  unpack,
  type Column,
  type DigitAutomaton,
  type Range,
  type Space,
  type Visit
} from '../../../spaces';
import { countedRange, rangeOf, type Constraints } from '../../controls';
import { features } from './features';
import { DIGITS, type Given } from './operands';

/** All items under the constraints, in any base. */
export function space(constraints: Constraints, base = 10): Space<Given> {
  return mapSpace(automatonSpace(new ColumnAutomaton(constraints, base)), write);
}

/** Whether there are any. */
export function exists(constraints: Constraints, base = 10): boolean {
  return acceptsAny(new ColumnAutomaton(constraints, base));
}

export function count(constraints: Constraints, base = 10): bigint {
  return countPaths(new ColumnAutomaton(constraints, base));
}

/** What the subtrahend does in a column. */
const RUNS = 0;
const ENDS = 1;
const ENDED = 2;

/** Digit pairs of one column with the same effect on everything to their left. */
interface Effect {
  readonly pairs: readonly (readonly [number, number])[];
  readonly subtrahend: number;
  readonly borrow: number;
  readonly topZero: boolean;
  readonly zero: boolean;
  /** Whether the minuend may end here. */
  readonly leads: boolean;
}

/**
 * Both numbers are written from the ones column to the left:
 *
 *   (column, subtrahend runs or has ended, borrow, counts) --pairs with one effect--> next column
 *
 * until the minuend ends, which it does with a leading digit and no borrow.
 */
class ColumnAutomaton implements DigitAutomaton<Effect> {
  readonly start = 0;
  private readonly ranges;
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly effects = new Map<number, Effect[]>();

  constructor(
    constraints: Constraints,
    private readonly base: number
  ) {
    const counted = (id: string) => countedRange(features, constraints, id);
    this.ranges = {
      digits: rangeOf(constraints, 'digits') ?? DIGITS,
      shortest: rangeOf(constraints, 'shortest') ?? DIGITS,
      regroupings: counted('regroupings'),
      across: counted('acrossZeros'),
      run: counted('longestRun'),
      zeros: counted('zeros'),
      lost: counted('lostColumns')
    };
    const { regroupings, across, run, zeros, lost } = this.ranges;
    this.sizes = [
      DIGITS.max,
      2, // whether the subtrahend has ended
      2, // borrow
      2, // whether the difference has a digit other than 0
      2, // a run as long as asked was seen
      2, // as many zeros as asked were crossed
      cap(run) + 1,
      cap(across) + 2, // 0 outside a chain of zeros, else one more than its length
      cap(lost) + 2,
      cap(regroupings) + 1,
      cap(zeros) + 1
    ];
    this.strides = strides(this.sizes);
  }

  edges(state: number, visit: Visit<Effect>): void {
    const parts = unpack(state, this.sizes);
    const [column, ended, borrow, positive, longest, crossed, run, chain, top, regroupings, zeros] =
      parts as Parts;
    const { ranges } = this;
    const left = ranges.digits.max - column - 1;
    for (const effect of this.effectsOf(ended, borrow)) {
      if (!this.lengthPossible(column + 1, effect.subtrahend)) continue;
      const subtrahendEnded = effect.subtrahend === RUNS ? 0 : 1;
      const nextRun = effect.borrow ? run + 1 : 0;
      const nextChain = effect.topZero && chain > 0 ? chain + 1 : effect.borrow;
      const next = {
        longest: rememberLargest(longest, nextRun, ranges.run),
        crossed: rememberLargest(crossed, Math.max(0, nextChain - 1), ranges.across),
        regroupings: rememberCount(regroupings + effect.borrow, ranges.regroupings, left),
        zeros: rememberCount(zeros + (effect.topZero ? 1 : 0), ranges.zeros, Math.max(0, left - 1))
      };
      if (next.longest < 0 || next.crossed < 0 || next.regroupings < 0 || next.zeros < 0) continue;
      const nextTop = effect.zero ? Math.min(top + 1, cap(ranges.lost) + 1) : 0;
      const nextPositive = positive || !effect.zero ? 1 : 0;
      const ways = BigInt(effect.pairs.length);
      if (this.accepts(effect, column + 1, { ...next, top: nextTop, positive: nextPositive })) {
        visit(BigInt(effect.pairs.filter(([digit]) => digit > 0).length), effect, ACCEPTED);
      }
      if (left <= 0) continue;
      const values = [
        column + 1,
        subtrahendEnded,
        effect.borrow,
        nextPositive,
        next.longest,
        next.crossed,
        Math.min(nextRun, cap(ranges.run)),
        Math.min(nextChain, cap(ranges.across) + 1),
        nextTop,
        next.regroupings,
        next.zeros
      ];
      visit(
        ways,
        effect,
        values.reduce((sum, value, at) => sum + value * this.strides[at]!, 0)
      );
    }
  }

  private accepts(effect: Effect, length: number, end: Ending): boolean {
    const { digits, regroupings, zeros, lost } = this.ranges;
    return (
      effect.leads &&
      effect.borrow === 0 &&
      effect.subtrahend !== RUNS &&
      length >= digits.min &&
      end.positive === 1 &&
      end.longest === 1 &&
      end.crossed === 1 &&
      end.regroupings >= regroupings.min &&
      end.zeros >= zeros.min &&
      end.top >= lost.min &&
      end.top <= lost.max
    );
  }

  /** A subtrahend may end at a column only if its length is then within its range. */
  private lengthPossible(length: number, subtrahend: number): boolean {
    const { shortest } = this.ranges;
    if (subtrahend === ENDS) return length >= shortest.min && length <= shortest.max;
    return subtrahend === ENDED || length < shortest.max;
  }

  private effectsOf(ended: number, borrow: number): Effect[] {
    const key = ended * 2 + borrow;
    let effects = this.effects.get(key);
    if (!effects) {
      effects = (ended ? [ENDED] : [RUNS, ENDS]).flatMap((status) => this.merge(status, borrow));
      this.effects.set(key, effects);
    }
    return effects;
  }

  private merge(subtrahend: number, borrowIn: number): Effect[] {
    const merged = new Map<string, Effect & { pairs: [number, number][] }>();
    for (let top = 0; top < this.base; top++) {
      const lowest = subtrahend === ENDS ? 1 : 0;
      const highest = subtrahend === ENDED ? 0 : this.base - 1;
      for (let bottom = lowest; bottom <= highest; bottom++) {
        const borrow = top - borrowIn < bottom ? 1 : 0;
        const zero = (top - borrowIn - bottom + this.base) % this.base === 0;
        const key = `${borrow}${top === 0}${zero}`;
        const effect = merged.get(key);
        if (effect) effect.pairs.push([top, bottom]);
        else {
          const topZero = top === 0;
          merged.set(key, {
            pairs: [[top, bottom]],
            subtrahend,
            borrow,
            topZero,
            zero,
            leads: !topZero
          });
        }
      }
    }
    return [...merged.values()];
  }
}

interface Ending {
  readonly positive: number;
  readonly longest: number;
  readonly crossed: number;
  readonly regroupings: number;
  readonly zeros: number;
  readonly top: number;
}

type Parts = [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number
];

/** The largest value of a count that must be told apart from those below it. */
function cap({ min, max }: Range): number {
  return max === Infinity ? min : max;
}

/** The effects are only split by a zero on top, so that all pairs of one lead or none does. */
function write(path: readonly Column<Effect>[]): Given {
  const pairs = path.map(({ choice, index }) => choice.pairs[Number(index)]!);
  const length = path.findIndex(({ choice }) => choice.subtrahend === ENDS) + 1;
  return {
    minuend: printDigits(pairs.map(([top]) => top)),
    subtrahend: printDigits(pairs.slice(0, length).map(([, bottom]) => bottom))
  };
}
