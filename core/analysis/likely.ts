import type { PatternEvidence } from './pattern-evidence';

/** Below this a pattern is not named, however many share the suspicion. */
const FAINTEST = 0.2;
/** Items on which it must have been seen. */
const FEWEST = 2;
/** Share it must have of what it explains and what nothing explains. */
const EXPLAINS = 0.6;
/** Share it must have of what it explains and what shows that it was not followed: less is forgetting. */
const FOLLOWED = 0.4;

/**
 * The patterns that a pupil probably holds, the likeliest first: those of one half and more, and those that are
 * equally likely and come to one half together, because nothing told them apart. One that was seen but once, or
 * leaves much of what went wrong unexplained, or is mostly not followed, is not named.
 */
export function likelyPatterns(evidence: readonly PatternEvidence[]): PatternEvidence[] {
  const together = (probability: number) =>
    evidence.filter((other) => Math.abs(other.probability - probability) < 1e-9).length *
    probability;
  return evidence
    .filter(
      ({ probability, did, against, right }) =>
        probability >= FAINTEST &&
        together(probability) >= 0.5 &&
        did >= FEWEST &&
        did >= EXPLAINS * (did + against) &&
        did >= FOLLOWED * (did + against + right)
    )
    .sort((one, other) => other.probability - one.probability)
    .map((one) => ({ ...one, probability: certaintyOf(one) }));
}

/** Share it must have of what it explains and what nothing explains, to be spoken of as all but certain. */
const SURELY_EXPLAINS = 0.8;
const ALL_BUT_CERTAIN = 0.99;

/** How sure is said to be what the items make us: never all but certain of what leaves much unexplained. */
export function certaintyOf({ probability, did, against }: PatternEvidence): number {
  const isExplained = did >= SURELY_EXPLAINS * (did + against);
  return isExplained ? probability : Math.min(probability, ALL_BUT_CERTAIN);
}
