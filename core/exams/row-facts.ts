import { patternKey, splitPatternKey, WorkedItem, type Skill } from '../skill';
import { type Blueprint, type BlueprintRow } from './blueprint';

/** Those of some patterns that would show on an item. */
export function shownOn(
  skill: Skill,
  given: unknown,
  school: string,
  patterns: readonly string[]
): string[] {
  const shown = new WorkedItem(skill, given, school)
    .showing()
    .map(({ pattern }) => patternKey(skill.id, pattern.id));
  return patterns.filter((key) => shown.includes(key));
}

/** The part of a row's spread that an item is for, by the value it is asked for exactly. */
export function spreadOf({ spread }: BlueprintRow, features: Readonly<Record<string, unknown>>) {
  if (!spread) return null;
  const at = spread.parts.findIndex(({ control }) => control === features[spread.feature]);
  return at < 0 ? 0 : at;
}

/** The patterns of a skill that a plan asks for. */
export const patternsFor = ({ patterns = {} }: Blueprint, skill: string) =>
  Object.keys(patterns).filter((key) => splitPatternKey(key).skill === skill);
