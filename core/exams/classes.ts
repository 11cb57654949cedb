import {
  explainEmpty,
  findSkill,
  itemsUnder,
  schoolIn,
  skillOf,
  splitPatternKey,
  type Conflict,
  type Controls,
  type Skill
} from '../skill';
import { partSeed, keepRecent, tryWithin, type ItemSpace } from '../spaces';
import { type Blueprint, type BlueprintRow, MOST_PARTS } from './blueprint';
import { controlsFor, drawSome } from './draw-some';
import { isDear } from './strata';
import type { House } from './paper-part';
import type { PartClass } from './part-class';
import { Picker } from './picker';
import { classesByShown, common, metClass, searchedClasses } from './met-classes';
import {
  type Asked,
  type Group,
  type Grouped,
  sampledGroups,
  groupsOf,
  marksOf,
  distinct,
  LOOKED_AT,
  DRAWN_APART
} from './item-groups';
import { ownClass, keptClasses } from './fixed-classes';
import { patternsFor } from './row-facts';

/** Work of finding out what the items of one skill in a row are worth. */
const ROW_WORK = 20e6;

/** Items of a class that are worked, where a plan asks what shows on them. */
const WORKED = 12;

/** Of classes with fewer, more are drawn. */
const FEW = 3;

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
export function classesOf(plan: Blueprint, seed: number, house: House): RowClasses {
  const classes: PartClass[] = keptClasses(plan, { seed, house });
  const said = JSON.stringify(house);
  let isExact = true;
  for (const row of plan.rows) {
    if (row.own) {
      classes.push(ownClass(row));
      continue;
    }
    for (const asked of requestsOf(plan, row, { seed, house })) {
      const found = tryWithin(ROW_WORK, () => skillClasses(asked, said));
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

function requestsOf(
  plan: Blueprint,
  row: BlueprintRow,
  { seed, house }: Pick<Asked, 'seed' | 'house'>
): Asked[] {
  return row.skills.flatMap((id): Asked[] => {
    const skill = skillOf(id);
    const controls = (row.controls?.[id] ?? {}) as Controls;
    const request = {
      ...{ row, skill, school: row.school ?? schoolIn(skill, house.style) },
      patterns: patternsFor(plan, id),
      except: exceptedOf(plan, skill),
      house
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

/** The items of a skill that may not be drawn: those that are kept already, those to avoid, and degenerate ones. */
function exceptedOf({ avoid = [], keep = [] }: Blueprint, skill: Skill): Set<string> {
  const named = [...avoid, ...keep].filter((one) => one.skill === skill.id);
  return new Set([...skill.degenerate, ...named.map(({ given }) => skill.itemKey(given))]);
}

/** A plan is changed line by line, and its rows are mostly what they were. */
const RECENT = 60;

const recent = keepRecent<RowClasses>(RECENT);

/** What a row can be filled with; `said` is what the house says, as one text. */
function skillClasses(asked: Asked, said: string): RowClasses {
  const { row, skill, school, controls, spread, patterns, except, seed } = asked;
  const { id, section, kind, each } = row;
  const made = [
    ...[id, section, kind, each, skill.id, school, controls, spread, patterns, said, seed]
  ];
  return recent(JSON.stringify([...made, [...except].sort()]), () => workedOut(asked, said));
}

/** What rows that ask for the same items have in common. */
const recentGroups = keepRecent<Grouped>(RECENT);

function workedOut(asked: Asked, said: string): RowClasses {
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
    said,
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
  if (needsItems) classes.push(...searchedClasses(asked, groups, classes));
  return { ok: true, classes, isExact: isExact && !needsItems };
}

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
    draw(wanted, seed, on) {
      const used = new Set([...except, ...on.taken]);
      const pick = new Picker(asked, wanted, on);
      const take = (given: unknown) => {
        const key = skill.itemKey(given);
        if (used.has(key) || pick.isFull || marksOf(asked, given) !== marks) return;
        used.add(key);
        pick.offer(given);
      };
      met.forEach(take);
      // The first combinations would always be the same: they are gone through from another place.
      const from = seed % combinations.length;
      for (const { told } of [...combinations.slice(from), ...combinations.slice(0, from)]) {
        if (pick.isFull) break;
        const narrowed = { ...controls, ...controlsFor(told) };
        const count = wanted + FEW;
        drawSome(skill, { controls: narrowed, count, seed, except: used }).forEach(take);
      }
      return pick.chosen();
    }
  };
}

/** Classes of items that were worked: by the patterns that show, and for a choice those that have options. */
function workedClasses(asked: Asked, group: Group, budget: { left: number }): PartClass[] {
  const { skill, controls, except, seed } = asked;
  const { combinations, met } = group;
  const items = distinct(skill, met).slice(0, WORKED);
  if (items.length < FEW && budget.left > 0 && combinations.length > 0) {
    budget.left--;
    const { told } = combinations[0]!;
    const narrowed = { ...controls, ...controlsFor(told) };
    const known = new Set([...except, ...items.map((given) => skill.itemKey(given))]);
    items.push(...drawSome(skill, { controls: narrowed, count: FEW, seed, except: known }));
  }
  return classesByShown(asked, group, items);
}

/** Whether there is a pattern of that key. */
export function isPattern(key: string): boolean {
  const { skill, pattern } = splitPatternKey(key);
  return findSkill(skill)?.patterns.some(({ id }) => id === pattern) ?? false;
}
