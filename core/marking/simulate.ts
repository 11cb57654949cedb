import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { defaultHouseStyle } from '../house-style';
import type { WorkedItem } from '../skill/worked-item';
import type { RandomGenerator } from '../spaces';
import { evaluate, isShown, printValue, type Graph, type Values } from '../working';
import type { Working } from './readings';

/** A made-up pupil whose habits are known. Rates and degrees are probabilities, 0 to 1. */
export interface SimulatedPupil {
  /** Error patterns held, each with the chance that it is followed on an item where it shows. */
  readonly holds: readonly { pattern: string; degree: number }[];
  /** Chance of one careless slip on an item. */
  readonly slipRate: number;
  /** Chance that the small marks (carries) of an item are written down. */
  readonly writesMarks: number;
  /** Chance that an item is left out altogether. */
  readonly leavesOut: number;
}

/** What such a pupil writes on one item, and what really happened. */
export interface SimulatedScript {
  readonly working: Working;
  readonly truth: { readonly pattern: string | null; readonly slip: string | null };
}

/** Works one item as the pupil would; the same random source gives the same script. */
export function simulate(
  item: WorkedItem,
  pupil: SimulatedPupil,
  random: RandomGenerator
): SimulatedScript {
  const happens = (chance: number) => uniformFloat64(random) < chance;
  if (happens(pupil.leavesOut)) return { working: {}, truth: { pattern: null, slip: null } };
  const shown = item.showing().map(({ pattern }) => pattern);
  // Of several that could show, the one held first has the first say.
  const pattern = pupil.holds
    .flatMap(({ pattern: id, degree }) =>
      shown.filter((one) => one.id === id).map((one) => ({ one, degree }))
    )
    .find(({ degree }) => happens(degree))?.one;
  const graph = (pattern && item.wrong(pattern)) ?? item.graph;
  const slip = happens(pupil.slipRate) ? slipOn(graph, random) : undefined;
  const values = evaluate(graph, slip?.values);
  return {
    working: write(graph, values, happens(pupil.writesMarks) ? [] : smallMarks(item)),
    truth: { pattern: pattern?.id ?? null, slip: slip?.step ?? null }
  };
}

/** A slip at one step that is written; undefined where there is nothing to slip at. */
function slipOn(
  graph: Graph,
  random: RandomGenerator
): { step: string; values: Values } | undefined {
  const values = evaluate(graph);
  const steps = graph.steps.filter(
    (step) =>
      !step.assembled &&
      isShown(step, values.get(step.id)) &&
      step.reading.near(values.get(step.id)!).length > 0
  );
  if (steps.length === 0) return undefined;
  const step = steps[uniformInt(random, 0, steps.length - 1)]!;
  const near = step.reading.near(values.get(step.id)!);
  return {
    step: step.id,
    values: new Map([[step.id, near[uniformInt(random, 0, near.length - 1)]!]])
  };
}

/** Steps that stand small in a corner or above: what a pupil may keep in the head. */
function smallMarks(item: WorkedItem): string[] {
  return item
    .layout(defaultHouseStyle)
    .cells.flatMap((cell) => (cell.type === 'step' && cell.role === 'carry' ? [cell.step] : []));
}

function write(graph: Graph, values: Values, unwritten: readonly string[]): Working {
  return Object.fromEntries(
    graph.steps.flatMap((step) => {
      const text = printValue(step, values.get(step.id));
      if (text === undefined || !isShown(step, values.get(step.id))) return [];
      return unwritten.includes(step.id) ? [] : [[step.id, text]];
    })
  );
}
