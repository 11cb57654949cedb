import { plural } from '../format';

/** A part among the others: its marks, and what of the plan the exam lacks. */
export interface PartStand {
  readonly marks: number;
  readonly lacks: readonly string[];
}

/** What it did to present a part otherwise; empty if its marks and the plan are as before. */
export function presentedWords(before: PartStand, after: PartStand): string {
  const lacks = after.lacks.filter((line) => !before.lacks.includes(line));
  const marks =
    before.marks === after.marks
      ? ''
      : `Worth ${plural(after.marks, 'mark')} now; it was worth ${before.marks}.`;
  const plan = lacks.length === 0 ? '' : `The plan is not met any more in: ${lacks.join(', ')}.`;
  return [marks, plan].filter((one) => one !== '').join(' ');
}
