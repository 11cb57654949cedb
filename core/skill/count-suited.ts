import { spend } from '../spaces';
import type { Control, Controls } from './controls';
import { itemsUnder, type Skill } from './skill';

/** How many sums of a size there are of a way of working, and how many of them suit it. */
export interface Suiting {
  readonly all: bigint;
  readonly suit: bigint;
}

/** Features that say how long the numbers are, the first that a skill has counting before the others. */
const sizes = [['targetDigits'], ['digits', 'shortest', 'changeDigits']] as const;

/**
 * Counts the items whose numbers have so many digits, as far as the skill counts digits: of a target, if it has one, or of
 * the longer number alone. It is exact: by the space where that can tell, else one by one.
 */
export function countSuiting(skill: Skill, digits: number): Suiting {
  const specs = new Map(skill.features.map((feature) => [feature.id, feature]));
  const names =
    sizes.map((own) => own.filter((name) => specs.has(name))).find((own) => own[0]) ?? [];
  const areSo = (lengths: readonly number[]) => lengths.every((length) => length === digits);
  if (names.length === 0) return ofFixedSize(skill, areSo);
  const isPossible = names.every((name) => {
    const feature = specs.get(name)!;
    return feature.kind === 'number' && digits >= feature.min && digits <= feature.max;
  });
  if (!isPossible) return { all: 0n, suit: 0n };
  const controls: Record<string, Control> = Object.fromEntries(names.map((name) => [name, digits]));
  if (specs.has('addends')) controls['addends'] = 2;
  if (skill.suitsUnder === undefined) return lookedAt(skill, controls, () => true);
  return {
    all: itemsUnder(skill, controls).count,
    suit: itemsUnder(skill, { ...controls, ...skill.suitsUnder }).count
  };
}

/** Of a skill that counts no digits: all its numbers are of one length, or it has few enough items to look at. */
function ofFixedSize(skill: Skill, areSo: (lengths: readonly number[]) => boolean): Suiting {
  const { suitsUnder } = skill;
  if (suitsUnder === undefined) return lookedAt(skill, {}, areSo);
  const space = itemsUnder(skill, {});
  const lengths = skill.given.operands?.(space.ranked().at(0n)).map(({ length }) => length) ?? [];
  if (!areSo(lengths)) return { all: 0n, suit: 0n };
  return { all: space.count, suit: itemsUnder(skill, suitsUnder).count };
}

/** Work of making an item from its rank and looking at it. */
const LOOK_WORK = 10;

/** Looks at every item under some controls; of those whose numbers are so long. */
function lookedAt(
  skill: Skill,
  controls: Controls,
  isLong: (lengths: readonly number[]) => boolean
): Suiting {
  const { count, at } = itemsUnder(skill, controls).ranked();
  let [all, suit] = [0n, 0n];
  for (let rank = 0n; rank < count; rank++) {
    spend(LOOK_WORK);
    const given = at(rank);
    if (!isLong((skill.given.operands?.(given) ?? []).map(({ length }) => length))) continue;
    all++;
    if (skill.suits(given)) suit++;
  }
  return { all, suit };
}
