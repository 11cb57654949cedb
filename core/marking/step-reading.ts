import type { Value } from '../numbers';
import { ANSWER, type Step } from '../working';

export type Verdict =
  'correct' | 'follows-through' | 'slip' | 'blank' | 'not-needed' | 'unreadable';

/** What was made of one step. */
export interface StepReading {
  readonly step: Step;
  /** The step in whose square it was written; another one where the working is arranged otherwise. */
  readonly square: string;
  readonly written: string | null;
  /** The written value, where it can be read. */
  readonly value: Value | undefined;
  /** The right value. */
  readonly expected: Value | undefined;
  /** What the step's rule gives from the pupil's own earlier steps. */
  readonly own: Value | undefined;
  readonly verdict: Verdict;
  /** What it counts as in the marks: where it cannot be read, what a blank would. */
  readonly countsAs: Exclude<Verdict, 'unreadable'>;
  /** The wrong value is what a wrong number fact gives, a multiple too many or too few. */
  readonly isFactSlip: boolean;
  /** Not written as such, but there as soon as the squares it reads across are. */
  readonly assembled: boolean;
  /** Blank and read as left out: later steps are judged from its left-out value. */
  readonly leftOut: boolean;
  /** Right, where the pupil's own figures give another value. */
  readonly contradicted: boolean;
}

/** Whether something was written that is right or follows. */
export function isSound({ countsAs, value }: StepReading): boolean {
  return value !== undefined && (countsAs === 'correct' || countsAs === 'follows-through');
}

/** Whether a reading charges the pupil: a slip, or a step that was left out. */
export function isFault({ countsAs, leftOut }: StepReading): boolean {
  return countsAs === 'slip' || leftOut;
}

/** Written as such; an answer read across its squares counts, what is only seen in the answer does not. */
export function isOwnHand({ step, written, assembled }: StepReading): boolean {
  return written !== null && (!assembled || step.id === ANSWER);
}
