import { graphOf, stepOn, type Get, type Graph, type Step } from '.';

/** A step of whole numbers for graphs made up in tests; its kind is its name. */
export function step(
  id: string,
  uses: readonly string[],
  rule: Step['rule'],
  more: Partial<Step> = {}
): Step {
  return stepOn(id, { uses, rule }, { kind: id, ...more });
}

export function graph(steps: readonly Step[]): Graph {
  return graphOf(steps);
}

/** A value that is known to be a whole number. */
export const number = (get: Get, id: string) => get(id) as bigint | undefined;
