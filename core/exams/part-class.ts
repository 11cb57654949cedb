import type { Remembered } from './alike';

/** Parts of one row that are alike in all that a plan can ask of them. */
export interface PartClass {
  readonly row: string;
  readonly section: string;
  /** Null for a question of one's own. */
  readonly skill: string | null;
  readonly school: string | null;
  readonly marks: number;
  /** In hundredths of a logit. */
  readonly difficulty: number;
  readonly seconds: number;
  /** The asked-for error patterns that would show, by their keys with the skill. */
  readonly patterns: readonly string[];
  /** The part of a spread that they are for. */
  readonly spread: number | null;
  /** How many different ones there are, as far as that matters. */
  readonly most: number;
  /** Whether some are at hand, or all have to be looked for. */
  readonly isAtHand: boolean;
  /** How many must be on the paper, as they are kept. */
  readonly least: number;
  /** So many different items, none of those that are taken; fewer where there are not so many. */
  draw(count: number, seed: number, on: Drawn): readonly unknown[];
}

/** What has been drawn for a paper so far. */
export interface Drawn {
  /** Items by their keys. */
  readonly taken: ReadonlySet<string>;
  /** The same items as a pupil sees them; what is drawn is added. */
  readonly remembered: Remembered;
}

export type Band = 'easy' | 'middling' | 'hard';
export const bands: readonly Band[] = ['easy', 'middling', 'hard'];

/** Easy is below -1 logit, hard above 1. */
export function bandOf({ difficulty }: Pick<PartClass, 'difficulty'>): Band {
  if (difficulty < -100) return 'easy';
  return difficulty > 100 ? 'hard' : 'middling';
}
