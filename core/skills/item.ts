import { defaultHouseStyle, type HouseStyle } from '../house-style';
import {
  ANSWER,
  evaluate,
  isShown,
  printValue,
  replaceRules,
  sameValue,
  stepOf,
  valuesOf
} from '../working';
import type { Graph, Value, Values } from '../working';
import type { Features } from './features';
import type { ErrorPattern, Skill } from './skill';
import { predict } from './weights';

/** An item with everything that is computed from its skill and what is given. */
export interface Item {
  readonly skill: string;
  readonly given: unknown;
  readonly school: string;
  readonly prompt: string;
  readonly answer: string;
  readonly features: Features;
  readonly difficulty: number;
  readonly seconds: number;
  readonly steps: readonly ItemStep[];
  /** The error patterns that show on this item, with the answer each would give. */
  readonly errorPatterns: readonly { id: string; title: string; answer: string }[];
}

export interface ItemStep {
  readonly id: string;
  readonly kind: string;
  readonly label: string;
  readonly value: string;
  readonly uses: readonly string[];
}

/** The school in which a house style works a skill. */
export function schoolOf(skill: Skill, style: HouseStyle): string {
  return skill.schoolIn?.(style) ?? skill.schools[0]!;
}

/** Computes an item; the school must be one of the skill's, and is the house style's if none is named. */
export function analyseItem(
  skill: Skill,
  given: unknown,
  {
    style = defaultHouseStyle,
    school = schoolOf(skill, style)
  }: { school?: string; style?: HouseStyle } = {}
): Item {
  const graph = skill.graph(given, school);
  const values = evaluate(graph);
  const features = skill.measure(given);
  return {
    skill: skill.id,
    given,
    school,
    prompt: skill.words.prompt(given, style),
    answer: printValue(stepOf(graph, ANSWER), values.get(ANSWER))!,
    features,
    difficulty: predict(skill.weights.difficulty, features),
    seconds: Math.round(predict(skill.weights.seconds, features)),
    steps: graph.steps
      .filter((step) => isShown(step, values.get(step.id)))
      .map((step) => ({
        id: step.id,
        kind: step.kind,
        label: skill.words.label(step, style),
        value: printValue(step, values.get(step.id))!,
        uses: step.uses
      })),
    errorPatterns: showingPatterns(skill, given, school).map(({ pattern, answer }) => ({
      id: pattern.id,
      title: skill.words.errorPatterns[pattern.id]!.title,
      answer: printValue(stepOf(graph, ANSWER), answer)!
    }))
  };
}

/** A name for a pattern of a skill: skills share ids, but a carry dropped in one is not one dropped in another. */
export function patternKey(skill: string, pattern: string): string {
  return `${skill}/${pattern}`;
}

/** The patterns that can happen in a school. */
export function patternsIn(skill: Skill, school: string): ErrorPattern[] {
  return skill.errorPatterns.filter(({ schools }) => !schools || schools.includes(school));
}

/** The working under an error pattern, or undefined where the pattern cannot be carried out to an answer. */
export function evaluatePattern(
  pattern: ErrorPattern,
  given: unknown,
  graph: Graph
): Values | undefined {
  const wrong = patternGraph(pattern, given, graph);
  return wrong && evaluate(wrong);
}

/** The graph with the pattern's rules, or undefined where they lead to no answer. Built once for a graph. */
export function patternGraph(
  pattern: ErrorPattern,
  given: unknown,
  graph: Graph
): Graph | undefined {
  let known = patternGraphs.get(graph);
  if (!known) patternGraphs.set(graph, (known = new Map()));
  if (!known.has(pattern.id)) known.set(pattern.id, buildPatternGraph(pattern, given, graph));
  return known.get(pattern.id);
}

const patternGraphs = new WeakMap<Graph, Map<string, Graph | undefined>>();

function buildPatternGraph(pattern: ErrorPattern, given: unknown, graph: Graph): Graph | undefined {
  const replacements = pattern.replacements(given, graph);
  if (!replacements) return undefined;
  const wrong = replaceRules(graph, replacements);
  return valuesOf(wrong)(ANSWER) === undefined ? undefined : wrong;
}

/** The patterns whose answer on this item differs in value from the right one. */
export function showingPatterns(
  skill: Skill,
  given: unknown,
  school: string
): { pattern: ErrorPattern; answer: Value }[] {
  const graph = skill.graph(given, school);
  const step = stepOf(graph, ANSWER);
  const right = evaluate(graph).get(ANSWER);
  return patternsIn(skill, school).flatMap((pattern) => {
    const wrong = patternGraph(pattern, given, graph);
    const answer = wrong && valuesOf(wrong)(ANSWER);
    return answer === undefined || sameValue(step, answer, right) ? [] : [{ pattern, answer }];
  });
}
