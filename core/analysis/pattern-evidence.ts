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
 * probable it is that the pupil holds it. A pupil holds none of the patterns, one or two. A holder follows
 * each with chance `degree` where it shows, else works as anyone; anyone slips with chance `slipRate`, and
 * `coincidence` of the slips look like a pattern. Weighing the patterns against each other keeps one that
 * only shows where a likelier one does from passing as found; two that always show together share it.
 */
export function patternEvidence(
  observations: readonly Observation[],
  model: EvidenceModel = defaultEvidenceModel
): PatternEvidence[] {
  const patterns = [...new Set(observations.flatMap(({ couldShow }) => couldShow))];
  const probability = new Map(
    companies(patterns, observations).flatMap((company) => posterior(company, observations, model))
  );
  return patterns.map((pattern) => ({
    pattern,
    could: observations.filter(({ couldShow }) => couldShow.includes(pattern)).length,
    did: observations.filter(({ didShow }) => didShow.includes(pattern)).length,
    probability: probability.get(pattern)!
  }));
}

/** Patterns that could show on one item belong together; those of other skills do not bear on them. */
function companies(
  patterns: readonly string[],
  observations: readonly Observation[]
): readonly string[][] {
  let found = patterns.map((pattern) => [pattern]);
  for (const { couldShow } of observations) {
    const touched = found.filter((company) => company.some((one) => couldShow.includes(one)));
    if (touched.length > 1) {
      found = [...found.filter((company) => !touched.includes(company)), touched.flat()];
    }
  }
  return found;
}

/** The chance of each pattern of a company to be held, over all sets of at most two of them. */
function posterior(
  company: readonly string[],
  observations: readonly Observation[],
  model: EvidenceModel
): [string, number][] {
  const seen = observations.filter(({ couldShow }) =>
    couldShow.some((one) => company.includes(one))
  );
  const sets = [
    [],
    ...company.map((one) => [one]),
    ...company.flatMap((one, at) => company.slice(at + 1).map((other) => [one, other]))
  ].map((held) => ({ held, log: logWeight(held, seen, model) }));
  // Relative to the largest, which keeps the weights of a long script from vanishing.
  const largest = Math.max(...sets.map(({ log }) => log));
  const weighed = sets.map(({ held, log }) => ({ held, weight: Math.exp(log - largest) }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return company.map((pattern) => [
    pattern,
    weighed.reduce((sum, { held, weight }) => sum + (held.includes(pattern) ? weight : 0), 0) /
      total
  ]);
}

/** Log of prior odds times likelihood. */
function logWeight(
  held: readonly string[],
  observations: readonly Observation[],
  model: EvidenceModel
): number {
  const odds = held.length * Math.log(model.prior / (1 - model.prior));
  return observations.reduce(
    (sum, observation) => sum + Math.log(likelihood(observation, held, model)),
    odds
  );
}

/** How likely an item goes as it went, from a pupil who holds just these patterns. */
function likelihood(
  { couldShow, didShow, right }: Observation,
  held: readonly string[],
  { degree, slipRate, coincidence }: EvidenceModel
): number {
  const could = held.filter((pattern) => couldShow.includes(pattern)).length;
  const did = held.filter((pattern) => didShow.includes(pattern)).length;
  const follows = 1 - (1 - degree) ** could;
  if (didShow.length > 0) {
    const asSeen = could === 0 ? 0 : (follows * did) / could;
    return asSeen * (1 - slipRate) + (1 - asSeen) * slipRate * coincidence;
  }
  if (right) return (1 - follows) * (1 - slipRate);
  return follows * slipRate + (1 - follows) * slipRate * (1 - coincidence);
}
