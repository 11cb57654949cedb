import { bitCount } from '../spaces';
import {
  likelihood,
  outcomes,
  type EvidenceModel,
  type Habits,
  type Outcome
} from './evidence-model';

/** How many items went in one way: a bit for each pattern that could show, and for each that did. */
export interface WayCount {
  readonly could: number;
  readonly did: number;
  readonly outcome: Outcome;
  /** An option was picked, not an answer written. */
  readonly isPicked: boolean;
  readonly times: number;
}

export interface Posterior {
  /** The chance of each pattern to be held. */
  readonly held: readonly number[];
  /** The chance of an unknown consistent error. */
  readonly unknown: number;
}

/** Patterns that a pupil may hold at once. */
const MOST_HELD = 3;

/**
 * The chances of `count` patterns, by Bayes' rule over all sets of at most three of them without an unknown
 * error, and with one beside at most one of them, each under all habits of the model.
 */
export function posterior(
  count: number,
  ways: readonly WayCount[],
  model: EvidenceModel
): Posterior {
  const { prior, unknown } = model;
  const odds = Math.log(prior / (1 - prior));
  const found: Hypothesis[] = [];
  const without = Math.log(1 - unknown);
  for (const set of setsOf(count, MOST_HELD)) {
    const size = bitCount(set);
    const chances = sumOf(cellsOf(ways, set, 0), tables(model, size > 0, false));
    found.push({ set, isUnknown: false, log: without + size * odds + chances });
  }
  // What the unknown error is like: none of the patterns, or one that is not held.
  const likes = [0, ...Array.from({ length: count }, (_, place) => 1 << place)];
  const beside = Math.log(unknown / likes.length);
  for (const set of setsOf(count, 1)) {
    for (const like of likes.filter((one) => (one & set) === 0)) {
      const chances = sumOf(cellsOf(ways, set, like), tables(model, set !== 0, true));
      found.push({ set, isUnknown: true, log: beside + bitCount(set) * odds + chances });
    }
  }
  return normalised(count, found);
}

/** What a pupil may hold, and the log of its weight. */
interface Hypothesis {
  readonly set: number;
  readonly isUnknown: boolean;
  readonly log: number;
}

function normalised(count: number, found: readonly Hypothesis[]): Posterior {
  const largest = found.reduce((most, { log }) => Math.max(most, log), -Infinity);
  const held = Array.from({ length: count }, () => 0);
  let [total, unknown] = [0, 0];
  for (const { set, isUnknown, log } of found) {
    const weight = Math.exp(log - largest);
    total += weight;
    if (isUnknown) unknown += weight;
    for (let place = 0; place < count; place++) if (set & (1 << place)) held[place]! += weight;
  }
  return { held: held.map((weight) => weight / total), unknown: unknown / total };
}

function setsOf(count: number, most: number): number[] {
  const sets = [0];
  for (let place = 0; place < count; place++) {
    sets.push(...sets.filter((set) => bitCount(set) < most).map((set) => set | (1 << place)));
  }
  return sets;
}

/** Logs of the likelihoods under some habits, by {@link cellOf}. */
interface Table {
  readonly logs: Float64Array;
  /** Log of its weight. */
  readonly weight: number;
}

const WIDTH = MOST_HELD + 1;

const HALF = outcomes.length * WIDTH * WIDTH * 3;

/** Answers that are written fill the first half of a table, options that are picked the second. */
const cellOf = (
  { outcome, isPicked }: Pick<WayCount, 'outcome' | 'isPicked'>,
  could: number,
  did: number,
  like: number
) => (isPicked ? HALF : 0) + ((outcomes.indexOf(outcome) * WIDTH + could) * WIDTH + did) * 3 + like;

const cached = new WeakMap<EvidenceModel, Map<string, readonly Table[]>>();

/** A table for each habit of the model; degrees differ only where a pattern is held. */
function tables(model: EvidenceModel, isHeld: boolean, isUnknown: boolean): readonly Table[] {
  const known = cached.get(model) ?? new Map<string, readonly Table[]>();
  cached.set(model, known);
  const key = `${isHeld} ${isUnknown}`;
  const found = known.get(key) ?? tablesOf(model, isHeld, isUnknown);
  known.set(key, found);
  return found;
}

function tablesOf(model: EvidenceModel, isHeld: boolean, isUnknown: boolean): Table[] {
  const evenly = (values: readonly number[]) => values.map((value) => [value, 1 / values.length]);
  const one = [[0, 1]];
  return (isHeld ? model.degrees : one).flatMap(([degree, byDegree]) =>
    (isUnknown ? evenly(model.spoils) : one).flatMap(([spoils, bySpoils]) =>
      (isUnknown ? model.likenesses : one).flatMap(([likeness, byLikeness]) =>
        model.slipRates.map(([slipRate, bySlips]) => ({
          logs: logsOf({ degree: degree!, spoils: spoils!, likeness: likeness!, slipRate }, model),
          weight: Math.log(byDegree! * bySpoils! * byLikeness! * bySlips)
        }))
      )
    )
  );
}

function logsOf(
  habits: Habits,
  { coincidence, picked }: Pick<EvidenceModel, 'coincidence' | 'picked'>
): Float64Array {
  const places = Array.from({ length: WIDTH }, (_, place) => place);
  const logs = [coincidence, picked].flatMap((chance) =>
    outcomes.flatMap((outcome) =>
      places.flatMap((could) =>
        places.flatMap((did) =>
          [0, 1, 2].map((like) => {
            const seen = { outcome, could, did, likeCould: like > 0, likeDid: like > 1 };
            return Math.log(likelihood(seen, habits, chance));
          })
        )
      )
    )
  );
  return Float64Array.from(logs);
}

/** The cells of a table in which the ways fall, each once, and how often; plain arrays, as thousands of tables are read. */
interface Cells {
  readonly cells: Int32Array;
  readonly times: Float64Array;
}

const CELLS = 2 * HALF;

function cellsOf(ways: readonly WayCount[], set: number, like: number): Cells {
  const cells = new Int32Array(ways.length);
  const timesIn = new Float64Array(CELLS);
  let found = 0;
  for (const { could, did, times, ...way } of ways) {
    const likeness = (could & like) === 0 ? 0 : (did & like) === 0 ? 1 : 2;
    const cell = cellOf(way, bitCount(could & set), bitCount(did & set), likeness);
    if (timesIn[cell] === 0) cells[found++] = cell;
    timesIn[cell]! += times;
  }
  const own = cells.subarray(0, found);
  return { cells: own, times: Float64Array.from(own, (cell) => timesIn[cell]!) };
}

/** Log of the chance of all ways, summed over the habits with their weights. */
function sumOf({ cells, times }: Cells, under: readonly Table[]): number {
  const all = new Float64Array(under.length);
  let largest = -Infinity;
  for (let table = 0; table < under.length; table++) {
    const { logs, weight } = under[table]!;
    let log = weight;
    for (let at = 0; at < cells.length; at++) log += times[at]! * logs[cells[at]!]!;
    all[table] = log;
    if (log > largest) largest = log;
  }
  // Relative to the largest, which keeps the weights of a long script from vanishing.
  let sum = 0;
  for (const log of all) sum += Math.exp(log - largest);
  return largest + Math.log(sum);
}
