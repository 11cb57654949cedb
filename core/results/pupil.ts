import {
  pupilEvidence,
  type Observation,
  type PatternEvidence,
  type PupilEvidence,
  type UnknownError
} from '../analysis';
import { keepRecent } from '../spaces';
import { habitsIn, type Habit } from './habits';
import { countedOutcome, type MarkedOutcome } from './outcome';
import type { SatPart } from './sat-part';

/** A script as it was marked. */
export interface MarkedScript {
  readonly id: number;
  readonly sittingId: number;
  /** What its form is called; empty where there is one only. */
  readonly form: string;
  /** Of the pupil who wrote it. */
  readonly name: string;
  /** The pupil was not there: nothing is expected of the script. */
  readonly isAbsent: boolean;
  /** In the order of the parts; null where nothing is marked yet. */
  readonly outcomes: readonly (MarkedOutcome | null)[];
  /** How many marks of it were moved by hand. */
  readonly changed: number;
}

/** What a page of results shows of a response. */
export type ShownOutcome = Pick<
  MarkedOutcome,
  'awarded' | 'available' | 'didShow' | 'isSlip' | 'firstSlip' | 'attempt' | 'comment'
>;

export interface ResultPupil {
  readonly scriptId: number;
  readonly sittingId: number;
  readonly form: string;
  readonly name: string;
  /** Outcomes in the order of the parts; null where not marked yet. */
  readonly outcomes: readonly (ShownOutcome | null)[];
  readonly total: number;
  /** How much of the total was changed by hand. */
  readonly changed: number;
  readonly isComplete: boolean;
  readonly isAbsent: boolean;
  /** Of the patterns that showed at least once. */
  readonly evidence: readonly PatternEvidence[];
  /** What the parts are called at which something else goes wrong steadily, of which there is no pattern. */
  readonly unknown: readonly string[];
  readonly habits: readonly Habit[];
}

/** A steady error is worth telling from so many items on. */
const FEWEST_ODD = 3;

/** A script as results show it, and all evidence of error patterns in it. */
export function pupilOf(
  parts: readonly SatPart[],
  script: MarkedScript
): { readonly pupil: ResultPupil; readonly evidence: readonly PatternEvidence[] } {
  const { id: scriptId, sittingId, form, name, isAbsent, changed } = script;
  const outcomes = parts.map((part, at) =>
    countedOutcome(part, script.outcomes[at] ?? null, isAbsent)
  );
  const marked = outcomes.filter((outcome) => outcome !== null);
  const { patterns, unknown } = evidenceOf(observationsOf(marked));
  const pupil: ResultPupil = {
    ...{ scriptId, sittingId, form, name, changed, isAbsent },
    outcomes: outcomes.map((outcome) => outcome && shownOf(outcome)),
    total: marked.reduce((sum, { awarded }) => sum + awarded, 0),
    isComplete: isAbsent || marked.length === parts.length,
    evidence: patterns.filter(({ did }) => did > 0),
    unknown: unknownPlaces(outcomes, unknown).map((at) => parts[at]!.label),
    habits: habitsIn(parts, outcomes)
  };
  return { pupil, evidence: patterns };
}

/** Results are looked at again and again, by pupil, by item and as feedback: what is weighed once is kept. */
const keptEvidence = keepRecent<PupilEvidence>(500);

const evidenceOf = (observations: readonly Observation[]): PupilEvidence =>
  keptEvidence(JSON.stringify(observations), () => pupilEvidence(observations));

const observationsOf = (marked: readonly MarkedOutcome[]): Observation[] =>
  marked.map(({ couldShow, didShow, verdict, isSlip, missesForm = false }) => ({
    ...{ couldShow, didShow },
    // Of an option that was picked it is said whether a slip gives it.
    ...(isSlip !== undefined && { isPicked: true }),
    right: verdict === 'correct' && !missesForm
  }));

/** The places of the parts at which something unknown goes wrong steadily; none if nothing does. */
function unknownPlaces(
  outcomes: readonly (MarkedOutcome | null)[],
  unknown: readonly UnknownError[]
): number[] {
  const places = outcomes.flatMap((outcome, at) => (outcome === null ? [] : [at]));
  const told = unknown.filter(
    ({ probability, items }) => probability >= 0.5 && items.length >= FEWEST_ODD
  );
  return [...new Set(told.flatMap(({ items }) => items.map((at) => places[at]!)))].sort(
    (one, other) => one - other
  );
}

function shownOf(outcome: MarkedOutcome): ShownOutcome {
  const { awarded, available, didShow, isSlip, firstSlip, attempt, comment } = outcome;
  return {
    ...{ awarded, available, didShow, attempt, comment },
    ...(isSlip && { isSlip }),
    ...(firstSlip && { firstSlip })
  };
}
