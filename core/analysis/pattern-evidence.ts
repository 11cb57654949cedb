/** What one marked item says about error patterns. */
export interface Observation {
  /** Patterns that would change this item's answer. */
  readonly couldShow: readonly string[];
  /** Patterns that explain what was written. */
  readonly didShow: readonly string[];
  readonly right: boolean;
}

/** How sure the items make us that a pupil holds a pattern. */
export interface PatternEvidence {
  readonly pattern: string;
  readonly could: number;
  readonly did: number;
  /** Posterior probability, 0 to 1. */
  readonly probability: number;
}

/** Probabilities that the posterior rests on; the defaults are judgement, not measurement. */
export interface EvidenceModel {
  /** Before anything is seen, the chance that a pupil holds a given pattern. */
  readonly prior: number;
  /** How often a holder follows the pattern where it shows. */
  readonly degree: number;
  /** Chance that an item goes wrong by a slip. */
  readonly slipRate: number;
  /** Chance that a slip lands on exactly the answer of the pattern. */
  readonly coincidence: number;
}

export const defaultEvidenceModel: EvidenceModel = {
  prior: 0.05,
  degree: 0.8,
  slipRate: 0.1,
  coincidence: 0.2
};

/**
 * For each pattern that could have shown: on how many items it could and did, and by Bayes' rule how
 * probable it is that the pupil holds it. A holder follows the pattern with chance `degree`, else works as
 * anyone; anyone slips with chance `slipRate`, and `coincidence` of the slips look like the pattern.
 */
export function patternEvidence(
  observations: readonly Observation[],
  model: EvidenceModel = defaultEvidenceModel
): PatternEvidence[] {
  const patterns = [...new Set(observations.flatMap(({ couldShow }) => couldShow))];
  return patterns.map((pattern) => {
    const seen = observations.filter(({ couldShow }) => couldShow.includes(pattern));
    const odds = seen.reduce(
      (product, observation) => product * likelihoodRatio(observation, pattern, model),
      model.prior / (1 - model.prior)
    );
    return {
      pattern,
      could: seen.length,
      did: seen.filter(({ didShow }) => didShow.includes(pattern)).length,
      probability: odds / (1 + odds)
    };
  });
}

/** How much likelier the observation is from a holder than from a pupil who only slips. */
function likelihoodRatio(observation: Observation, pattern: string, model: EvidenceModel): number {
  const { degree, slipRate, coincidence } = model;
  if (observation.didShow.includes(pattern)) {
    const byChance = slipRate * coincidence;
    return (degree * (1 - slipRate) + (1 - degree) * byChance) / byChance;
  }
  if (observation.right) return 1 - degree;
  const otherSlip = slipRate * (1 - coincidence);
  return (degree * slipRate + (1 - degree) * otherSlip) / otherSlip;
}
