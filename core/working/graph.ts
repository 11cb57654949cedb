import type { FormCode, Reading, Value } from '../numbers';
import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { spend } from '../spaces';
import type { Wording } from './words';

/** Gives the value of an earlier step, or undefined where that step has none. */
export type Get = (step: string) => Value | undefined;

export type Rule = (get: Get) => Value | undefined;

/** One cell of the working: what it is called, what it uses, and how its value follows from that. */
export interface Step {
  /** Kind and place: `digit.0`, `carry.1`. */
  readonly id: string;
  readonly kind: string;
  /** The power of ten (of the base) the step stands under, where it has one. */
  readonly place?: number;
  readonly uses: readonly string[];
  /** Those of them that must be kept in mind until then; the others are seen from what is on paper. All if absent. */
  readonly holds?: readonly string[];
  /** The value, or undefined where it cannot be computed. May ask only for steps listed in `uses`. */
  readonly rule: Rule;
  readonly reading: Reading;
  /** What leaving the step out amounts to (a carry of 0), where that is a thing pupils do. */
  readonly leftOut?: Value;
  /** The value at which the step is rightly left unwritten. */
  readonly silentAt?: Value;
  /** Written in worked examples all the same, as it shows the way: zeros put in to compare decimals. */
  readonly modelled?: boolean;
  /** Other values that are as good as the rule's, given the pupil's own earlier values. */
  readonly accepts?: (written: Value, get: Get) => boolean;
  /** What a written value stands for, given the rule's own: a sign that is left off. */
  readonly meant?: (written: Value, own: Value | undefined) => Value;
  /** The step only reads its inputs together, so it is written as soon as they are. */
  readonly assembled?: boolean;
  /** The total behind the step, where only a part of one is written. */
  readonly total?: Total;
  /** What a wrong number fact would make of the step, or of its total: a multiple too many or too few. */
  readonly facts?: (get: Get) => readonly bigint[];
  /** Asked for beside the answer, which does not follow from it: the way that is chosen. */
  readonly isApart?: boolean;
  /** The step is the method: a wrong number fact in it is a slip, another operation is another method. */
  readonly isMethod?: boolean;
  /** Whether a wrong value of such a step is a slip in it, where that is not told by its figures. */
  readonly isSlip?: (written: Value, own: Value) => boolean;
  /** The step is the method and chooses a value: a choice is as good as the right one, or it is no method. */
  readonly isChoice?: boolean;
  /** It stands on no line of its own: it is read from the answer, or never asked for. */
  readonly isUnwritten?: boolean;
  /** The step brings the answer into the form asked for, and changes nothing of its value. */
  readonly isOfForm?: boolean;
  /** What a final answer says of this step, or undefined if it does not say. */
  readonly seenIn?: (answer: Value) => Value | undefined;
  /** How many things are wrong with a value that consists of several, a list: 0 where it is right. */
  readonly slips?: (written: Value, right: Value) => number;
  /** Where the way a value is written falls short of what was asked, whatever its worth. */
  readonly form?: (written: Value) => readonly FormCode[];
  /** A value as the house writes it, where that is not as it is usually printed. */
  readonly writes?: (value: Value, style: HouseStyle) => string | undefined;
  /** The quantity of a model of bars that the step finds. */
  readonly quantity?: string;
  /** What the step is called. */
  readonly label: Wording;
  /** What is done at it, in one sentence. */
  readonly says: Wording;
}

/**
 * A total that nobody writes: one part of it is written down and the other carried, each at a step of its own.
 * One wrong number fact is behind both.
 */
export interface Total {
  /** The same for both steps. */
  readonly id: string;
  readonly rule: Rule;
  /** What this step has of a total. */
  part(total: bigint): bigint;
  /** The total of what was written down and what was carried. */
  join(written: bigint, carried: bigint): bigint;
}

/**
 * The working of an item, in the order in which it is done. Each step uses only earlier ones:
 *
 *   digit.0 --> carry.1 --> digit.1 --> carry.2 --> digit.2      (all digits) --> answer
 */
export interface Graph {
  readonly steps: readonly Step[];
  readonly byId: ReadonlyMap<string, Step>;
  /** Exchanges of steps under which the working is as good: the rows and columns of a grid. */
  readonly symmetries: readonly Symmetry[];
}

/** Steps that change places in pairs: each of a pair names the other. Steps that stay are not named. */
export type Symmetry = Readonly<Record<string, string>>;

/** The graph of these steps, in the order in which they are done. */
export function graphOf(steps: readonly Step[], symmetries: readonly Symmetry[] = []): Graph {
  return { steps, byId: new Map(steps.map((step) => [step.id, step])), symmetries };
}

const usersByGraph = new WeakMap<Graph, Map<string, Step[]>>();

/** The steps that use a step, in their order. */
export function usersOf(graph: Graph, id: string): readonly Step[] {
  let users = usersByGraph.get(graph);
  if (!users) {
    users = new Map();
    for (const step of graph.steps) {
      for (const used of step.uses) users.set(used, [...(users.get(used) ?? []), step]);
    }
    usersByGraph.set(graph, users);
  }
  return users.get(id) ?? [];
}

/** Steps that change places in pairs. */
export function swaps(pairs: readonly (readonly [string, string])[]): Symmetry {
  return Object.fromEntries(
    pairs.flatMap(([one, other]) => [
      [one, other],
      [other, one]
    ])
  );
}

/** The step that stands in the place of another under a symmetry. */
export function exchanged(symmetry: Symmetry, step: string): string {
  return symmetry[step] ?? step;
}

/** Name of the last step of every graph. */
export const ANSWER = 'answer';

export type Values = ReadonlyMap<string, Value | undefined>;

/** The value of every step; `fixed` overrides the rules of the steps it has. */
export function evaluate(graph: Graph, fixed?: Values): Values {
  const value = valuesOf(graph, fixed);
  return new Map(graph.steps.map(({ id }) => [id, value(id)]));
}

/** Values that follow from the rules alone: they are asked for again and again while an item is marked. */
const unfixed = new WeakMap<Graph, Get>();

/** As {@link evaluate}, but each value is computed when it is first asked for. */
export function valuesOf(graph: Graph, fixed?: Values): Get {
  if (fixed) return computed(graph, fixed);
  let value = unfixed.get(graph);
  if (!value) unfixed.set(graph, (value = computed(graph, new Map())));
  return value;
}

function computed(graph: Graph, fixed: Values): Get {
  const values = new Map<string, Value | undefined>(fixed);
  const underway = new Set<string>();
  const value: Get = (id) => {
    if (values.has(id)) return values.get(id);
    const step = graph.byId.get(id);
    if (!step) throw new Error(`valuesOf: no step '${id}' in the graph`);
    if (underway.has(id)) throw new Error(`valuesOf: step '${id}' uses itself`);
    underway.add(id);
    spend(1);
    const result = step.rule(value);
    values.set(id, result);
    return result;
  };
  return value;
}

/** What a step is given instead of its rule: a rule of its own with the steps that rule uses. */
export type Replacement = Pick<Step, 'uses' | 'rule' | 'accepts'>;

export type Replacements = Readonly<Record<string, Replacement>>;

/** The same graph with the rules of some steps replaced; ids that are not in the graph are refused. */
export function replaceRules(graph: Graph, replacements: Replacements): Graph {
  const unknown = Object.keys(replacements).find((id) => !graph.byId.has(id));
  if (unknown) throw new Error(`replaceRules: no step '${unknown}' in the graph`);
  const steps = graph.steps.map((step) => {
    const replacement = replacements[step.id];
    return replacement ? { ...step, ...replacement } : step;
  });
  return graphOf(steps, graph.symmetries);
}

/** Whether a step that has this value is rightly left unwritten. */
export function isSilent(step: Step, value: Value | undefined): boolean {
  return (
    step.silentAt !== undefined && value !== undefined && step.reading.equal(value, step.silentAt)
  );
}

/** Whether a step stands in the working: it has a value, and is not rightly left unwritten. */
export function isShown(step: Step, value: Value | undefined): boolean {
  return value !== undefined && !step.isUnwritten && !isSilent(step, value);
}

/** Whether a step stands in a worked example. */
export function isModelled(step: Step, value: Value | undefined): boolean {
  if (value === undefined || step.isUnwritten) return false;
  return step.modelled === true || !isSilent(step, value);
}

/** What stands at the steps of a worked example. */
export function modelledTexts(
  graph: Graph,
  values: Values,
  style = defaultHouseStyle
): Record<string, string> {
  return Object.fromEntries(
    graph.steps
      .filter((step) => isModelled(step, values.get(step.id)))
      .map((step) => [step.id, writtenValue(step, values.get(step.id), style)!])
  );
}

/** Whether two values of a step, either of which may be missing, are the same. */
export function sameValue(step: Step, one: Value | undefined, other: Value | undefined): boolean {
  return one !== undefined && other !== undefined && step.reading.equal(one, other);
}

/** A value as text, or undefined where there is none. */
export function printValue(step: Step, value: Value | undefined): string | undefined {
  return value === undefined ? undefined : step.reading.print(value);
}

/** A value as the house writes it, numerals apart, or undefined where there is none. */
export function writtenValue(
  step: Step,
  value: Value | undefined,
  style: HouseStyle
): string | undefined {
  return value === undefined ? undefined : (step.writes?.(value, style) ?? printValue(step, value));
}

/** The step of that id; a missing one is a programmer's mistake. */
export function stepOf(graph: Graph, id: string): Step {
  const step = graph.byId.get(id);
  if (!step) throw new Error(`stepOf: no step '${id}' in the graph`);
  return step;
}
