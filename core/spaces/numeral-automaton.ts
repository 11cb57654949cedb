import { type Column, type Visit, ended } from './automaton';
import type { Range } from './counter';
import type { ItemAutomaton, Told } from './item-space';
import { UNMET, type Tally } from './tally';

/** What one digit of a numeral brings with it; nothing is held after the leading one. */
export interface DigitEffect {
  readonly digit: number;
  readonly held: number;
}

/** Numerals that are worked digit by digit from the right, with something held from one to the next. */
export interface NumeralWork<T> {
  /** Digits of the numeral. */
  readonly lengths: Range;
  /** The digits that may stand in it. */
  readonly digits: readonly number[];
  /** What is held is below this. */
  readonly holds: number;
  hold(digit: number, before: number): number;
  readonly tally: Tally<string, DigitEffect>;
  /** The item of a numeral, its digits with the ones first. */
  write(digits: readonly number[]): T;
  /** What is told of every item beside the counts of the tally and the length. */
  told(length: number): Told;
}

/**
 * The numeral is written from the ones to the left, until a digit that is not 0 leads it:
 *
 *   (column, held, tally) --digit--> (column + 1, held next, ...)
 */
export class NumeralAutomaton<T> implements ItemAutomaton<DigitEffect, T> {
  readonly start = 0;

  constructor(private readonly work: NumeralWork<T>) {}

  edges(state: number, visit: Visit<DigitEffect>): void {
    const { lengths, digits, holds, tally } = this.work;
    const column = state % lengths.max;
    const before = Math.floor(state / lengths.max) % holds;
    const counted = tally.open(Math.floor(state / lengths.max / holds));
    for (const digit of digits) {
      const effect = { digit, held: this.work.hold(digit, before) };
      const left = lengths.max - column - 1;
      const next = left > 0 ? tally.add(counted, effect, left) : UNMET;
      const there = (next * holds + effect.held) * lengths.max + column + 1;
      if (next !== UNMET) visit(1, effect, there);
      if (digit === 0 || column + 1 < lengths.min) continue;
      const leading = { digit, held: 0 };
      const last = tally.add(counted, leading, 0);
      if (last !== UNMET && tally.isMet(last)) {
        visit(1, leading, ended(last * lengths.max + column));
      }
    }
  }

  told(code: number): Told {
    const { lengths, tally } = this.work;
    const counts = tally.told(Math.floor(code / lengths.max)) as Told;
    return { ...counts, ...this.work.told(1 + (code % lengths.max)) };
  }

  write(path: readonly Column<DigitEffect>[]): T {
    return this.work.write(path.map(({ choice }) => choice.digit));
  }
}
