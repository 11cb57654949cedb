import { evaluate, isShown, liveSteps, printValue, stepOf, type Graph } from '../working';
import { skills } from './registry';
import type { Operation, Skill } from './skill';

/** What a way of working costs on given numbers. */
export interface StrategyCost {
  readonly skill: string;
  readonly school: string;
  /** Whether the numbers suit it. */
  readonly applies: boolean;
  /** Steps that are not silent. */
  readonly steps: number;
  /** After each step, the digits of computed values still to be used: at their most. */
  readonly held: number;
}

export interface Suitability {
  readonly strategies: readonly StrategyCost[];
  /** The skill with the least held, then the fewest steps, then first in the catalogue; null if none applies. */
  readonly cheapest: string | null;
}

/** The ways in which an operation on these operands can be worked, in the order of the catalogue. */
export function suitability(operation: Operation, operands: readonly string[]): Suitability {
  const strategies = skills.flatMap((skill) => costsOf(skill, operation, operands));
  const [cheapest] = strategies
    .filter(({ applies }) => applies)
    .sort((one, other) => one.held - other.held || one.steps - other.steps);
  return { strategies, cheapest: cheapest?.skill ?? null };
}

function costsOf(skill: Skill, operation: Operation, operands: readonly string[]): StrategyCost[] {
  const { strategy } = skill;
  if (strategy?.operation !== operation) return [];
  const given = strategy.given(operands);
  if (given === undefined) return [];
  return skill.schools.map((school) => ({
    skill: skill.id,
    school,
    applies: strategy.suits(given),
    ...costOf(skill.graph(given, school))
  }));
}

/** Steps and the most digits held, of one graph. 532 - 298 by 300, 232, +2, 234 has 4 and 4. */
function costOf(graph: Graph): { steps: number; held: number } {
  const values = evaluate(graph);
  const digits = (id: string) =>
    printValue(stepOf(graph, id), values.get(id))!.replace(/\D/g, '').length;
  const held = liveSteps(graph, values).map((live) =>
    live.reduce((sum, id) => sum + digits(id), 0)
  );
  return {
    steps: graph.steps.filter((step) => isShown(step, values.get(step.id))).length,
    held: Math.max(...held)
  };
}
