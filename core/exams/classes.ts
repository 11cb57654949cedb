import { defaultHouseStyle } from '../house-style';
import { availableMarks } from '../schemes';
import {
  explainEmpty,
  findSkill,
  itemsUnder,
  patternKey,
  schoolIn,
  skillOf,
  splitPatternKey,
  WorkedItem,
  type Conflict,
  type Controls,
  type Skill
} from '../skill';
import { difficultyOf, secondsOf } from '../skill/prediction';
import { partSeed, keepRecent, tryWithin, type ItemSpace, type Told } from '../spaces';
import { type Blueprint, type BlueprintRow, MOST_PARTS, NO_SECTION } from './blueprint';
import { optionsOf } from './choice';
import { controlsFor, drawSome } from './draw-some';
import { isDear, spreadItems } from './strata';
import type { PartClass } from './part-class';

/** Work of finding out what the items of one skill in a row are worth. */
const ROW_WORK = 20e6;
/** Items of a row that are drawn and looked at, to find out what combinations are worth. */
const LOOKED_AT = 240;
/** Items of a class that are worked, where a plan asks what shows on them. */
const WORKED = 12;
/** Of classes with fewer, more are drawn. */
const FEW = 3;
/** Combinations that are drawn from for their own sake, where marks differ and none of their items was met by chance. */
const DRAWN_APART = 40;

export type RowClasses =
  | { readonly ok: true; readonly classes: readonly PartClass[]; readonly isExact: boolean }
  | { readonly ok: false; readonly error: EmptyRow | DearRow };

/** A row whose controls ask for too much work; they are named as a line of the plan. */
export interface DearRow {
  readonly code: 'too-hard';
  readonly leaveOut: readonly string[];
}

/** A row that no item meets, and which of its controls cannot hold together. */
export interface EmptyRow extends Conflict {
  readonly code: 'empty-space';
  readonly row: string;
  readonly skill: string;
}

/** Everything that the rows of a plan could be filled with. */
export function classesOf(plan: Blueprint, seed: number): RowClasses {
  const classes: PartClass[] = keptClasses(plan);
  let isExact = true;
  for (const row of plan.rows) {
    if (row.own) {
      classes.push(ownClass(row));
      continue;
    }
    for (const asked of requestsOf(plan, row, seed)) {
      const found = tryWithin(ROW_WORK, () => skillClasses(asked));
      if (!found) {
        return { ok: false, error: { code: 'too-hard', leaveOut: [`rows.${row.id}.controls`] } };
      }
      if (!found.ok) return found;
      classes.push(...found.classes);
      isExact &&= found.isExact;
    }
  }
  return { ok: true, classes, isExact };
}

/** Items of one skill that a row asks for. */
interface Asked {
  readonly row: BlueprintRow;
  readonly skill: Skill;
  readonly school: string;
  readonly controls: Controls;
  readonly spread: number | null;
  /** The asked-for patterns of the skill. */
  readonly patterns: readonly string[];
  readonly except: ReadonlySet<string>;
  readonly seed: number;
}

function requestsOf(plan: Blueprint, row: BlueprintRow, seed: number): Asked[] {
  return row.skills.flatMap((id): Asked[] => {
    const skill = skillOf(id);
    const controls = (row.controls?.[id] ?? {}) as Controls;
    const request = {
      ...{ row, skill, school: row.school ?? schoolIn(skill, defaultHouseStyle) },
      patterns: patternsFor(plan, id),
      except: exceptedOf(plan, skill)
    };
    // Rows that ask for the same look at the same items.
    const seeded = (part: string) => partSeed(seed, `${id}/${JSON.stringify(controls)}/${part}`);
    if (!row.spread) return [{ ...request, controls, spread: null, seed: seeded('') }];
    const { feature, parts } = row.spread;
    return parts.map(({ control }, at) => ({
      ...request,
      controls: { ...controls, [feature]: control } as Controls,
      ...{ spread: at, seed: seeded(String(at)) }
    }));
  });
}

/** The items of a skill that may not be drawn: those that are kept already, and those to avoid. */
function exceptedOf({ avoid = [], keep = [] }: Blueprint, skill: Skill): Set<string> {
  return new Set(
    [...avoid, ...keep]
      .filter((one) => one.skill === skill.id)
      .map(({ given }) => skill.orderless(given))
  );
}

/** Combinations of the features that marks, difficulty and time depend on, which come to the same. */
interface Group {
  readonly marks: number;
  readonly difficulty: number;
  readonly seconds: number;
  readonly combinations: { told: Told; count: bigint }[];
  readonly met: unknown[];
}

/** A plan is changed line by line, and its rows are mostly what they were. */
const RECENT = 60;
const recent = keepRecent<RowClasses>(RECENT);

function skillClasses(asked: Asked): RowClasses {
  const { row, skill, school, controls, spread, patterns, except, seed } = asked;
  const { id, section, kind, each } = row;
  const made = [id, section, kind, each, skill.id, school, controls, spread, patterns, seed];
  return recent(JSON.stringify([...made, [...except].sort()]), () => workedOut(asked));
}

/** What rows that ask for the same items have in common. */
const recentGroups = keepRecent<Grouped>(RECENT);

interface Grouped {
  readonly groups: readonly Group[];
  /** Whether that is all there is. */
  readonly isExact: boolean;
}

function workedOut(asked: Asked): RowClasses {
  const { row, skill, controls, patterns } = asked;
  const space = itemsUnder(skill, controls);
  if (space.isEmpty) {
    const conflict = explainEmpty(skill, controls);
    return {
      ok: false,
      error: { code: 'empty-space', row: row.id, skill: skill.id, ...conflict }
    };
  }
  const isSampled = isDear(space);
  const { kind, each } = row;
  const same = JSON.stringify([
    skill.id,
    asked.school,
    controls,
    kind,
    each,
    asked.seed,
    [...asked.except].sort()
  ]);
  const { groups, isExact } = recentGroups(same, () =>
    isSampled ? sampledGroups(asked) : groupsOf(asked, space)
  );
  const needsItems = patterns.length > 0 || row.kind === 'choice';
  const budget = { left: DRAWN_APART };
  const classes = groups.flatMap((group) =>
    needsItems
      ? workedClasses(asked, group, budget)
      : isSampled
        ? [metClass(asked, group, group.met, [])]
        : [openClass(asked, group, mostOf(group, space))]
  );
  return { ok: true, classes, isExact: isExact && !needsItems };
}

/** What was drawn of a space in which it takes too long to tell what occurs together, by what it is worth. */
function sampledGroups(asked: Asked): Grouped {
  const { skill } = asked;
  const groups = new Map<string, Group>();
  for (const given of spreadItems(skill, asked)) {
    groupFor(groups, skill, skill.measure(given) as Told, marksOf(asked, given)!).met.push(given);
  }
  return { groups: [...groups.values()], isExact: false };
}

/** The group of what is worth so many marks and as hard and long as its features say; a new one if there is none. */
function groupFor(groups: Map<string, Group>, skill: Skill, told: Told, marks: number): Group {
  const difficulty = Math.round(100 * difficultyOf(skill.weights, told));
  const seconds = secondsOf(skill.weights, told);
  const key = [marks, difficulty, seconds].join();
  const group = groups.get(key) ?? { marks, difficulty, seconds, combinations: [], met: [] };
  groups.set(key, group);
  return group;
}

/** The exact combinations of the space, put together by what they are worth. */
function groupsOf(asked: Asked, space: ItemSpace<unknown>): Grouped {
  const { skill, controls, except, seed } = asked;
  const combinations = space.combinations(skill.tells);
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
    const group = groupFor(groups, skill, told, marks);
    group.combinations.push({ told, count });
    group.met.push(...own);
  }
  return { groups: [...groups.values()], isExact };
}

/** Marks of an item in a row; undefined if there is no item. */
function marksOf({ row, skill, school }: Asked, given: unknown): number | undefined {
  if (given === undefined) return undefined;
  if (row.each !== undefined) return row.each;
  if (row.kind === 'bare' || row.kind === 'choice') return 1;
  return availableMarks(skill.scheme(given, school));
}

const toldKey = (skill: Skill, told: Told) => skill.tells.map((name) => String(told[name])).join();

const common = ({ row, skill, school, spread }: Asked) => ({
  ...{ row: row.id, section: row.section ?? NO_SECTION, skill: skill.id, school, spread, least: 0 }
});

/** How many items of a group can be told apart, as far as that matters. */
function mostOf({ combinations, met }: Group, space: ItemSpace<unknown>): number {
  // Of items that differ only by order one is used; what was met of a small space is all there is.
  if (space.usable <= BigInt(LOOKED_AT)) return met.length;
  const share = Number((1000n * space.usable) / space.count) / 1000;
  const count = Number(combinations.reduce((sum, one) => sum + one.count, 0n));
  const differing = share < 1 ? Math.ceil((count * share) / 2) : count;
  return Math.min(MOST_PARTS, Math.max(differing, met.length));
}

/** A class whose items are drawn when it is known how many are wanted; it may turn out to have fewer. */
function openClass(asked: Asked, group: Group, most: number): PartClass {
  const { skill, controls, except } = asked;
  const { marks, difficulty, seconds, combinations, met } = group;
  return {
    ...common(asked),
    ...{ marks, difficulty, seconds, patterns: [], most, isAtHand: met.length > 0 },
    draw(wanted, seed, taken) {
      const found: unknown[] = [];
      const used = new Set([...except, ...taken]);
      const take = (given: unknown) => {
        const key = skill.orderless(given);
        const isOther = used.has(key) || marksOf(asked, given) !== marks;
        if (isOther || found.length === wanted) return;
        used.add(key);
        found.push(given);
      };
      met.forEach(take);
      // The first combinations would always be the same: they are gone through from another place.
      const from = seed % combinations.length;
      for (const { told } of [...combinations.slice(from), ...combinations.slice(0, from)]) {
        if (found.length === wanted) break;
        const narrowed = { ...controls, ...controlsFor(told) };
        const count = wanted - found.length;
        drawSome(skill, { controls: narrowed, count, seed, except: used }).forEach(take);
      }
      return found;
    }
  };
}

/** Classes of items that were worked: by the patterns that show, and for a choice those that have options. */
function workedClasses(asked: Asked, group: Group, budget: { left: number }): PartClass[] {
  const { row, skill, school, controls, patterns, except, seed } = asked;
  const { combinations, met } = group;
  const items = distinct(skill, met).slice(0, WORKED);
  if (items.length < FEW && budget.left > 0 && combinations.length > 0) {
    budget.left--;
    const { told } = combinations[0]!;
    const narrowed = { ...controls, ...controlsFor(told) };
    const known = new Set([...except, ...items.map((given) => skill.orderless(given))]);
    items.push(...drawSome(skill, { controls: narrowed, count: FEW, seed, except: known }));
  }
  const byShown = new Map<string, unknown[]>();
  for (const given of items) {
    if (row.kind === 'choice' && !optionsOf(skill, given, school, seed)) continue;
    const shown = patterns.length === 0 ? [] : shownOn(skill, given, school, patterns);
    const key = shown.join();
    byShown.set(key, [...(byShown.get(key) ?? []), given]);
  }
  return [...byShown].map(([key, own]) =>
    metClass(asked, group, own, key === '' ? [] : key.split(','))
  );
}

/** A class of items that are at hand. */
function metClass(
  asked: Asked,
  { marks, difficulty, seconds }: Group,
  items: readonly unknown[],
  patterns: readonly string[]
): PartClass {
  return {
    ...common(asked),
    ...{ marks, difficulty, seconds, patterns, isAtHand: true },
    most: Math.min(MOST_PARTS, items.length),
    draw: (wanted, _, taken) =>
      items.filter((given) => !taken.has(asked.skill.orderless(given))).slice(0, wanted)
  };
}

function distinct(skill: Skill, items: readonly unknown[]): unknown[] {
  return [...new Map(items.map((given) => [skill.orderless(given), given])).values()];
}

/** Those of some patterns that would show on an item. */
function shownOn(
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

function ownClass(row: BlueprintRow): PartClass {
  const { marks, minutes, difficulty } = row.own!;
  return {
    ...{ row: row.id, section: row.section ?? NO_SECTION, skill: null, school: null },
    ...{ marks, difficulty: Math.round(100 * difficulty), seconds: Math.round(60 * minutes) },
    ...{ patterns: [], spread: null, most: MOST_PARTS, least: 0, isAtHand: true },
    draw: (count) => Array.from({ length: count }, () => null)
  };
}

/** The parts that are kept, each a class of its own that must be on the paper. */
function keptClasses(plan: Blueprint): PartClass[] {
  return (plan.keep ?? []).map(({ row: id, skill: name, school: own, given }) => {
    const row = plan.rows.find((one) => one.id === id)!;
    const skill = skillOf(name);
    const school = own ?? row.school ?? schoolIn(skill, defaultHouseStyle);
    const features = skill.measure(given);
    const asked = { row, skill, school } as Asked;
    return {
      ...{ row: id, section: row.section ?? NO_SECTION, skill: name, school },
      marks: marksOf(asked, given)!,
      difficulty: Math.round(100 * difficultyOf(skill.weights, features)),
      seconds: secondsOf(skill.weights, features),
      patterns: shownOn(skill, given, school, patternsFor(plan, name)),
      spread: spreadOf(row, features),
      ...{ most: 1, least: 1, isAtHand: true },
      draw: () => [given]
    };
  });
}

/** The part of a row's spread that an item is for, by the value it is asked for exactly. */
export function spreadOf({ spread }: BlueprintRow, features: Readonly<Record<string, unknown>>) {
  if (!spread) return null;
  const at = spread.parts.findIndex(({ control }) => control === features[spread.feature]);
  return at < 0 ? 0 : at;
}

/** Whether there is a pattern of that key. */
export function isPattern(key: string): boolean {
  const { skill, pattern } = splitPatternKey(key);
  return findSkill(skill)?.patterns.some(({ id }) => id === pattern) ?? false;
}

/** The patterns of a skill that a plan asks for. */
const patternsFor = ({ patterns = {} }: Blueprint, skill: string) =>
  Object.keys(patterns).filter((key) => splitPatternKey(key).skill === skill);
