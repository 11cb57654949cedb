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

/** How an item went. */
type Outcome = 'explained' | 'right' | 'otherwise';

/** An observation as a company sees it: by the place of each pattern, 1 where it could show and did. */
interface Sight {
  readonly could: readonly number[];
  readonly did: readonly number[];
  readonly outcome: Outcome;
}

/** The chance of each pattern of a company to be held, over all sets of at most two of them. */
function posterior(
  company: readonly string[],
  observations: readonly Observation[],
  model: EvidenceModel
): [string, number][] {
  const sights = observations
    .filter(({ couldShow }) => couldShow.some((one) => company.includes(one)))
    .map((observation) => sightOf(company, observation));
  const places = company.map((_, place) => place);
  const likelihoods = logLikelihoods(model);
  const odds = Math.log(model.prior / (1 - model.prior));
  const sets = [
    [],
    ...places.map((one) => [one]),
    ...places.flatMap((one) => places.slice(one + 1).map((other) => [one, other]))
  ].map((held) => ({ held, log: held.length * odds + logOf(sights, held, likelihoods) }));
  // Relative to the largest, which keeps the weights of a long script from vanishing.
  const largest = Math.max(...sets.map(({ log }) => log));
  const weights = company.map(() => 0);
  let total = 0;
  for (const { held, log } of sets) {
    const weight = Math.exp(log - largest);
    total += weight;
    for (const place of held) weights[place]! += weight;
  }
  return company.map((pattern, place) => [pattern, weights[place]! / total]);
}

function sightOf(company: readonly string[], { couldShow, didShow, right }: Observation): Sight {
  const marks = (shown: readonly string[]) => company.map((one) => Number(shown.includes(one)));
  const outcome = didShow.length > 0 ? 'explained' : right ? 'right' : 'otherwise';
  return { could: marks(couldShow), did: marks(didShow), outcome };
}

/** Log of the chance of all sights, from a pupil who holds just the patterns of these places. */
function logOf(
  sights: readonly Sight[],
  held: readonly number[],
  likelihoods: LogLikelihoods
): number {
  let log = 0;
  for (const { could, did, outcome } of sights) {
    let [couldShow, didShow] = [0, 0];
    for (const place of held) {
      couldShow += could[place]!;
      didShow += did[place]!;
    }
    log += likelihoods[outcome][couldShow]![didShow]!;
  }
  return log;
}

/** By how an item went, how many held patterns could show on it, and how many of them explain it. */
type LogLikelihoods = Readonly<Record<Outcome, readonly (readonly number[])[]>>;

function logLikelihoods({ degree, slipRate, coincidence }: EvidenceModel): LogLikelihoods {
  const table = (likelihood: (follows: number, did: number, could: number) => number) =>
    [0, 1, 2].map((could) =>
      [0, 1, 2].map((did) => Math.log(likelihood(1 - (1 - degree) ** could, did, could)))
    );
  return {
    explained: table((follows, did, could) => {
      const asSeen = could === 0 ? 0 : (follows * did) / could;
      return asSeen * (1 - slipRate) + (1 - asSeen) * slipRate * coincidence;
    }),
    right: table((follows) => (1 - follows) * (1 - slipRate)),
    otherwise: table((follows) => follows * slipRate + (1 - follows) * slipRate * (1 - coincidence))
  };
}
