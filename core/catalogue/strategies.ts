import { usualAdvice } from '../house-style';
import { competing, takenBy, type Taken } from '../strategies/best-strategy';
import { costsOf, least, type Cost } from '../strategies/costs';
import { isInHead } from '../skill/card';
import type { Calculation } from '../skill/given/calculation';
import { findCard, loadedSkills } from './registry';
import { secondsOf } from '../skill/prediction';

/** A way of working some numbers, in words. */
export interface Strategy extends Cost {
  readonly skill: string;
  readonly school: string;
  readonly title: string;
  /** The numbers in the order in which they suit it. */
  readonly operands: readonly string[];
  /** Whether the numbers suit it. */
  readonly applies: boolean;
  readonly because: string;
  /** Predicted time. */
  readonly seconds: number;
  /** None that is advised costs less; several are where they tie. */
  readonly isCheapest: boolean;
  /** It is a way in the head; one on paper is weighed as if it were worked so. */
  readonly isInHead: boolean;
}

/**
 * The ways of working some numbers, of the skills that are loaded, with what each costs. None where there is only
 * one skill for it: how that is written is up to the house.
 */
export function strategiesOf(sum: Calculation, advice = usualAdvice): Strategy[] {
  const ways = allStrategiesOf(sum, advice);
  return new Set(ways.map(({ skill }) => skill)).size < 2 ? [] : ways;
}

/** As {@link strategiesOf}, though there be only one. */
export function allStrategiesOf(sum: Calculation, advice = usualAdvice): Strategy[] {
  const ways = loadedSkills().flatMap((skill) => {
    const taken = takenBy(skill, sum, advice);
    return taken ? costsOf(skill, taken.given, advice).map((cost) => ({ ...taken, ...cost })) : [];
  });
  const cheapest = least(
    competing(
      ways.filter(({ applies }) => applies),
      advice
    )
  );
  return ways.map((way) => {
    const { skill, given, school, steps, held, operands, applies } = way;
    return {
      ...{ skill: skill.id, school, title: titleOf(way), operands, applies, steps, held },
      because: skill.because(given, advice),
      seconds: secondsOf(skill.weights, skill.measure(given)),
      isCheapest: cheapest.includes(way),
      isInHead: isInHead(skill)
    };
  });
}

function titleOf({ skill, school }: Taken & { school: string }): string {
  const { title, schools } = findCard(skill.id)!;
  const named = Object.keys(schools).length > 1 ? schools[school] : undefined;
  return named ? `${title}: ${named.toLowerCase()}` : title;
}
