import { patternGraph, patternsIn } from '../skills/item';
import type { ErrorPattern, Skill } from '../skills/skill';
import { ANSWER, exchanged, replaceRules, sameValue, stepOf, valuesOf } from '../working';
import type { Get, Graph, Value } from '../working';

/** Error patterns that together explain what was written: all of the working, or the bare answer. */
export interface Explanation {
  readonly patterns: readonly string[];
  readonly explains: 'working' | 'answer';
}

/** What was written at each step that was written and could be read. */
export type Written = ReadonlyMap<string, Value>;

/**
 * The smallest sets of error patterns, to two, whose evaluation equals everything that was written. Several
 * of the same size tie. None if all of it is right.
 */
export function diagnose(
  skill: Skill,
  given: unknown,
  school: string,
  written: Written
): Explanation[] {
  const graph = skill.graph(given, school);
  if (written.size === 0 || agrees(graph, written)) return [];
  const explains = written.size === 1 && written.has(ANSWER) ? 'answer' : 'working';
  const patterns = patternsIn(skill, school);
  const single = patterns.flatMap((pattern) => {
    const wrong = patternGraph(pattern, given, graph);
    return wrong && agrees(wrong, written) ? [[pattern.id]] : [];
  });
  const found = single.length > 0 ? single : pairs(patterns, given, graph, written);
  return found.map((ids) => ({ patterns: ids, explains }));
}

/** Two patterns combine only if each changes something and they change different steps. */
function pairs(
  patterns: readonly ErrorPattern[],
  given: unknown,
  graph: Graph,
  written: Written
): string[][] {
  const changes = patterns.flatMap(({ id, replacements }) => {
    const rules = replacements(given, graph);
    return rules && Object.keys(rules).length > 0 ? [{ id, rules }] : [];
  });
  return changes.flatMap((one, at) =>
    changes.slice(at + 1).flatMap((other) => {
      if (Object.keys(one.rules).some((step) => step in other.rules)) return [];
      const wrong = replaceRules(graph, { ...one.rules, ...other.rules });
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
  return (graph.symmetries ?? []).some((symmetry) =>
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
  return new Set(sameValue(answer, read, value(ANSWER)) ? answer.uses : []);
}
