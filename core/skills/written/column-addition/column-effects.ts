import {
  choose,
  type Cycles,
  DigitSums,
  joinSums,
  strides,
  type SumClass,
  unpack,
  vectorsUpTo
} from '../../../spaces';

/** Choices for one column that have the same effect on everything to their left. */
export interface ColumnEffect {
  /** Groups of addends, by class, that still have digits to come afterwards. */
  readonly runningCode: number;
  /** Addends in those groups, and whether there are none. */
  readonly addendsRunning: number;
  readonly ends: boolean;
  /** Groups of the first class that had a digit here, and that had their leading digit here. */
  readonly present: number;
  readonly ending: number;
  readonly carry: number;
  readonly ripple: number;
  readonly answerZero: number;
  readonly zeros: number;
  ways: number;
  /** Choices of digits, whichever addends end. */
  each: number;
  readonly sums: SumClass[];
}

/** What the constraints make it necessary to tell apart. */
export interface Telling {
  readonly zeros: boolean;
  readonly ripples: boolean;
  readonly answerZeros: boolean;
}

/**
 * All effects that one column can have. The addends come in classes of groups of equal addends; a group's
 * digit counts once for each addend of the group.
 */
export class ColumnEffects {
  readonly sums: DigitSums;
  private readonly known = new Map<number, ColumnEffect[]>();
  private readonly sizes: number[];
  private readonly strides: number[];

  constructor(
    private readonly base: number,
    private readonly classes: readonly Cycles[],
    private readonly tell: Telling
  ) {
    this.sums = new DigitSums(base, tell.zeros);
    this.sizes = classes.map(({ groups }) => groups + 1);
    this.strides = strides(this.sizes);
  }

  /** Numbers of groups, one for each class, as one number. */
  runningCode(groups: readonly number[]): number {
    return groups.reduce((sum, count, at) => sum + count * this.strides[at]!, 0);
  }

  /** The effects of a column with these groups running and this carry coming in. */
  of(runningCode: number, carryIn: number): ColumnEffect[] {
    const key = runningCode * this.base + carryIn;
    let effects = this.known.get(key);
    if (!effects) {
      const running = unpack(runningCode, this.sizes);
      effects = vectorsUpTo(running).flatMap((ending) => this.ending(running, ending, carryIn));
      this.known.set(key, effects);
    }
    return effects;
  }

  private ending(
    running: readonly number[],
    ending: readonly number[],
    carryIn: number
  ): ColumnEffect[] {
    const subsets = running.reduce((ways, all, at) => ways * choose(all, ending[at]!), 1);
    const after = running.map((groups, at) => groups - ending[at]!);
    const addendsRunning = after.reduce(
      (sum, groups, at) => sum + groups * this.classes[at]!.length,
      0
    );
    const effects = new Map<number, ColumnEffect>();
    for (const part of this.sumsOf(running, ending)) {
      const total = part.sum + carryIn;
      const carry = Math.floor(total / this.base);
      const answerZero = this.tell.answerZeros && total % this.base === 0 ? 1 : 0;
      const ripple = this.tell.ripples && part.sum < this.base && carry > 0 ? 1 : 0;
      const key = ((carry * 2 + answerZero) * 2 + ripple) * 128 + part.zeros;
      const effect = effects.get(key);
      if (effect) {
        effect.ways += subsets * part.ways;
        effect.each += part.ways;
        effect.sums.push(part);
      } else {
        effects.set(key, {
          runningCode: this.runningCode(after),
          addendsRunning,
          ends: addendsRunning === 0,
          present: running[0]!,
          ending: ending[0]!,
          carry,
          ripple,
          answerZero,
          zeros: part.zeros,
          ways: subsets * part.ways,
          each: part.ways,
          sums: [part]
        });
      }
    }
    return [...effects.values()];
  }

  private sumsOf(running: readonly number[], ending: readonly number[]): SumClass[] {
    return this.classes
      .map(({ length }, at) =>
        this.sums
          .classes({ leading: ending[at]!, free: running[at]! - ending[at]! })
          .map(({ sum, zeros, ways }) => ({ sum: sum * length, zeros: zeros * length, ways }))
      )
      .reduce(joinSums);
  }
}
