import type { Operation } from '../skill/card';
import { costsOf, least, type Cost } from '../strategies/costs';
import { loadedSkills } from './registry';
import { secondsOf } from '../skill/prediction';

/** What a way of working costs on given numbers. */
export interface StrategyCost extends Cost {
  readonly skill: string;
  readonly school: string;
  /** Whether the numbers suit it. */
  readonly applies: boolean;
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

/**
 * The ways in which an operation on these operands, in this order, can be worked, of the skills that are loaded. Ways on
 * paper are weighed as if they were worked in the head.
 */
export function suitability(operation: Operation, operands: readonly string[]): Suitability {
  const strategies = loadedSkills().flatMap((skill): StrategyCost[] => {
    const given = skill.operation === operation ? skill.given.from?.(operands) : undefined;
    if (given === undefined) return [];
    const common = {
      skill: skill.id,
      applies: skill.suits(given),
      because: skill.because(given),
      seconds: secondsOf(skill.weights, skill.measure(given))
    };
    return costsOf(skill, given).map((cost) => ({ ...common, ...cost }));
  });
  const [cheapest] = least(strategies.filter(({ applies }) => applies));
  return { strategies, cheapest: cheapest?.skill ?? null };
}
