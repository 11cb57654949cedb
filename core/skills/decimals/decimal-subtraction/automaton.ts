import {
  ended,
  strides,
  unpack,
  UNMET,
  type Column,
  type ItemAutomaton,
  type Range,
  type Told,
  type Visit
} from '../../../spaces';
import { mergedPairs, type PairEffect } from '../../../methods/columns/difference/pairs';
import type { Wanted } from '../../../skill/request';
import { MOST_PLACES, WHOLE_DIGITS, type Given } from './numbers';

/** What a number does in a column: it has no figure, or its last one, goes on, or has its leading one. */
type Doing = 'blank' | 'begins' | 'runs' | 'ends';

/** Figures of one column with the same effect on everything to their left. */
interface Effect extends PairEffect {
  readonly top: Doing;
  readonly bottom: Doing;
}

interface Gaining extends Effect {
  readonly chain: number;
  readonly blanks: number;
}

const COLUMNS = WHOLE_DIGITS + MOST_PLACES;

/**
 * Both numbers are written from the last place of the longer to the left. Right of the point each begins, with a
 * figure that is not 0; in the column of the ones begins what has no decimals; from there on the subtrahend ends
 * and at last the minuend, with a figure that is not 0 or, in the ones, with any:
 *
 *   (column, what has begun or ended, borrow, zeros passed, difference so far, tally) --pairs of one effect--> ...
 *
 * Amounts are written alike, with a zero in each place right of the point where a number has not begun.
 * The minuend ends without a borrow, and the difference is not 0.
 */
export class DifferenceAutomaton implements ItemAutomaton<Effect, Given> {
  readonly start = 0;
  /** Chains of zeros on top are told apart to this length. */
  private readonly chains: number;
  private readonly tellsZeros: boolean;
  private readonly belowOne: boolean | undefined;
  private readonly amounts: boolean;
  private readonly tally;
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly known = new Map<string, readonly Effect[]>();

  constructor(
    private readonly wanted: Wanted,
    private readonly places: number,
    told: readonly string[] = []
  ) {
    const { min, max }: Range = wanted.counted('acrossZeros');
    this.chains = told.includes('acrossZeros') ? COLUMNS : (max === Infinity ? min : max) + 1;
    this.tellsZeros = wanted.asks('trailingZeros');
    this.belowOne = wanted.flag('belowOne');
    this.amounts = wanted.flag('amounts') === true;
    this.tally = tallyOf(wanted, told);
    this.sizes = [
      COLUMNS, // column
      2, // whether the minuend has begun
      2, // whether the subtrahend has begun, or left of the point whether it has ended
      2, // borrow
      this.chains + 1,
      2, // whether the difference has a figure other than 0, left of the point if it is to reach 1
      2, // whether zeros at its end are over
      this.tally.size
    ];
    this.strides = strides(this.sizes);
  }

  edges(state: number, visit: Visit<Effect>): void {
    const values = unpack(state, this.sizes);
    const [column, top, bottom, borrow] = values as [number, number, number, number];
    const [, , , , chain, isPositive, areOver, tally] = values as number[];
    if (column === this.places && !this.mayReachPoint(top!, bottom!, areOver!)) return;
    const counted = this.tally.open(tally!);
    const left = this.places + WHOLE_DIGITS - column - 1;
    for (const effect of this.effects(column, top, bottom, borrow)) {
      if (!this.isAllowed(column, top + bottom, areOver!, effect)) continue;
      const nextChain = effect.topZero && chain! > 0 ? chain! + 1 : effect.borrow;
      const gaining = { ...effect, chain: nextChain, blanks: this.blanksIn(column, effect) };
      const isEnd = effect.top === 'ends';
      const next = this.tally.add(counted, gaining, isEnd ? 0 : left);
      if (next === UNMET) continue;
      const positive = this.isPositive(column, isPositive!, effect);
      if (isEnd) {
        const isMet = positive === 1 && effect.borrow === 0 && this.tally.isMet(next);
        if (!isMet || !this.isIn('wholeDigits', column - this.places + 1)) continue;
        visit(effect.pairs.length, effect, ended(next * WHOLE_DIGITS + column - this.places));
      } else if (left > 0) {
        const nextValues = [
          column + 1,
          ...this.goingOn(column, effect),
          effect.borrow,
          Math.min(nextChain, this.chains),
          positive,
          this.tellsZeros && (column >= this.places || areOver === 1 || !effect.zero) ? 1 : 0,
          next
        ];
        visit(
          effect.pairs.length,
          effect,
          nextValues.reduce((sum, value, at) => sum + value * this.strides[at]!, 0)
        );
      }
    }
  }

  told(code: number): Told {
    return {
      ...(this.tally.told(Math.floor(code / WHOLE_DIGITS)) as Told),
      wholeDigits: (code % WHOLE_DIGITS) + 1,
      maxPlaces: this.places
    };
  }

  write(path: readonly Column<Effect>[]): Given {
    let [minuend, subtrahend] = ['', ''];
    path.forEach(({ choice, index }, column) => {
      const [top, bottom] = choice.pairs[index]!;
      const before = (figure: number, after: string) =>
        `${figure}${column === this.places && after !== '' ? '.' : ''}${after}`;
      const isZero = this.amounts && column < this.places;
      if (choice.top !== 'blank' || isZero) minuend = before(top, minuend);
      if (choice.bottom !== 'blank' || isZero) subtrahend = before(bottom, subtrahend);
    });
    return { minuend, subtrahend, ...(this.amounts && { amounts: true }) };
  }

  private isIn(feature: string, value: number): boolean {
    const { min, max } = this.wanted.range(feature);
    return value >= min && value <= max;
  }

  /** What is known at the point: whether one of the numbers is whole, and so the fewest places; zeros up to there. */
  private mayReachPoint(top: number, bottom: number, areOver: number): boolean {
    return (
      (this.amounts || this.areWholeAsWanted(top, bottom)) &&
      (!this.tellsZeros || areOver === 1 || this.isIn('trailingZeros', this.places))
    );
  }

  private areWholeAsWanted(top: number, bottom: number): boolean {
    const integers = 2 - top - bottom;
    const isWhole = this.wanted.flag('wholeMinuend');
    return (
      this.isIn('integers', integers) &&
      (integers === 0 || this.isIn('raggedness', this.places)) &&
      (isWhole === undefined || isWhole === (top === 0))
    );
  }

  private isAllowed(column: number, begun: number, areOver: number, effect: Effect): boolean {
    if (column >= this.places) return this.belowOne !== true || effect.zero;
    const haveBegun = !this.amounts && this.blanksIn(column, effect) === 0;
    if (begun < 2 && haveBegun && !this.isIn('raggedness', column)) return false;
    const endsZeros = this.tellsZeros && areOver === 0 && !effect.zero;
    if (endsZeros && !this.isIn('trailingZeros', column)) return false;
    const across = this.wanted.flag('acrossPoint');
    return column < this.places - 1 || across === undefined || across === effect.borrow > 0;
  }

  private isPositive(column: number, before: number, { zero }: Effect): number {
    const isBehind = this.belowOne === false && column < this.places;
    return !isBehind && (before === 1 || !zero) ? 1 : 0;
  }

  private blanksIn(column: number, { top, bottom }: Effect): number {
    if (column >= this.places || this.amounts) return 0;
    return (top === 'blank' ? 1 : 0) + (bottom === 'blank' ? 1 : 0);
  }

  /** Right of the point, which numbers have begun; left of it, whether the subtrahend has ended. */
  private goingOn(column: number, { top, bottom }: Effect): [number, number] {
    if (column < this.places) return [top === 'blank' ? 0 : 1, bottom === 'blank' ? 0 : 1];
    return [0, bottom === 'runs' ? 0 : 1];
  }

  private effects(column: number, top: number, bottom: number, borrow: number): readonly Effect[] {
    const part = Math.sign(column - this.places);
    const key = [part, column === 0, top, bottom, borrow].join();
    let effects = this.known.get(key);
    if (!effects) {
      effects = [...this.doings(column, top === 1, bottom === 1)].flatMap(([above, below]) =>
        mergedPairs(above.figures, below.figures, borrow).map((effect) => ({
          ...effect,
          top: above.doing,
          bottom: below.doing
        }))
      );
      this.known.set(key, effects);
    }
    return effects;
  }

  /** What both numbers may do in a column; `bottom` is whether the subtrahend has ended, left of the ones. */
  private *doings(column: number, top: boolean, bottom: boolean): Generator<[Turn, Turn]> {
    if (column < this.places) {
      const turns = (hasBegun: boolean) => (hasBegun ? [RUNS] : [BLANK, BEGINS]);
      for (const above of turns(top)) {
        for (const below of turns(bottom)) {
          if (this.amounts || column > 0 || above === BEGINS || below === BEGINS)
            yield [above, below];
        }
      }
      return;
    }
    const isOnes = column === this.places;
    // Where there are decimals, the ones may be 0.
    const leading = (isDecimal: boolean) => (isOnes && isDecimal ? ENDS_IN_ANY : ENDS);
    const ending = bottom && !isOnes ? BLANK : leading(bottom);
    yield [leading(top), ending];
    yield [RUNS, ending];
    if (isOnes || !bottom) yield [RUNS, RUNS];
  }
}

/** What a number does in a column, and between which figures. */
interface Turn {
  readonly doing: Doing;
  readonly figures: readonly [number, number];
}

const BLANK: Turn = { doing: 'blank', figures: [0, 0] };
const BEGINS: Turn = { doing: 'begins', figures: [1, 9] };
const RUNS: Turn = { doing: 'runs', figures: [0, 9] };
const ENDS: Turn = { doing: 'ends', figures: [1, 9] };
const ENDS_IN_ANY: Turn = { doing: 'ends', figures: [0, 9] };

/** What is counted along the columns, as far as it is asked for or told. */
function tallyOf(wanted: Wanted, told: readonly string[]) {
  return wanted.tally<string, Gaining>(
    {
      padded: {
        by: 'sum',
        gain: ({ blanks }) => blanks,
        most: (left) => Math.max(0, left - WHOLE_DIGITS)
      },
      regroupings: { by: 'sum', gain: ({ borrow }) => borrow },
      longestRun: { by: 'run', gain: ({ borrow }) => borrow },
      acrossZeros: { by: 'largest', gain: ({ chain }) => Math.max(0, chain - 1) }
    },
    told
  );
}
