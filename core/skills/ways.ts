import type { Operation } from './card';
import { findCard } from './registry';
import { cheapestWays, suitability } from './suitability';

/** A way of working some numbers, in words. */
export interface Way {
  readonly skill: string;
  readonly school: string;
  readonly title: string;
  /** Steps that are not silent, and the most digits that are held at once. */
  readonly steps: number;
  readonly held: number;
  /** Whether the numbers suit it. */
  readonly applies: boolean;
  readonly because: string;
  /** Predicted time. */
  readonly seconds: number;
  /** None costs less; several are where they tie. */
  readonly isCheapest: boolean;
}

/**
 * The ways of working some numbers, of the skills that are loaded, with what each costs. None where there is only
 * one skill for it: how that is written is up to the house.
 */
export function waysOf(operation: Operation, operands: readonly string[]): Way[] {
  const ways = allWaysOf(operation, operands);
  return new Set(ways.map(({ skill }) => skill)).size < 2 ? [] : ways;
}

/** As {@link waysOf}, though there be only one. */
export function allWaysOf(operation: Operation, operands: readonly string[]): Way[] {
  const { strategies } = suitability(operation, operands);
  const cheapest = cheapestWays(strategies);
  return strategies.map((one) => {
    const { title, schools } = findCard(one.skill)!;
    const school = Object.keys(schools).length > 1 ? schools[one.school] : undefined;
    return {
      title: school ? `${title}: ${school.toLowerCase()}` : title,
      ...one,
      isCheapest: cheapest.includes(one)
    };
  });
}
