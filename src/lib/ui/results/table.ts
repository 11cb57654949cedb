import type { Attempt } from '@zealous-quill/core/marking';

/** What a table of results shows of a response. */
export interface Outcome {
  readonly awarded: number;
  readonly available: number;
  readonly didShow: readonly string[];
  readonly attempt: Attempt;
  readonly comment: string;
  /** An option of a choice was taken that a slip gives. */
  readonly isSlip?: boolean;
}

export interface Pupil {
  readonly scriptId: number;
  readonly sittingId: number;
  readonly form: string;
  readonly name: string;
  /** In the order of the items; null where not marked yet. */
  readonly outcomes: readonly (Outcome | null)[];
  readonly total: number;
  readonly changed: number;
  readonly isComplete: boolean;
  readonly isAbsent: boolean;
}

export interface Item {
  readonly id: number;
  readonly withdrawn: 'no' | 'full-marks' | 'left-out';
  readonly label: string;
  readonly skill: string;
  readonly prompt: string;
  readonly available: number;
  readonly facility: number | null;
}

export interface Skill {
  readonly skill: string;
  readonly title: string;
  readonly items: number;
  readonly available: number;
  readonly facility: number | null;
}

/** Marks for some items together; null where none of them is marked. */
export function sumOf(pupil: Pupil, items: readonly Item[], skill: string): number | null {
  const own = pupil.outcomes.filter((outcome, at) => outcome && items[at]?.skill === skill);
  return own.length === 0 ? null : own.reduce((sum, outcome) => sum + outcome!.awarded, 0);
}

export const percent = (share: number | null): string =>
  share === null ? '' : String(Math.round(100 * share));
