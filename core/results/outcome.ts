import type { Attempt } from '../marking';
import { availableMarks, type Scheme } from '../schemes';

/** Whether a part still counts: it may be given to everyone in full, or be left out. */
export const withdrawals = ['no', 'full-marks', 'left-out'] as const;

export type Withdrawal = (typeof withdrawals)[number];

/** The first step that went wrong: what it is called, what was written there, and what follows from the steps before. */
export interface FirstSlip {
  readonly label: string;
  readonly written: string;
  readonly right: string;
}

/** What marking made of a response, kept so that results need not mark again. */
export interface Outcome {
  readonly awarded: number;
  readonly proposed: number;
  readonly available: number;
  readonly verdict: string;
  /** Error patterns, by their keys with the skill. */
  readonly couldShow: readonly string[];
  readonly didShow: readonly string[];
  /** An option of a choice was taken that a slip gives. */
  readonly isSlip?: boolean;
  /** The answer has the right value in another form than was asked for, and earned nothing. */
  readonly missesForm?: boolean;
  /** Absent where nothing that is written is wrong, or it was marked before this was kept. */
  readonly firstSlip?: FirstSlip;
  readonly flags: readonly string[];
}

/** An outcome with how the response was attempted, and what the marker says of it. */
export interface MarkedOutcome extends Outcome {
  readonly attempt: Attempt;
  readonly comment: string;
}

/** What stands for a part that nobody has to mark. */
const unmarked: MarkedOutcome = {
  ...{ awarded: 0, proposed: 0, available: 0, verdict: 'blank', attempt: 'written', comment: '' },
  ...{ couldShow: [], didShow: [], flags: [] }
};

interface Marks {
  readonly scheme: Scheme;
  readonly withdrawn: Withdrawal;
}

/** The marks that a part counts for, 0 if it is left out. */
export function countedMarks({ scheme, withdrawn }: Marks): number {
  return withdrawn === 'left-out' ? 0 : availableMarks(scheme);
}

/**
 * An outcome as it counts: never more than the part is worth by the scheme that holds now; of a part that is withdrawn
 * nothing, or full marks for everyone who was there.
 */
export function countedOutcome(
  part: Marks,
  outcome: MarkedOutcome | null,
  isAbsent: boolean
): MarkedOutcome | null {
  const available = countedMarks(part);
  if (part.withdrawn === 'no' || isAbsent) {
    return outcome && { ...outcome, available, awarded: Math.min(outcome.awarded, available) };
  }
  return { ...(outcome ?? unmarked), awarded: available, available };
}

/** Share of the marks that were earned by those marked, from 0 to 1; null if nothing is marked that counts. */
export function facilityOf(
  outcomes: readonly (Pick<Outcome, 'awarded' | 'available'> | null)[]
): number | null {
  const marked = outcomes.filter((outcome) => outcome !== null);
  const available = marked.reduce((sum, outcome) => sum + outcome.available, 0);
  return available === 0 ? null : marked.reduce((sum, { awarded }) => sum + awarded, 0) / available;
}
