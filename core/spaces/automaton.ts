import { firstWhere } from './binary-search';
import { ranked, type Space } from './space';
import { spend } from './spending';

/** Work of a state, beside that of each of its edges. */
const STATE_WORK = 10;

/**
 * A digit automaton reads a number column by column. Each edge stands for `ways` choices of digits
 * that have the same effect on everything the state remembers, so they are merged:
 *
 *   start --ways x choice--> state --ways x choice--> ... --ways x choice--> accepted
 *
 * The state holds only what later columns or the constraints still need to know, so the dynamic
 * programme over states counts all numbers without listing one. A state is packed into one whole number
 * (up to 2^53 - 1), equal for two states exactly when everything that can follow is equal.
 */
export interface DigitAutomaton<Choice> {
  readonly start: number;
  /** Calls `visit` for each edge out of a state; `next` is a state, or below 0 an end ({@link ended}). */
  edges(state: number, visit: Visit<Choice>): void;
}

export type Visit<Choice> = (ways: number, choice: Choice, next: number) => void;

/** The end of an accepted number that is told by a code, a whole number from 0. */
export function ended(code = 0): number {
  return -1 - code;
}

/** One column of an accepted number: the merged choice, and which of its `ways` was taken. */
export interface Column<Choice> {
  readonly choice: Choice;
  readonly index: number;
}

/** The ranked space of all accepted paths. Building costs one visit to each reachable state. */
export function automatonSpace<Choice>(automaton: DigitAutomaton<Choice>): Space<Column<Choice>[]> {
  const root = buildNode(automaton, automaton.start, new Map());
  return ranked(root.count, (rank) => pathAt(root, rank));
}

/** How many paths an automaton accepts, without keeping its edges. */
export function countPaths<Choice>(automaton: DigitAutomaton<Choice>): bigint {
  const counts = new Map<number, bigint>();
  const count = (state: number): bigint => {
    if (state < 0) return 1n;
    const known = counts.get(state);
    if (known !== undefined) return known;
    let total = 0n;
    spend(STATE_WORK);
    automaton.edges(state, (ways, _, next) => {
      spend(1);
      total += BigInt(ways) * count(next);
    });
    counts.set(state, total);
    return total;
  };
  return count(automaton.start);
}

/** Whether an automaton accepts any path at all: a search that ends at the first, and visits no state twice. */
export function acceptsAny<Choice>(automaton: DigitAutomaton<Choice>): boolean {
  const seen = new Set<number>();
  let isFound = false;
  const search = (state: number): void => {
    if (isFound || seen.has(state)) return;
    seen.add(state);
    spend(STATE_WORK);
    automaton.edges(state, (_ways, _choice, next) => {
      spend(1);
      if (next < 0) isFound = true;
      else search(next);
    });
  };
  search(automaton.start);
  return isFound;
}

/** How many paths end with each code: all states are met column by column, each once. */
export function countEndings<Choice>(automaton: DigitAutomaton<Choice>): Map<number, bigint> {
  const endings = new Map<number, bigint>();
  let here = new Map<number, bigint>([[automaton.start, 1n]]);
  while (here.size > 0) {
    const there = new Map<number, bigint>();
    for (const [state, paths] of here) {
      spend(STATE_WORK);
      automaton.edges(state, (ways, _choice, next) => {
        spend(1);
        const [counts, key] = next < 0 ? [endings, ended(next)] : [there, next];
        counts.set(key, (counts.get(key) ?? 0n) + paths * BigInt(ways));
      });
    }
    here = there;
  }
  return endings;
}

interface Node<Choice> {
  readonly count: bigint;
  /** The count as a number, exact as long as it is safe. */
  readonly few: number;
  readonly edges: readonly BuiltEdge<Choice>[];
}

interface BuiltEdge<Choice> {
  readonly choice: Choice;
  readonly node: Node<Choice>;
  /** Paths through this edge and all edges before it, and as a number, exact as long as it is safe. */
  readonly upTo: bigint;
  readonly few: number;
}

function buildNode<Choice>(
  automaton: DigitAutomaton<Choice>,
  state: number,
  built: Map<number, Node<Choice>>
): Node<Choice> {
  if (state < 0) return { count: 1n, few: 1, edges: [] };
  const known = built.get(state);
  if (known) return known;
  const edges: BuiltEdge<Choice>[] = [];
  let upTo = 0n;
  spend(STATE_WORK);
  automaton.edges(state, (ways, choice, next) => {
    spend(1);
    const node = buildNode(automaton, next, built);
    if (node.count === 0n) return;
    upTo += BigInt(ways) * node.count;
    edges.push({ choice, node, upTo, few: Number(upTo) });
  });
  const node = { count: upTo, few: Number(upTo), edges };
  built.set(state, node);
  return node;
}

/** The path of a rank: with big integers as long as there are too many paths for plain numbers, which are fast. */
function pathAt<Choice>(root: Node<Choice>, rank: bigint): Column<Choice>[] {
  const path: Column<Choice>[] = [];
  let node = root;
  let rest = rank;
  while (node.few > Number.MAX_SAFE_INTEGER) {
    const above = rest;
    const { edges } = node;
    const at = firstWhere(edges.length, (place) => edges[place]!.upTo > above);
    const edge = edges[at]!;
    if (at > 0) rest -= node.edges[at - 1]!.upTo;
    const index = rest / edge.node.count;
    path.push({ choice: edge.choice, index: Number(index) });
    rest -= index * edge.node.count;
    node = edge.node;
  }
  let left = Number(rest);
  while (node.edges.length > 0) {
    const above = left;
    const { edges } = node;
    const at = firstWhere(edges.length, (place) => edges[place]!.few > above);
    const edge = edges[at]!;
    if (at > 0) left -= node.edges[at - 1]!.few;
    path.push({ choice: edge.choice, index: Math.floor(left / edge.node.few) });
    left %= edge.node.few;
    node = edge.node;
  }
  return path;
}
