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

/**
 * Whether a numeral is a near miss of the right one: two of its digits exchanged, or one digit out by one.
 * Undefined if it is neither, or not a plain numeral.
 */
export function nearMiss(written: string, right: string): SlipKind | undefined {
  const places = [...right].map((digit, at) => ({ right: digit, written: written[at] }));
  if (written.length !== right.length || !/^\d+$/.test(written + right)) return undefined;
  const wrong = places.filter((place) => place.right !== place.written);
  if (wrong.length === 1) {
    const [place] = wrong;
    return Math.abs(Number(place!.right) - Number(place!.written)) === 1 ? 'out-by-one' : undefined;
  }
  const [first, second] = wrong;
  const exchanged =
    wrong.length === 2 && first!.right === second!.written && second!.right === first!.written;
  return exchanged ? 'digits-exchanged' : undefined;
}

/** How far a number is out that was counted on or back wrongly. */
const COUNTED_OUT = 2;

/**
 * Whether a wrong number could come of a wrong number fact: a near miss, one or two out, or as many figures of which one is
 * another. 15 for 150 and 24 for 6 come of something else.
 */
export function isNearNumber(written: string, right: string): boolean {
  if (nearMiss(written, right)) return true;
  if (Math.abs(Number(written) - Number(right)) <= COUNTED_OUT) return true;
  const others = [...right].filter((figure, at) => written[at] !== figure);
  return written.length === right.length && others.length === 1;
}

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
