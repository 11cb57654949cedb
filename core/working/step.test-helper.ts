import { wholeNumber, type Get, type Step } from '.';

/** A step of whole numbers for graphs made up in tests; its kind is its name. */
export function step(
  id: string,
  uses: readonly string[],
  rule: Step['rule'],
  more: Partial<Step> = {}
): Step {
  return { id, kind: id, uses, rule, reading: wholeNumber, ...more };
}

/** A value that is known to be a whole number. */
export const number = (get: Get, id: string) => get(id) as bigint | undefined;
