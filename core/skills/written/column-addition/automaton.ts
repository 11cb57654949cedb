import { printDigits } from '../../../numbers';
import {
  ended,
  strides,
  subsetAt,
  unpack,
  UNMET,
  type Column,
  type Cycles,
  type ItemAutomaton,
  type Told,
  type Visit
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { ColumnEffects, type ColumnEffect } from './column-effects';
import { ADDENDS, DIGITS, type Given } from '../../../methods/columns/sum/columns';

const MOST_DIGITS = DIGITS[1];
const MOST_ADDENDS = ADDENDS[1];

/**
 * The addends are written from the ones column to the left. At each column some of the addends still
 * running end (their digit there is a leading one, not 0), the others go on, until none runs:
 *
 *   (column, running, carry, tally) --digits with one effect--> (column + 1, running - ending, ...)
 *
 * Classes of equal addends serve to count items that a rearrangement leaves as they are; for items
 * themselves there is one class of single addends. What is `told` is read at the end of a path.
 */
export class ColumnAutomaton implements ItemAutomaton<ColumnEffect, Given> {
  readonly start: number;
  private readonly digits;
  private readonly shortest;
  private readonly newColumn: boolean | undefined;
  private readonly effects: ColumnEffects;
  private readonly tally;
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly allRunning: number;
  private readonly possibleEffects = new Map<number, ColumnEffect[]>();

  constructor(
    wanted: Wanted,
    base: number,
    private readonly classes: readonly Cycles[],
    told: readonly string[] = []
  ) {
    this.digits = wanted.range('digits');
    this.shortest = wanted.range('shortest');
    this.newColumn = wanted.flag('newColumn');
    const isKept = (id: string) => wanted.asks(id) || told.includes(id);
    this.effects = new ColumnEffects(base, classes, {
      zeros: isKept('zeros'),
      ripples: isKept('ripples'),
      answerZeros: isKept('answerZeros')
    });
    this.tally = tallyOf(wanted, told);
    const groups = classes.map((one) => one.groups);
    this.allRunning = this.effects.runningCode(groups);
    // Column, addends running, carry, tally.
    this.sizes = [MOST_DIGITS, this.allRunning + 1, MOST_ADDENDS, this.tally.size];
    this.strides = strides(this.sizes);
    this.start = this.allRunning * this.strides[1]!;
  }

  edges(state: number, visit: Visit<ColumnEffect>): void {
    const [column, running, carry, tally] = unpack(state, this.sizes) as [
      number,
      number,
      number,
      number
    ];
    const [, runningStride, carryStride, tallyStride] = this.strides;
    const counted = this.tally.open(tally);
    for (const effect of this.possible(column, running, carry)) {
      const left = effect.ends ? 0 : this.digits.max - column - 1;
      const next = this.tally.add(counted, effect, left);
      if (next === UNMET) continue;
      if (!effect.ends) {
        const there =
          column +
          1 +
          effect.runningCode * runningStride! +
          effect.carry * carryStride! +
          next * tallyStride!;
        visit(effect.ways, effect, there);
      } else if (this.newColumn === undefined || this.newColumn === effect.carry > 0) {
        if (this.tally.isMet(next))
          visit(effect.ways, effect, ended(this.endCode(next, column, effect)));
      }
    }
  }

  told(code: number): Told {
    const isLonger = code % 2 === 1;
    const rest = (code - (code % 2)) / 2;
    return {
      ...this.tally.told(Math.floor(rest / MOST_DIGITS)),
      addends: this.classes[0]!.groups,
      digits: 1 + (rest % MOST_DIGITS),
      newColumn: isLonger
    } as Told;
  }

  private endCode(tally: number, column: number, { carry }: ColumnEffect): number {
    return (tally * MOST_DIGITS + column) * 2 + (carry > 0 ? 1 : 0);
  }

  /** The item of a path through single addends. */
  write(path: readonly Column<ColumnEffect>[]): Given {
    const digits: number[][] = Array.from({ length: this.classes[0]!.groups }, () => []);
    let running = digits;
    for (const { choice, index } of path) {
      const ended = this.writeColumn(choice, index, running);
      if (ended.length > 0) running = running.filter((_, at) => !ended.includes(at));
    }
    return { addends: digits.map(printDigits) };
  }

  /** Appends one digit to each running addend and says which of them end there. */
  private writeColumn(effect: ColumnEffect, index: number, addends: number[][]): number[] {
    const ended = subsetAt(effect.present, effect.ending, Math.floor(index / effect.each));
    let rank = index % effect.each;
    let part = 0;
    while (rank >= effect.sums[part]!.ways) rank -= effect.sums[part++]!.ways;
    const column = { leading: effect.ending, free: effect.present - effect.ending };
    const { sum, zeros } = effect.sums[part]!;
    const values = this.effects.sums.at(column, sum, zeros, rank);
    // The digits of those that end come first.
    let next = 0;
    for (const at of ended) addends[at]!.push(values[next++]!);
    addends.forEach((digits, at) => {
      if (!ended.includes(at)) digits.push(values[next++]!);
    });
    return ended;
  }

  /** The effects of a column that leave the lengths of the addends within their ranges. */
  private possible(column: number, running: number, carry: number): ColumnEffect[] {
    const key = (running * MOST_ADDENDS + carry) * MOST_DIGITS + column;
    let effects = this.possibleEffects.get(key);
    if (!effects) {
      const all = this.effects.of(running, carry);
      effects = all.filter((effect) => this.lengthsPossible(column + 1, effect));
      this.possibleEffects.set(key, effects);
    }
    return effects;
  }

  private lengthsPossible(length: number, effect: ColumnEffect): boolean {
    const { digits, shortest } = this;
    if (effect.ends ? length < digits.min : length >= digits.max) return false;
    const allRun = effect.runningCode === this.allRunning;
    return allRun ? length < shortest.max : length >= shortest.min;
  }
}

/** What is counted along the columns, as far as it is asked for or told. */
function tallyOf(wanted: Wanted, told: readonly string[]) {
  const carrying = ({ carry }: ColumnEffect) => (carry > 0 ? 1 : 0);
  return wanted.tally<string, ColumnEffect>(
    {
      carries: { by: 'sum', gain: carrying },
      ripples: { by: 'sum', gain: ({ ripple }) => ripple },
      longestRun: { by: 'run', gain: carrying },
      largestCarry: { by: 'largest', gain: ({ carry }) => carry },
      answerZeros: { by: 'sum', gain: ({ answerZero }) => answerZero },
      zeros: {
        by: 'sum',
        gain: ({ zeros }) => zeros,
        // Every addend still running may have a zero in each column but its last.
        most: (left, effect) => effect.addendsRunning * Math.max(0, left - 1)
      }
    },
    told
  );
}
