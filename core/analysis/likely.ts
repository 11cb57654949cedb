import type { PatternEvidence } from './pattern-evidence';

/** Below this a pattern is not named, however many share the suspicion. */
const FAINTEST = 0.2;

/**
 * The patterns that a pupil probably holds, the likeliest first: those of one half and more, and those
 * that are equally likely and come to one half together, because nothing told them apart.
 */
export function likelyPatterns(evidence: readonly PatternEvidence[]): PatternEvidence[] {
  const together = (probability: number) =>
    evidence.filter((other) => Math.abs(other.probability - probability) < 1e-9).length *
    probability;
  return evidence
    .filter(({ probability }) => probability >= FAINTEST && together(probability) >= 0.5)
    .sort((one, other) => other.probability - one.probability);
}
