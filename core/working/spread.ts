import { ANSWER, stepOf, type Graph } from './graph';

/**
 * A numeral spread over the squares that an assembled answer reads across, one digit to a square from the
 * right. Undefined if the answer is not of that kind, or the numeral is longer than the squares.
 * On 487 + 365, `842` gives digit.0 2, digit.1 4, digit.2 8.
 */
export function spreadAnswer(graph: Graph, numeral: string): Record<string, string> | undefined {
  const answer = stepOf(graph, ANSWER);
  const squares = figuresOf(graph).reverse();
  if (!answer.assembled || !/^\d+$/.test(numeral) || numeral.length > squares.length) {
    return undefined;
  }
  const digits = [...numeral].reverse();
  return Object.fromEntries(digits.map((digit, at) => [squares[at]!, digit]));
}

/** The squares that an answer reads across: those of the kind of the first, where it sees others as well. */
function figuresOf(graph: Graph): string[] {
  const { uses } = stepOf(graph, ANSWER);
  return uses.filter((id) => stepOf(graph, id).kind === stepOf(graph, uses[0]!).kind);
}
