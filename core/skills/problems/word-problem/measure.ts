import type { Features } from '../../../skill/feature';
import type { Skill } from '../../../skill/skill';
import { operandsOf, type ArithmeticSkill, type Sum } from './arithmetic';
import { lineOf } from './problem';

/** What a skill measures of a calculation. */
export type ArithmeticMeasure = (skill: ArithmeticSkill, sum: Sum) => Features;

/** The item of a skill that a calculation is. */
export function itemOfSum(skill: Skill, sum: Sum): unknown {
  const item = skill.given.from?.(operandsOf(sum)) ?? skill.given.parse(lineOf(sum));
  if (item === undefined) throw new Error(`itemOfSum: ${skill.id} has no item ${lineOf(sum)}`);
  return item;
}

/** Calculations whose features are kept; those of all contexts are fewer. */
const MOST_KEPT = 500_000;

/** Measures calculations by their skills. Features are kept: the same numbers are asked for again and again. */
export function measuring(skills: readonly Skill[]): ArithmeticMeasure {
  const byId = new Map(skills.map((skill) => [skill.id, skill]));
  const kept = new Map<string, Map<number, Map<number, Features>>>();
  // Most calculations are alike in all that is measured of them.
  const alike = new Map<string, Features>();
  let size = 0;
  const measured = (id: string, sum: Sum): Features => {
    const skill = byId.get(id)!;
    const features = skill.measure(itemOfSum(skill, sum));
    const text = JSON.stringify(features);
    const known = alike.get(text);
    if (!known) alike.set(text, features);
    return known ?? features;
  };
  return (id, sum) => {
    const [one, other, third] = sum.amounts;
    if (third !== undefined) return measured(id, sum);
    if (size > MOST_KEPT) [size] = [0, kept.clear(), alike.clear()];
    const ofSkill = inMap(kept, `${id} ${sum.notation}`, () => new Map());
    const ofOne = inMap<number, Map<number, Features>>(ofSkill, one!, () => new Map());
    return inMap(ofOne, other!, () => {
      size++;
      return measured(id, sum);
    });
  };
}

function inMap<Key, Value>(map: Map<Key, Value>, key: Key, make: () => Value): Value {
  let value = map.get(key);
  if (value === undefined) map.set(key, (value = make()));
  return value;
}
