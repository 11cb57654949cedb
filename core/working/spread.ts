import { ANSWER, stepOf, type Graph, type Step } from './graph';

/**
 * A numeral spread over the squares that an assembled answer reads across, one digit to a square, by its places.
 * Undefined if the answer is not of that kind, or the numeral does not fit into the squares.
 * On 487 + 365, `842` gives digit.0 2, digit.1 4, digit.2 8; on 5.12 + 3.7, `9` gives zeros in its decimal places.
 */
export function spreadAnswer(graph: Graph, numeral: string): Record<string, string> | undefined {
  const [, whole, decimals = ''] = /^(\d+)(?:[.,](\d+))?$/.exec(numeral) ?? [];
  if (!stepOf(graph, ANSWER).assembled || whole === undefined) return undefined;
  const squares = new Map(readAcross(graph).map(({ place = 0, id }) => [place, id]));
  const [highest, lowest] = [Math.max(...squares.keys()), Math.min(...squares.keys())];
  if (whole.length > highest + 1 || decimals.length > -lowest) return undefined;
  const digits = whole + decimals.padEnd(-lowest, '0');
  return Object.fromEntries(
    [...digits].map((digit, at) => [squares.get(whole.length - 1 - at)!, digit])
  );
}

/** The squares that an answer reads across: those of the kind of the first, where it sees others as well. */
export function readAcross(graph: Graph): Step[] {
  const steps = stepOf(graph, ANSWER).uses.map((id) => stepOf(graph, id));
  return steps.filter(({ kind }) => kind === steps[0]!.kind);
}
