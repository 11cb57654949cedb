import type { Value } from '../numbers';
import {
  ANSWER,
  evaluate,
  sameValue,
  stepOf,
  type Graph,
  type Step,
  type Values
} from '../working';

export type SlipKind = 'digits-exchanged' | 'out-by-one' | 'table-fact';

/** The steps of which one wrong number fact, all else being right, gives an answer. */
export function factsBehind(graph: Graph, answer: Value): string[] {
  const key = evaluate(graph);
  const last = stepOf(graph, ANSWER);
  const gives = (fixed: Values) => sameValue(last, evaluate(graph, fixed).get(ANSWER), answer);
  return graph.steps.flatMap((step) => {
    const facts = step.facts?.((id) => key.get(id)) ?? [];
    return facts.some((fact) => gives(withFact(graph, step, fact))) ? [step.id] : [];
  });
}

/** What stands at a step, and at the other step of its total, after a wrong number fact. */
export function withFact(graph: Graph, step: Step, fact: bigint): Values {
  if (!step.total) return new Map([[step.id, fact]]);
  const parts = graph.steps.filter(({ total }) => total?.id === step.total!.id);
  return new Map(parts.map((one) => [one.id, one.total!.part(fact)]));
}
