import { isShown, liveSteps, printValue, stepOf } from '../working';
import type { Operation } from './card';
import { loadedSkills } from './registry';
import type { Skill } from './skill';
import { secondsOf } from './weights';
import { WorkedItem } from './worked';

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
  /** Why the numbers suit it or not, in a sentence. */
  readonly because: string;
  /** Predicted time. */
  readonly seconds: number;
}

export interface Suitability {
  readonly strategies: readonly StrategyCost[];
  /** The skill with the least held, then the fewest steps, then first in the catalogue; null if none applies. */
  readonly cheapest: string | null;
}

/** The ways in which an operation on these operands can be worked, of the skills that are loaded. */
export function suitability(operation: Operation, operands: readonly string[]): Suitability {
  const strategies = loadedSkills().flatMap((skill) => costsOf(skill, operation, operands));
  return { strategies, cheapest: cheapestOf(strategies)?.skill ?? null };
}

/** Of the ways that suit, the one with the least held, then the fewest steps; undefined if none suits. */
export function cheapestOf(strategies: readonly StrategyCost[]): StrategyCost | undefined {
  return strategies
    .filter(({ applies }) => applies)
    .sort((one, other) => one.held - other.held || one.steps - other.steps)[0];
}

/** The ways that cost as little as the cheapest: several where they tie. */
export function cheapestWays(strategies: readonly StrategyCost[]): StrategyCost[] {
  const best = cheapestOf(strategies);
  return strategies.filter(
    ({ applies, held, steps }) => applies && held === best?.held && steps === best.steps
  );
}

function costsOf(skill: Skill, operation: Operation, operands: readonly string[]): StrategyCost[] {
  if (skill.operation !== operation) return [];
  const given = skill.given.from?.(operands);
  if (given === undefined) return [];
  const common = {
    skill: skill.id,
    applies: skill.suits(given),
    because: skill.because(given),
    seconds: secondsOf(skill.weights, skill.measure(given))
  };
  return Object.keys(skill.schools).map((school) => ({
    ...common,
    school,
    ...costOf(new WorkedItem(skill, given, school))
  }));
}

/** Steps and the most digits held. 532 - 298 by 300, 232, +2, 234 has 4 and 4. */
function costOf({ graph, key }: WorkedItem): { steps: number; held: number } {
  const digits = (id: string) =>
    printValue(stepOf(graph, id), key.get(id))!.replace(/\D/g, '').length;
  const held = liveSteps(graph, key).map((live) => live.reduce((sum, id) => sum + digits(id), 0));
  return {
    steps: graph.steps.filter((step) => isShown(step, key.get(step.id))).length,
    held: Math.max(...held)
  };
}
