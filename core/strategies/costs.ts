import { usualAdvice, type Advice } from '../house-style';
import { isShown, liveSteps, printValue, stepOf } from '../working';
import type { Skill } from '../skill/skill';
import { WorkedItem } from '../skill/worked-item';

/** Steps and what is held: what a way of working costs, and what ways are told apart by. */
export interface Cost {
  /** Steps that are not silent. */
  readonly steps: number;
  /** After each step, the digits of computed values still to be used: at their most. */
  readonly held: number;
}

/** Less is held, or as much in fewer steps. */
export const byCost = (one: Cost, other: Cost): number =>
  one.held - other.held || one.steps - other.steps;

/** Those that cost least: several where they tie, in their order. */
export function least<Way extends Cost>(ways: readonly Way[]): Way[] {
  const [best] = ways.toSorted(byCost);
  return ways.filter((way) => byCost(way, best!) === 0);
}

/** What of a value is held, by what a department counts. */
const sizes: Record<Advice['held'], (figures: string) => number> = {
  digits: (figures) => figures.length,
  'without-zeros': (figures) => figures.replace(/(?<=.)0+$/, '').length,
  values: () => 1
};

/** The cost of an item as it is worked. 532 - 298 by 300, 232, +2, 234 has 4 steps and holds 4 digits. */
function costOf({ graph, key }: WorkedItem, { held }: Advice = usualAdvice): Cost {
  const size = (id: string) =>
    sizes[held](printValue(stepOf(graph, id), key.get(id))!.replace(/\D/g, ''));
  return {
    steps: graph.steps.filter((step) => isShown(step, key.get(step.id))).length,
    held: Math.max(
      ...liveSteps(graph, key).map((live) => live.reduce((sum, id) => sum + size(id), 0))
    )
  };
}

/** The cost of a skill in one of its schools. */
export interface SchoolCost extends Cost {
  readonly school: string;
}

/** What each school of a skill costs on given numbers. */
export function costsOf(skill: Skill, given: unknown, advice?: Advice): SchoolCost[] {
  return Object.keys(skill.schools).map((school) => ({
    school,
    ...costOf(new WorkedItem(skill, given, school), advice)
  }));
}
