import { secondsOnPaper } from '../house-style';
import { schoolIn, skillOf } from '../skill';
import { difficultyOf, secondsOf } from '../skill/prediction';
import { type Blueprint, type BlueprintRow, MOST_PARTS, NO_SECTION } from './blueprint';
import type { House } from './paper-part';
import type { PartClass } from './part-class';
import { type Asked, marksOf, shownAmong } from './item-groups';
import { recognised } from './picker';
import { spreadOf, patternsFor } from './row-facts';

export function ownClass(row: BlueprintRow): PartClass {
  const { marks, minutes, difficulty } = row.own!;
  return {
    ...{ row: row.id, section: row.section ?? NO_SECTION, skill: null, school: null },
    ...{ marks, difficulty: Math.round(100 * difficulty), seconds: Math.round(60 * minutes) },
    ...{ patterns: [], spread: null, most: MOST_PARTS, least: 0, isAtHand: true },
    draw: (count) => Array.from({ length: count }, () => null)
  };
}

/** The parts that are kept, each a class of its own that must be on the paper. */
export function keptClasses(
  plan: Blueprint,
  { seed, house }: { readonly seed: number; readonly house: House }
): PartClass[] {
  return (plan.keep ?? []).map(({ row: id, skill: name, school: own, given }) => {
    const row = plan.rows.find((one) => one.id === id)!;
    const skill = skillOf(name);
    const school = own ?? row.school ?? schoolIn(skill, house.style);
    const features = skill.measure(given);
    const asked = { row, skill, school, house, seed } as Asked;
    return {
      ...{ row: id, section: row.section ?? NO_SECTION, skill: name, school },
      marks: marksOf(asked, given)!,
      difficulty: Math.round(100 * difficultyOf(skill.weights, features)),
      seconds: secondsOnPaper(
        { ...row, seconds: secondsOf(skill.weights, features) },
        house.style.timing
      ),
      patterns: shownAmong(asked, given, patternsFor(plan, name)),
      spread: spreadOf(row, features),
      ...{ most: 1, least: 1, isAtHand: true },
      draw(_count, _seed, { remembered }) {
        remembered.add(recognised(asked, given));
        return [given];
      }
    };
  });
}
