import { spend, type Range } from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { decoysIn, nodes, pairsIn, type Node, type Taken } from './nodes';

/** So far in the chains: what is still to be taken, and what has been. */
interface State {
  readonly left: number;
  readonly before: Taken;
  readonly pairs: number;
  readonly decoys: number;
  /** How often the numbers of each node were taken, the same in every order of the nodes: `21 11`. */
  readonly shape: readonly string[];
}

/** How many sums of so many numbers are wanted when those of the same numbers count once. */
export function countSets(addends: number, pairs: Range, wanted: Wanted): bigint {
  let states = new Map<string, { state: State; sets: number }>();
  const none = { one: 0, other: 0 };
  // States are only told apart by what is asked for.
  const [tellsDecoys, tellsShape] = [wanted.asks('decoys'), wanted.asks('adjacent')];
  put(states, { left: addends, before: none, pairs: 0, decoys: 0, shape: [] }, 1);
  for (const node of nodes) {
    const next: typeof states = new Map();
    for (const { state, sets } of states.values()) {
      for (let one = 0; one <= (node.one === undefined ? 0 : state.left); one++) {
        const rest = state.left - one;
        for (let other = 0; other <= (node.other === undefined ? 0 : rest); other++) {
          const taken = { one, other };
          const found = state.pairs + pairsIn(node, taken);
          if (found > pairs.max) continue;
          const after = {
            ...{ left: rest - other, before: tellsDecoys ? taken : none, pairs: found },
            decoys: tellsDecoys ? state.decoys + decoysIn(node, taken, state.before) : 0,
            shape: tellsShape ? withKind(state.shape, node, taken) : state.shape
          };
          put(next, after, sets);
        }
      }
    }
    states = next;
  }
  let found = 0;
  for (const { state, sets } of states.values()) {
    if (state.left > 0 || state.pairs < pairs.min || state.pairs > pairs.max) continue;
    if (!wanted.meets({ decoys: state.decoys })) continue;
    const isAny =
      !wanted.asks('adjacent') ||
      [...neighbours(state.shape)].some((adjacent) => wanted.meets({ adjacent }));
    if (isAny) found += sets;
  }
  return BigInt(found);
}

function withKind(shape: readonly string[], node: Node, { one, other }: Taken): readonly string[] {
  if (one + other === 0) return shape;
  const kind = `${node.isOwnPartner ? 'own' : Math.min(one, other)}${Math.max(one, other)}`;
  return [...shape, kind].sort();
}

function put(states: Map<string, { state: State; sets: number }>, state: State, sets: number) {
  spend(1);
  const { left, before, pairs, decoys, shape } = state;
  const key = [left, before.one, before.other, pairs, decoys, ...shape].join();
  const same = states.get(key);
  if (same) same.sets += sets;
  else states.set(key, { state, sets });
}

const known = new Map<string, ReadonlySet<number>>();

/** How many neighbours can make a hundred in the orders of numbers of a shape. */
function neighbours(shape: readonly string[]): ReadonlySet<number> {
  const key = shape.join();
  let found = known.get(key);
  if (!found) known.set(key, (found = new Set(inAnyOrder(shape))));
  return found;
}

function* inAnyOrder(shape: readonly string[]): Generator<number> {
  // Numbers of a node are named by it, and by which of the two they are: partners differ in that alone.
  const left = new Map<string, number>();
  shape.forEach((kind, at) => {
    const own = kind.startsWith('own');
    const [fewer, more] = own ? [0, Number(kind.slice(3))] : [Number(kind[0]), Number(kind[1])];
    left.set(own ? `${at}=` : `${at}+`, more);
    if (fewer > 0) left.set(`${at}-`, fewer);
  });
  const arePartners = (one: string, other: string) =>
    one.slice(0, -1) === other.slice(0, -1) && (one !== other || one.endsWith('='));
  function* placed(last: string | undefined, sum: number): Generator<number> {
    const open = [...left].filter(([, count]) => count > 0);
    if (open.length === 0) yield sum;
    for (const [name, count] of open) {
      left.set(name, count - 1);
      yield* placed(name, sum + (last !== undefined && arePartners(last, name) ? 1 : 0));
      left.set(name, count);
    }
  }
  yield* placed(undefined, 0);
}
