import { secondsOnPaper } from '../house-style';
import { availableMarks } from '../schemes';
import { WorkedItem, type Controls, type Skill } from '../skill';
import { difficultyOf, secondsOf } from '../skill/prediction';
import { type ItemSpace, type Told } from '../spaces';
import { type BlueprintRow } from './blueprint';
import { optionsOf } from './choice';
import { canShow } from './row-facts';
import { schemeOfPart, type House } from './paper-part';
import { controlsFor, drawSome } from './draw-some';
import { spreadItems } from './strata';

/** Combinations that are drawn from for their own sake, where marks differ and none of their items was met by chance. */
export const DRAWN_APART = 40;
/** Items of a row that are drawn and looked at, to find out what combinations are worth. */
export const LOOKED_AT = 240;

/** Items of one skill that a row asks for. */
export interface Asked {
  readonly row: BlueprintRow;
  readonly skill: Skill;
  readonly school: string;
  readonly controls: Controls;
  readonly spread: number | null;
  /** The asked-for patterns of the skill. */
  readonly patterns: readonly string[];
  readonly except: ReadonlySet<string>;
  readonly seed: number;
  readonly house: House;
}

/** Combinations of the features that marks, difficulty and time depend on, which come to the same. */
export interface Group {
  readonly marks: number;
  readonly difficulty: number;
  readonly seconds: number;
  readonly combinations: { told: Told; count: bigint }[];
  readonly met: unknown[];
}

export interface Grouped {
  readonly groups: readonly Group[];
  /** Whether that is all there is. */
  readonly isExact: boolean;
}

/** What was drawn of a space in which it takes too long to tell what occurs together, by what it is worth. */
export function sampledGroups(asked: Asked): Grouped {
  const { skill } = asked;
  const groups = new Map<string, Group>();
  for (const given of spreadItems(skill, asked)) {
    groupFor(groups, asked, skill.measure(given) as Told, marksOf(asked, given)!).met.push(given);
  }
  return { groups: [...groups.values()], isExact: false };
}

/** The group of what is worth so many marks and as hard and long as its features say; a new one if there is none. */
function groupFor(
  groups: Map<string, Group>,
  { row, skill, house }: Asked,
  told: Told,
  marks: number
): Group {
  const difficulty = Math.round(100 * difficultyOf(skill.weights, told));
  const seconds = secondsOnPaper(
    { kind: row.kind, seconds: secondsOf(skill.weights, told) },
    house.style.timing
  );
  const key = [marks, difficulty, seconds].join();
  const group = groups.get(key) ?? { marks, difficulty, seconds, combinations: [], met: [] };
  groups.set(key, group);
  return group;
}

/** Whether an item is worth as much as a group, and as hard and long. */
export function isOfGroup(asked: Asked, group: Group, given: unknown): boolean {
  if (marksOf(asked, given) !== group.marks) return false;
  const { row, skill, house } = asked;
  const features = skill.measure(given);
  const seconds = secondsOf(skill.weights, features);
  return (
    Math.round(100 * difficultyOf(skill.weights, features)) === group.difficulty &&
    secondsOnPaper({ kind: row.kind, seconds }, house.style.timing) === group.seconds
  );
}

/** The exact combinations of the space, put together by what they are worth. */
export function groupsOf(asked: Asked, space: ItemSpace<unknown>): Grouped {
  const { skill, controls, except, seed } = asked;
  const combinations = space.combinations(skill.decidingFeatures);
  const wanted = space.usable < BigInt(LOOKED_AT) ? Number(space.usable) : LOOKED_AT;
  const drawn = drawSome(skill, { controls, count: wanted, seed, except });
  const met = new Map<string, unknown[]>();
  for (const given of drawn) {
    const key = toldKey(skill, skill.measure(given) as Told);
    met.set(key, [...(met.get(key) ?? []), given]);
  }
  const usual = new Set(drawn.map((given) => marksOf(asked, given)));
  let apart = 0;
  let isExact = true;
  const groups = new Map<string, Group>();
  for (const { features: told, count } of combinations) {
    const own = met.get(toldKey(skill, told)) ?? [];
    // Where all that was met has the same marks the rest has them too; what is drawn in the end is looked at again.
    if (own.length === 0 && usual.size > 1 && apart++ < DRAWN_APART) {
      const narrowed = { ...controls, ...controlsFor(told) };
      own.push(...drawSome(skill, { controls: narrowed, count: 1, seed, except }));
    }
    const marks = own.length > 0 || usual.size > 1 ? marksOf(asked, own[0]) : [...usual][0];
    if (marks === undefined) {
      // All of its items may be excepted; else it was not looked into.
      isExact &&= apart <= DRAWN_APART;
      continue;
    }
    const group = groupFor(groups, asked, told, marks);
    group.combinations.push({ told, count });
    group.met.push(...own);
  }
  return { groups: [...groups.values()], isExact };
}

/** Marks of an item in a row; undefined if there is no item. */
export function marksOf(
  { row: { kind, each }, skill, school, house }: Asked,
  given: unknown
): number | undefined {
  if (given === undefined) return undefined;
  return each ?? availableMarks(schemeOfPart({ kind, skill: skill.id, school, given }, house));
}

/** Options of an item in a row of choices; undefined where it has too few wrong answers. */
export const optionsIn = ({ skill, school, house, seed }: Asked, given: unknown) =>
  optionsOf(skill, given, school, seed, house.style);

/** Those of some patterns that can show on an item of a row. */
export function shownAmong(
  asked: Asked,
  given: unknown,
  patterns: readonly string[]
): readonly string[] {
  if (patterns.length === 0) return [];
  const { row, skill, school } = asked;
  const options = row.kind === 'choice' ? optionsIn(asked, given) : undefined;
  const shown = canShow(new WorkedItem(skill, given, school), { kind: row.kind, options });
  return patterns.filter((key) => shown.includes(key));
}

const toldKey = (skill: Skill, told: Told) =>
  skill.decidingFeatures.map((name) => String(told[name])).join();

export function distinct(skill: Skill, items: readonly unknown[]): unknown[] {
  return [...new Map(items.map((given) => [skill.itemKey(given), given])).values()];
}
