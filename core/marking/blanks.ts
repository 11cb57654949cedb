import type { Value } from '../numbers';
import {
  sameValue,
  usersOf,
  valuesOf,
  type Get,
  type Graph,
  type Step,
  type Values
} from '../working';

/** What stands at a step. */
export interface WrittenEntry {
  readonly text: string;
  readonly value: Value | undefined;
  readonly assembled: boolean;
  readonly isUnreadable: boolean;
}

/** Whether a value is what the rule gives, or as good. */
export function fits(step: Step, value: Value, own: Value | undefined, get: Get): boolean {
  return sameValue(step, value, own) || (step.accepts?.(value, get) ?? false);
}

/** A step that is blank, or wrong, in the middle of a working. */
export interface Blank {
  readonly step: Step;
  readonly own: Value | undefined;
  readonly key: Values;
  readonly written: ReadonlyMap<string, WrittenEntry>;
  readonly resolved: ReadonlyMap<string, Value | undefined>;
}

/** Whether a blank step was left out rather than done in the head: more of what is written follows then. */
export function isLeftOut(graph: Graph, { step, own, key, written, resolved }: Blank): boolean {
  if (step.leftOut === undefined || sameValue(step, own, step.leftOut)) return false;
  const explained = explaining(graph, { step, key, written, resolved });
  return explained(step.leftOut) > explained(own);
}

/** The written steps that use a step, at once or by way of a blank that nobody leaves out for itself. */
function writtenUsers(
  graph: Graph,
  step: Step,
  written: ReadonlyMap<string, WrittenEntry>
): Step[] {
  const reached = new Set<Step>();
  const visit = (id: string) => {
    for (const user of usersOf(graph, id)) {
      if (reached.has(user)) continue;
      reached.add(user);
      if (written.get(user.id)?.value === undefined && user.leftOut === undefined) visit(user.id);
    }
  };
  visit(step.id);
  return [...reached].filter(({ id }) => written.get(id)?.value !== undefined);
}

/**
 * How much of what is written by way of a step is explained if it has a value: what follows from it counts
 * twice, as what is only right, but not by these figures, might be so by chance.
 */
function explaining(
  graph: Graph,
  { step, key, written, resolved }: Pick<Blank, 'step' | 'key' | 'written' | 'resolved'>
): (reading: Value | undefined) => number {
  const users = writtenUsers(graph, step, written);
  return (reading) => {
    if (users.length === 0) return 0;
    const get = valuesOf(graph, new Map(resolved).set(step.id, reading));
    return users.reduce((sum, user) => {
      const value = written.get(user.id)!.value!;
      if (fits(user, value, user.rule(get), get)) return sum + 2;
      return sum + (sameValue(user, value, key.get(user.id)) ? 1 : 0);
    }, 0);
  };
}

/**
 * The total behind a wrong figure: with what was carried, or, where that was done in the head, with the carry
 * near the right one from which most of what is written next follows. Undefined where no total is shown.
 */
export function totalShown(graph: Graph, blank: Blank, value: Value): bigint | undefined {
  const { step, written, resolved } = blank;
  const partner = partnerOf(graph, step);
  const total = step.total?.rule((id) => resolved.get(id));
  if (!partner?.total || typeof total !== 'bigint' || typeof value !== 'bigint') return undefined;
  const { part, join } = step.total!;
  if (part(join(value, 0n)) !== value) return undefined;
  // A figure with what is left of the right total by it shows no wrong total: it is the figure that is wrong.
  const shown = (carried: bigint) => {
    const joined = join(value, carried);
    return joined === total ? undefined : joined;
  };
  const carried = written.get(partner.id)?.value;
  if (typeof carried === 'bigint') return shown(carried);
  const usual = partner.total.part(total);
  const explained = explaining(graph, { ...blank, step: partner });
  const left = total - join(value, 0n);
  const faithful = join(value, left) === total ? [left] : [];
  const likeliest = [usual, usual - 1n, usual + 1n, ...faithful]
    .filter((one) => one >= 0n)
    .reduce((best, one) => (explained(one) > explained(best) ? one : best));
  return shown(likeliest);
}

/** The step at which the other part of a total stands. */
function partnerOf(graph: Graph, step: Step): Step | undefined {
  return graph.steps.find((one) => one !== step && one.total?.id === step.total?.id);
}

/** Whether a wrong value comes of a number fact that is a multiple too many or too few. */
export function isWrongFact(
  graph: Graph,
  { step, written, resolved }: Blank,
  value: Value,
  total: bigint | undefined
): boolean {
  const facts = step.facts?.((id) => resolved.get(id)) ?? [];
  if (!step.total) return facts.some((fact) => sameValue(step, fact, value));
  const partner = partnerOf(graph, step);
  const isAlone = partner === undefined || written.get(partner.id)?.value === undefined;
  return facts.some((fact) => fact === total || (isAlone && step.total!.part(fact) === value));
}
