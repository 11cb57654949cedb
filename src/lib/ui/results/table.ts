import type {
  ResultItem as Item,
  ResultPupil as Pupil,
  ShownOutcome as Outcome,
  SkillSummary as Skill
} from '@zealous-quill/core/results';

export type { Item, Outcome, Pupil, Skill };

/** Marks for some items together; null where none of them is marked. */
export function sumOf(pupil: Pupil, items: readonly Item[], skill: string): number | null {
  const own = pupil.outcomes.filter((outcome, at) => outcome && items[at]?.skill === skill);
  return own.length === 0 ? null : own.reduce((sum, outcome) => sum + outcome!.awarded, 0);
}

export const percent = (share: number | null): string =>
  share === null ? '' : String(Math.round(100 * share));
