import type { Operation } from './card';
import { findCard } from './registry';
import { cheapestOf, suitability } from './suitability';

/** A way of working some numbers, in words. */
export interface Way {
  readonly title: string;
  /** Steps that are not silent, and the most digits that are held at once. */
  readonly steps: number;
  readonly held: number;
  /** Whether the numbers suit it. */
  readonly applies: boolean;
  readonly isCheapest: boolean;
}

/**
 * The ways of working some numbers, of the skills that are loaded, with what each costs. None where there is only
 * one skill for it: how that is written is up to the house.
 */
export function waysOf(operation: Operation, operands: readonly string[]): Way[] {
  const { strategies } = suitability(operation, operands);
  if (new Set(strategies.map(({ skill }) => skill)).size < 2) return [];
  const cheapest = cheapestOf(strategies);
  return strategies.map((one) => {
    const { title, schools } = findCard(one.skill)!;
    const school = Object.keys(schools).length > 1 ? schools[one.school] : undefined;
    const { steps, held, applies } = one;
    return {
      title: school ? `${title}: ${school.toLowerCase()}` : title,
      ...{ steps, held, applies },
      isCheapest: one === cheapest
    };
  });
}
