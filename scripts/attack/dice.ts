import { seededRandom } from '@zealous-quill/core/spaces';

/** Choices from a seed: the same attack on every run. */
export class Dice {
  private readonly random;

  constructor(seed: number) {
    this.random = seededRandom(seed);
  }

  /** A whole number from 0 to below `most`. */
  below(most: number): number {
    return Math.abs(this.random.next()) % most;
  }

  of<T>(values: readonly T[]): T {
    return values[this.below(values.length)]!;
  }

  /** True once in so many times. */
  oneIn(times: number): boolean {
    return this.below(times) === 0;
  }
}
