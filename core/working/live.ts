import { isShown, type Graph, type Values } from './graph';

/**
 * After each step in turn, the steps whose values are still to be used: what a person doing it in the
 * head would have to hold. Silent steps hold nothing.
 */
export function liveSteps(graph: Graph, values: Values): string[][] {
  const lastUse = new Map<string, number>();
  graph.steps.forEach((step, at) =>
    (step.holds ?? step.uses).forEach((used) => lastUse.set(used, at))
  );
  return graph.steps.map((_, at) =>
    graph.steps
      .slice(0, at + 1)
      .filter((step) => (lastUse.get(step.id) ?? -1) > at && isShown(step, values.get(step.id)))
      .map((step) => step.id)
  );
}
