import { defaultEvidenceModel, type EvidenceModel, type Outcome } from './evidence-model';
import { posterior, type WayCount } from './posterior';

/** What one marked item says about error patterns. */
export interface Observation {
  /** Patterns that would change this item's answer. */
  readonly couldShow: readonly string[];
  /** Patterns that explain what was written. */
  readonly didShow: readonly string[];
  readonly right: boolean;
  /** An option was picked among a few, so that a guess may look like a pattern. */
  readonly isPicked?: boolean;
}

/** How sure the items make us that a pupil holds a pattern. */
export interface PatternEvidence {
  readonly pattern: string;
  readonly could: number;
  readonly did: number;
  /** Items on which it could show that are wrong in a way that nothing explains. */
  readonly against: number;
  /** Items on which it could show that are right. */
  readonly right: number;
  /** Posterior probability, 0 to 1. */
  readonly probability: number;
}

/** A consistent error of which there is no pattern. */
export interface UnknownError {
  readonly probability: number;
  /** The observations, by their place, that are wrong in a way that nothing explains. */
  readonly items: readonly number[];
}

export interface PupilEvidence {
  readonly patterns: readonly PatternEvidence[];
  /** One for each group of patterns that can show on the same items. */
  readonly unknown: readonly UnknownError[];
}

/** Patterns that are weighed against each other: a bit each of a number of 32 bits, one of which is the sign. */
const MOST_WEIGHED = 30;

/**
 * For each pattern that could have shown: on how many items it could and did, and by Bayes' rule how probable it
 * is that the pupil holds it, weighed against the other patterns, carelessness, and an error nobody has described.
 * A pattern that only shows where a likelier one does is so not found beside it; two that always show together
 * share what there is. Of more than thirty that can show on the same items the least seen are taken for not held.
 */
export function pupilEvidence(
  observations: readonly Observation[],
  model: EvidenceModel = defaultEvidenceModel
): PupilEvidence {
  const patterns = [...new Set(observations.flatMap(({ couldShow }) => couldShow))];
  const probability = new Map<string, number>();
  const unknown: UnknownError[] = [];
  for (const group of groupsOfPatterns(patterns, observations)) {
    const weighed = mostSeen(group, observations);
    const { held, unknown: chance } = posterior(
      weighed.length,
      countsOf(weighed, observations),
      model
    );
    for (const pattern of group) probability.set(pattern, held[weighed.indexOf(pattern)] ?? 0);
    unknown.push({ probability: chance, items: unexplained(group, observations) });
  }
  return {
    unknown,
    patterns: patterns.map((pattern) => ({
      pattern,
      could: observations.filter(({ couldShow }) => couldShow.includes(pattern)).length,
      did: observations.filter(({ didShow }) => didShow.includes(pattern)).length,
      against: unexplained([pattern], observations).length,
      right: observations.filter(
        (one) => outcomeOf(one) === 'right' && one.couldShow.includes(pattern)
      ).length,
      probability: probability.get(pattern)!
    }))
  };
}

/** The patterns of {@link pupilEvidence} alone. */
export function patternEvidence(
  observations: readonly Observation[],
  model: EvidenceModel = defaultEvidenceModel
): readonly PatternEvidence[] {
  return pupilEvidence(observations, model).patterns;
}

/** Groups of patterns that could show on one item: a pattern tells nothing of those of another group. */
function groupsOfPatterns(
  patterns: readonly string[],
  observations: readonly Observation[]
): readonly string[][] {
  let found = patterns.map((pattern) => [pattern]);
  for (const { couldShow } of observations) {
    const touched = found.filter((group) => group.some((one) => couldShow.includes(one)));
    if (touched.length > 1) {
      found = [...found.filter((group) => !touched.includes(group)), touched.flat()];
    }
  }
  return found;
}

/** The patterns of a group that are weighed against each other: those that showed most often, then could most often. */
function mostSeen(group: readonly string[], observations: readonly Observation[]): string[] {
  const counted = group.map((pattern) => ({
    pattern,
    did: observations.filter(({ didShow }) => didShow.includes(pattern)).length,
    could: observations.filter(({ couldShow }) => couldShow.includes(pattern)).length
  }));
  return counted
    .sort((one, other) => other.did - one.did || other.could - one.could)
    .slice(0, MOST_WEIGHED)
    .map(({ pattern }) => pattern);
}

function outcomeOf({ didShow, right }: Observation): Outcome {
  return didShow.length > 0 ? 'explained' : right ? 'right' : 'otherwise';
}

/** The places of what is wrong and unexplained where one of the patterns could have shown. */
function unexplained(group: readonly string[], observations: readonly Observation[]): number[] {
  return observations.flatMap((observation, at) =>
    outcomeOf(observation) === 'otherwise' &&
    observation.couldShow.some((one) => group.includes(one))
      ? [at]
      : []
  );
}

/** How often items went in each way, as a group of patterns tells them apart. */
function countsOf(group: readonly string[], observations: readonly Observation[]): WayCount[] {
  const places = new Map(group.map((pattern, place) => [pattern, 1 << place]));
  const marks = (shown: readonly string[]) =>
    shown.reduce((set, pattern) => set | (places.get(pattern) ?? 0), 0);
  const counts = new Map<string, WayCount>();
  for (const observation of observations) {
    const could = marks(observation.couldShow);
    if (could === 0) continue;
    const outcome = outcomeOf(observation);
    const isPicked = observation.isPicked ?? false;
    const way = { could, did: marks(observation.didShow), outcome, isPicked };
    const key = `${way.could} ${way.did} ${outcome} ${isPicked}`;
    counts.set(key, { ...way, times: (counts.get(key)?.times ?? 0) + 1 });
  }
  return [...counts.values()];
}
