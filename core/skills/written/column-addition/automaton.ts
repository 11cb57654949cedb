import { printDigits } from '../../../numbers';
import {
  ACCEPTED,
  rememberCount,
  rememberLargest,
  strides,
  subsetAt,
  unpack,
  type Column,
  type Cycles,
  type DigitAutomaton,
  type Range,
  type Visit
} from '../../../spaces';
import { countedRange, flagOf, rangeOf, type Constraints } from '../../controls';
import { ColumnEffects, type ColumnEffect } from './column-effects';
import { LIMITS, type Given } from './columns';
import { features } from './features';

/**
 * The addends are written from the ones column to the left. At each column some of the addends still
 * running end (their digit there is a leading one, not 0), the others go on, until none runs:
 *
 *   (column, running, carry, counts) --digits with one effect--> (column + 1, running - ending, ...)
 *
 * Classes of equal addends serve to count items that a rearrangement leaves as they are; for items
 * themselves there is one class of single addends.
 */
export class ColumnAutomaton implements DigitAutomaton<ColumnEffect> {
  readonly start: number;
  private readonly ranges;
  private readonly newColumn: boolean | undefined;
  private readonly effects: ColumnEffects;
  private readonly sizes: number[];
  private readonly strides: number[];
  private readonly possibleEffects = new Map<number, ColumnEffect[]>();

  constructor(
    constraints: Constraints,
    base: number,
    private readonly classes: readonly Cycles[]
  ) {
    const groups = classes.map((one) => one.groups);
    const counted = (id: string) => countedRange(features, constraints, id);
    this.ranges = {
      digits: rangeOf(constraints, 'digits') ?? LIMITS.digits,
      shortest: rangeOf(constraints, 'shortest') ?? LIMITS.digits,
      carries: counted('carries'),
      ripples: counted('ripples'),
      run: counted('longestRun'),
      largest: counted('largestCarry'),
      zeros: counted('zeros'),
      answerZeros: counted('answerZeros')
    };
    this.newColumn = flagOf(constraints, 'newColumn');
    this.effects = new ColumnEffects(base, classes, {
      zeros: isBinding(this.ranges.zeros),
      ripples: isBinding(this.ranges.ripples),
      answerZeros: isBinding(this.ranges.answerZeros)
    });
    const { carries, ripples, run, zeros, answerZeros } = this.ranges;
    // In the order in which `edges` takes them apart.
    this.sizes = [
      LIMITS.digits.max,
      this.effects.runningCode(groups) + 1,
      LIMITS.addends.max,
      2,
      2,
      ...[carries, ripples, run, answerZeros, zeros].map(sizeOf)
    ];
    this.strides = strides(this.sizes);
    this.start = this.effects.runningCode(groups) * this.strides[1]!;
  }

  edges(state: number, visit: Visit<ColumnEffect>): void {
    const parts = unpack(state, this.sizes) as Parts;
    const [column, running, carry, longest, largest, carries, ripples, run, answerZeros, zeros] =
      parts;
    const { ranges } = this;
    const weights = this.strides as Parts;
    for (const effect of this.possible(column, running, carry)) {
      const left = effect.ends ? 0 : ranges.digits.max - column - 1;
      const carrying = effect.carry > 0 ? 1 : 0;
      const runNow = carrying ? run + 1 : 0;
      const nextLongest = rememberLargest(longest, runNow, ranges.run);
      const nextLargest = rememberLargest(largest, effect.carry, ranges.largest);
      const nextCarries = rememberCount(carries + carrying, ranges.carries, left);
      const nextRipples = rememberCount(ripples + effect.ripple, ranges.ripples, left);
      const nextAnswer = rememberCount(answerZeros + effect.answerZero, ranges.answerZeros, left);
      // Every addend still running may have a zero in each column but its last.
      const zerosLeft = effect.addendsRunning * Math.max(0, left - 1);
      const nextZeros = rememberCount(zeros + effect.zeros, ranges.zeros, zerosLeft);
      if (nextLongest < 0 || nextLargest < 0 || nextCarries < 0) continue;
      if (nextRipples < 0 || nextAnswer < 0 || nextZeros < 0) continue;
      if (effect.ends) {
        const columnAsAsked = this.newColumn === undefined || this.newColumn === carrying > 0;
        if (nextLongest && nextLargest && columnAsAsked) visit(effect.ways, effect, ACCEPTED);
        continue;
      }
      const next =
        (column + 1) * weights[0] +
        effect.runningCode * weights[1] +
        effect.carry * weights[2] +
        nextLongest * weights[3] +
        nextLargest * weights[4] +
        nextCarries * weights[5] +
        nextRipples * weights[6] +
        Math.min(runNow, sizeOf(ranges.run) - 1) * weights[7] +
        nextAnswer * weights[8] +
        nextZeros * weights[9];
      visit(effect.ways, effect, next);
    }
  }

  /** The item of a path through single addends. */
  write(path: readonly Column<ColumnEffect>[]): Given {
    const digits: number[][] = Array.from({ length: this.classes[0]!.groups }, () => []);
    let running = digits;
    for (const { choice, index } of path) {
      const ended = this.writeColumn(choice, index, running);
      running = running.filter((_, at) => !ended.includes(at));
    }
    return { addends: digits.map(printDigits) };
  }

  /** Appends one digit to each running addend and says which of them end there. */
  private writeColumn(effect: ColumnEffect, index: bigint, addends: number[][]): number[] {
    const ways = effect.sums.reduce((sum, part) => sum + part.ways, 0n);
    const ended = subsetAt(effect.present, effect.ending, Number(index / ways));
    let rank = index % ways;
    let part = 0;
    while (rank >= effect.sums[part]!.ways) rank -= effect.sums[part++]!.ways;
    const column = { leading: effect.ending, free: effect.present - effect.ending };
    const { sum, zeros } = effect.sums[part]!;
    const values = this.effects.sums.at(column, sum, zeros, rank);
    const goOn = addends.map((_, at) => at).filter((at) => !ended.includes(at));
    [...ended, ...goOn].forEach((at, i) => addends[at]!.push(values[i]!));
    return ended;
  }

  /** The effects of a column that leave the lengths of the addends within their ranges. */
  private possible(column: number, running: number, carry: number): ColumnEffect[] {
    const key = (running * LIMITS.addends.max + carry) * LIMITS.digits.max + column;
    let effects = this.possibleEffects.get(key);
    if (!effects) {
      const all = this.effects.of(running, carry);
      effects = all.filter((effect) => this.lengthsPossible(column + 1, effect));
      this.possibleEffects.set(key, effects);
    }
    return effects;
  }

  private lengthsPossible(length: number, effect: ColumnEffect): boolean {
    const { digits, shortest } = this.ranges;
    if (effect.ends ? length < digits.min : length >= digits.max) return false;
    const allRun = effect.runningCode === this.start / this.strides[1]!;
    return allRun ? length < shortest.max : length >= shortest.min;
  }
}

type Parts = [number, number, number, number, number, number, number, number, number, number];

function isBinding({ min, max }: Range): boolean {
  return min > 0 || max < Infinity;
}

/** How many values of a count must be told apart. */
function sizeOf({ min, max }: Range): number {
  return (max === Infinity ? min : max) + 1;
}
