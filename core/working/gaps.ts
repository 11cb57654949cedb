import { ANSWER, isModelled, type Graph, type Values } from './graph';

/** The steps left blank in an example with gaps: the answer, and every second step that is written. */
export function gapSteps(graph: Graph, values: Values): Set<string> {
  const written = graph.steps
    .filter(
      (step) => step.id !== ANSWER && !step.assembled && isModelled(step, values.get(step.id))
    )
    .map(({ id }) => id);
  return new Set([...written.filter((_, at) => at % 2 === 1), ANSWER]);
}
