import type { Scheme } from '../schemes';
import type { Item } from '../skill';
import type { Withdrawal } from './outcome';

/** A part of a sat paper as results read it. */
export interface SatPart {
  readonly id: number;
  /** Counts through the paper. */
  readonly number: number;
  /** What it is called: `3`, or `3(a)` where its question has several parts. */
  readonly label: string;
  readonly withdrawn: Withdrawal;
  readonly scheme: Scheme;
  readonly item: Pick<Item, 'skill' | 'school' | 'prompt' | 'answer' | 'errorPatterns'>;
}
