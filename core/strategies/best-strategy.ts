import { usualAdvice, type Advice } from '../house-style';
import { byCost, costsOf, least, type SchoolCost } from './costs';
import { isInHead } from '../skill/card';
import type { Calculation } from '../skill/given/calculation';
import type { Skill } from '../skill/skill';

/** A sum as an item of a skill, its numbers in the order in which they suit it. */
export interface Taken {
  readonly skill: Skill;
  readonly given: unknown;
  readonly operands: readonly string[];
  readonly applies: boolean;
}

/** How a sum is an item of a skill; undefined if it is none. Numbers that may change places are also tried so. */
export function takenBy(
  skill: Skill,
  sum: Calculation,
  advice: Advice = usualAdvice
): Taken | undefined {
  if (skill.operation !== sum.operation) return undefined;
  const commutes = sum.operation === 'addition' || sum.operation === 'multiplication';
  const orders = commutes ? [sum.operands, sum.operands.toReversed()] : [sum.operands];
  const found = orders.flatMap((operands): Taken[] => {
    const given = skill.given.from?.(operands);
    if (given === undefined) return [];
    return [{ skill, given, operands, applies: skill.suits(given, advice) }];
  });
  return found.find(({ applies }) => applies) ?? found[0];
}

/** Of ways that suit: those in the head, else those on paper; all of them where a department weighs them together. */
export function competing<Way extends { readonly skill: Skill }>(
  suiting: readonly Way[],
  { onPaper }: Advice = usualAdvice
): Way[] {
  const inHead = suiting.filter(({ skill }) => isInHead(skill));
  return onPaper === 'last' && inHead.length > 0 ? inHead : [...suiting];
}

/** How a sum is best worked. */
export interface Choice {
  /** The ways that cost least, several where they tie; none if no way takes the numbers. */
  readonly best: readonly (Taken & SchoolCost)[];
  /** So many digits less are held than by the next best of the ways that compete; infinite where it is the only one. */
  readonly margin: number;
}

/** Weighs the ways of working a sum, each by its cheapest school: in the head where that can be, else on paper. */
export function choiceAmong(skills: readonly Skill[], sum: Calculation): Choice {
  const suiting = skills.flatMap((skill) => takenBy(skill, sum) ?? []).filter((way) => way.applies);
  const costed = competing(suiting)
    .map((way) => ({ ...way, ...costsOf(way.skill, way.given).toSorted(byCost)[0]! }))
    .toSorted(byCost);
  const [first, next] = costed;
  return { best: least(costed), margin: first && next ? next.held - first.held : Infinity };
}
