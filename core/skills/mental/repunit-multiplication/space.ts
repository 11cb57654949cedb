import {
  automatonItems,
  ended,
  UNMET,
  type Column,
  type ItemAutomaton,
  type ItemSpace,
  type Told,
  type Visit,
  unionItems,
  type Tally
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import type { Given } from './numbers';

export const REPUNITS = ['11', '111', '1111'] as const;

interface Effect {
  readonly digit: number;
  readonly carry: number;
}

/** All items that are wanted, one repunit after the other. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('window');
  const repunits = REPUNITS.filter(({ length }) => length >= min && length <= max);
  return unionItems(
    repunits.map((repunit) =>
      automatonItems((told = []) => new WindowAutomaton(repunit, wanted, told))
    )
  );
}

/**
 * The multiplicand is written from the ones to the left; the state holds the digits still under the window and the
 * carry. After its leading digit zeros are written until the window has left it.
 */
class WindowAutomaton implements ItemAutomaton<Effect, Given> {
  readonly start = 0;
  private readonly width: number;
  private readonly lengths: { min: number; max: number };
  private readonly tally: Tally<string, Effect>;

  constructor(
    private readonly repunit: string,
    wanted: Wanted,
    told: readonly string[]
  ) {
    this.width = repunit.length;
    this.lengths = wanted.range('digits');
    // A place may carry once, and after the leading digit as many follow as the window is wide, less one.
    const most = (left: number) => left + this.width - 1;
    this.tally = wanted.tally<string, Effect>(
      {
        carries: { by: 'sum', gain: ({ carry }) => (carry > 0 ? 1 : 0), most },
        longestRun: { by: 'run', gain: ({ carry }) => (carry > 0 ? 1 : 0) },
        largestCarry: { by: 'largest', gain: ({ carry }) => carry },
        zeros: { by: 'sum', gain: ({ digit }) => (digit === 0 ? 1 : 0), most }
      },
      told
    );
  }

  edges(state: number, visit: Visit<Effect>): void {
    const { column, carry, under, tally } = this.read(state);
    const counted = this.tally.open(tally);
    for (let digit = 0; digit <= 9; digit++) {
      const effect = { digit, carry: this.carried(under, digit, carry) };
      const left = this.lengths.max - column - 1;
      const next = left > 0 ? this.tally.add(counted, effect, left) : UNMET;
      if (next !== UNMET) {
        visit(1, effect, this.pack(column + 1, effect.carry, this.slid(under, digit), next));
      }
      if (digit === 0 || column + 1 < this.lengths.min) continue;
      const last = this.finished(counted, effect, this.slid(under, digit));
      if (last !== UNMET && this.tally.isMet(last)) {
        visit(1, effect, ended(last * this.lengths.max + column));
      }
    }
  }

  told(code: number): Told {
    return {
      ...(this.tally.told(Math.floor(code / this.lengths.max)) as Told),
      digits: 1 + (code % this.lengths.max),
      window: this.width
    };
  }

  write(path: readonly Column<Effect>[]): Given {
    const multiplicand = path.reduceRight((text, { choice }) => text + choice.digit, '');
    return { multiplicand, repunit: this.repunit };
  }

  /** The tally when the leading digit has passed under the whole window. */
  private finished(counted: readonly number[], leading: Effect, window: number): number {
    let [tally, under, carry] = [this.tally.add(counted, leading, 0), window, leading.carry];
    for (let more = 1; more < this.width && tally !== UNMET; more++) {
      carry = this.carried(under, 0, carry);
      under = this.slid(under, 0);
      // The zeros beside the number are none of its digits.
      tally = this.tally.add(this.tally.open(tally), { digit: -1, carry }, 0);
    }
    return tally;
  }

  private carried(under: number, digit: number, carry: number): number {
    let total = digit + carry;
    for (let rest = under; rest > 0; rest = Math.floor(rest / 10)) total += rest % 10;
    return Math.floor(total / 10);
  }

  /** The digits under the window after it has moved on by one: the oldest has left it. */
  private slid(under: number, digit: number): number {
    return (under * 10 + digit) % 10 ** (this.width - 1);
  }

  /** No carry is larger than 3: four nines and 3 are 39. */
  private pack(column: number, carry: number, under: number, tally: number): number {
    const windows = 10 ** (this.width - 1);
    return ((tally * windows + under) * 4 + carry) * this.lengths.max + column;
  }

  private read(state: number) {
    const windows = 10 ** (this.width - 1);
    const rest = Math.floor(state / this.lengths.max);
    return {
      column: state % this.lengths.max,
      carry: rest % 4,
      under: Math.floor(rest / 4) % windows,
      tally: Math.floor(rest / 4 / windows)
    };
  }
}
