import type { Value } from '../numbers';
import { patternsIn, type ErrorPattern } from '../skill/skill';
import type { WorkedItem } from '../skill/worked-item';
import {
  ANSWER,
  exchanged,
  readAcross,
  replaceRules,
  sameValue,
  stepOf,
  valuesOf,
  type Get,
  type Graph
} from '../working';
import { readArranged, type Working } from './readings';
import { isFault, type StepReading } from './step-reading';

/** Error patterns that together explain what was written: all of the working, or the bare answer. */
export interface Explanation {
  readonly patterns: readonly string[];
  readonly explains: 'working' | 'answer';
  /** The step at which there is one slip beside them. */
  readonly slip?: string;
  /** The school they are of, where it is not the paper's own. */
  readonly school?: string;
}

/** What was written at each step that was written and could be read. */
export type Written = ReadonlyMap<string, Value>;

/** The working as it was typed, and what was read of it. */
export interface Read {
  readonly working: Working;
  readonly readings: readonly StepReading[];
}

/**
 * The smallest sets of error patterns, to two, whose evaluation equals everything that was written; else the
 * patterns that do with one slip, where more than one thing is wrong. Several of the same size tie. None if all
 * of it is right.
 */
export function diagnose(item: WorkedItem, written: Written, read: Read): Explanation[] {
  const { graph } = item;
  if (written.size === 0 || agrees(graph, written)) return [];
  const explains = written.size === 1 && written.has(ANSWER) ? 'answer' : 'working';
  const patterns = patternsIn(item.skill, item.school);
  const single: Explanation[] = singles(item, written).map((patterns) => ({ patterns, explains }));
  if (single.length > 0) return single;
  const elsewhere = explains === 'answer' ? inOtherSchools(item, written) : [];
  if (elsewhere.length > 0) return elsewhere;
  const found = pairs(item, patterns, written);
  if (found.length > 0 || explains === 'answer') {
    return found.map((ids) => ({ patterns: ids, explains }));
  }
  return besideOneSlip(item, patterns, read);
}

function singles(item: WorkedItem, written: Written): string[][] {
  return patternsIn(item.skill, item.school).flatMap((pattern) => {
    const wrong = item.working(pattern);
    const isExplained = wrong && agrees(wrong, used(item, pattern, wrong, written));
    // Whether it leads to an answer is asked last, as it takes the whole working.
    return isExplained && item.wrong(pattern) ? [[pattern.id]] : [];
  });
}

/**
 * What was written, without what a pupil wrote rightly and did not use: a carry above the column, where the pattern works
 * as if none had been written.
 */
function used(item: WorkedItem, pattern: ErrorPattern, wrong: Graph, written: Written): Written {
  const changed = item.instead(pattern)!;
  const value = valuesOf(wrong);
  const isUnused = (id: string, entry: Value) => {
    const step = item.graph.byId.get(id);
    if (!step || !(id in changed) || id === ANSWER) return false;
    return (
      sameValue(step, entry, item.key.get(id)) &&
      sameValue(step, value(id), step.leftOut ?? step.silentAt) &&
      !sameValue(step, entry, value(id))
    );
  };
  const left = [...written].filter(([id, entry]) => !isUnused(id, entry));
  return left.length === written.size ? written : new Map(left);
}

/** A bare answer does not say how it was worked: patterns of the other schools explain it as well. */
function inOtherSchools(item: WorkedItem, written: Written): Explanation[] {
  return Object.keys(item.skill.schools)
    .filter((school) => school !== item.school)
    .flatMap((school) =>
      singles(item.inSchool(school), written).map((patterns) => ({
        patterns,
        explains: 'answer' as const,
        school
      }))
    )
    .filter(
      ({ patterns: [id] }, at, all) => all.findIndex(({ patterns }) => patterns[0] === id) === at
    );
}

/** The patterns from which all that was written follows but for one slip. */
function besideOneSlip(
  item: WorkedItem,
  patterns: readonly ErrorPattern[],
  { working, readings }: Read
): Explanation[] {
  const faultsIn = (graph: Graph) => readArranged(graph, working, {}).filter(isFault);
  // Read as the squares stand: what was read may be in another arrangement.
  const own = item.graph.symmetries.length > 0 ? faultsIn(item.graph) : readings.filter(isFault);
  const faults = own.map(({ step }) => step.id);
  if (faults.length < 2) return [];
  return patterns.flatMap((pattern) => {
    const changed = item.instead(pattern);
    const wrong = changed && faults.some((id) => id in changed) ? item.wrong(pattern) : undefined;
    const [slip, ...others] = wrong ? faultsIn(wrong) : [];
    return slip && others.length === 0
      ? [{ patterns: [pattern.id], explains: 'working' as const, slip: slip.square }]
      : [];
  });
}

/** Two patterns combine only if each changes something and they change different steps. */
function pairs(item: WorkedItem, patterns: readonly ErrorPattern[], written: Written): string[][] {
  const changes = patterns.flatMap((pattern) => {
    const { id } = pattern;
    const rules = item.instead(pattern);
    return rules && Object.keys(rules).length > 0 ? [{ id, rules }] : [];
  });
  return changes.flatMap((one, at) =>
    changes.slice(at + 1).flatMap((other) => {
      if (Object.keys(one.rules).some((step) => step in other.rules)) return [];
      const wrong = replaceRules(item.graph, { ...one.rules, ...other.rules });
      return agrees(wrong, written) ? [[one.id, other.id]] : [];
    })
  );
}

/**
 * Whether a graph gives everything that was written, in one of its arrangements. Squares that are read across agree as soon as they
 * read the same number: a pattern's 12 and 14 in two squares may stand as four figures in four.
 */
function agrees(graph: Graph, written: Written): boolean {
  if (agreesAsWritten(graph, written)) return true;
  return graph.symmetries.some((symmetry) =>
    agreesAsWritten(
      graph,
      new Map([...written].map(([id, entry]) => [exchanged(symmetry, id), entry]))
    )
  );
}

function agreesAsWritten(graph: Graph, written: Written): boolean {
  const right = valuesOf(graph);
  const choices = new Map<string, Value>();
  let value = right;
  // Only asked for where a square differs, as it needs the whole working.
  let readAlike: ReadonlySet<string> | undefined;
  return graph.steps.every((step) => {
    const entry = written.get(step.id);
    if (entry === undefined || sameValue(step, entry, value(step.id))) return true;
    readAlike ??= readsAlike(graph, right, written);
    if (readAlike.has(step.id)) return true;
    if (!step.accepts?.(entry, value)) return false;
    // Another choice that is as good: what follows is to follow from it.
    value = valuesOf(graph, choices.set(step.id, entry));
    return true;
  });
}

/** The squares an assembled answer reads, if they read as it does. */
function readsAlike(graph: Graph, value: Get, written: Written): ReadonlySet<string> {
  const answer = stepOf(graph, ANSWER);
  if (!answer.assembled) return new Set();
  const read = answer.rule((id) => written.get(id) ?? stepOf(graph, id).leftOut);
  return new Set(
    sameValue(answer, read, value(ANSWER)) ? readAcross(graph).map(({ id }) => id) : []
  );
}
