import { tryWithin } from '../spaces';
import type { Control, Controls } from './controls';
import type { FeatureSpec } from './feature';
import { itemsUnder, type Skill } from './skill';

/** A smallest set of controls that cannot hold together, and what would work instead of each. */
export interface Conflict {
  readonly conflict: readonly string[];
  /** For each of them, where there is one, the nearest value that works with all others held. */
  readonly nearest: Readonly<Record<string, Control>>;
}

/** Work that is spent on looking for a smallest conflict, and on the nearest values of its controls together. */
const CONFLICT_WORK = 2e6;
const NEAREST_WORK = 2e6;

/**
 * Explains an empty space. Sets are searched by size, in catalogue order, to three controls; beyond that
 * controls are left out one at a time as long as the rest is still empty, which leaves a minimal set. A search that
 * takes too much work ends with the smallest set it has found, and with values for as many controls as it got to.
 */
export function explainEmpty(skill: Skill, controls: Controls): Conflict {
  const names = skill.features.map(({ id }) => id).filter((id) => id in controls);
  let found: readonly string[] = names;
  const known = emptiness(skill, controls);
  const isEmpty = (set: readonly string[]) => {
    const isSo = known(set);
    if (isSo && set.length < found.length) found = set;
    return isSo;
  };
  const conflict = tryWithin(CONFLICT_WORK, () => smallestEmpty(names, isEmpty)) ?? found;
  const nearest = conflict.flatMap((name) => {
    const most = NEAREST_WORK / conflict.length;
    const value = tryWithin(most, () => nearestValue(skill, controls, name));
    return value === undefined ? [] : [[name, value] as const];
  });
  return { conflict, nearest: Object.fromEntries(nearest) };
}

function smallestEmpty(
  names: readonly string[],
  isEmpty: (set: readonly string[]) => boolean
): readonly string[] {
  // What most of the controls allow, fewer of them allow: that spares most of the search.
  if (names.length > 3) names.forEach((name) => isEmpty(names.filter((other) => other !== name)));
  return (
    firstOf([1, 2, 3], (size) =>
      firstOf(subsets(names, size), (set) => (isEmpty(set) ? set : undefined))
    ) ??
    names.reduce((kept, name) => {
      const without = kept.filter((other) => other !== name);
      return isEmpty(without) ? without : kept;
    }, names)
  );
}

/** What stands in the way of one control of an empty space, and what could be asked that allows it. */
export interface Blocked {
  /** The other controls it cannot hold with; none if no item at all is so. */
  readonly blocking: readonly string[];
  /** Controls that keep it and leave items: with one other control changed, or else with some let go. */
  readonly offers: readonly Controls[];
}

/** Explains why one control cannot hold with the others, by {@link explainEmpty}. */
export function blockedBy(skill: Skill, controls: Controls, name: string): Blocked {
  const { conflict, nearest } = explainEmpty(skill, controls);
  const blocking = conflict.filter((other) => other !== name);
  const changed = blocking.flatMap((other) =>
    nearest[other] === undefined ? [] : [{ ...controls, [other]: nearest[other] }]
  );
  if (changed.length > 0) return { blocking, offers: changed };
  const rest = Object.keys(controls).filter((other) => !blocking.includes(other));
  if (blocking.length === 0) return { blocking, offers: [] };
  const loosened = pick(controls, rest);
  return tryWithin(NEAREST_WORK, () => exists(skill, loosened))
    ? { blocking, offers: [loosened] }
    : { blocking, offers: blockedBy(skill, loosened, name).offers };
}

/** Tells whether some of the controls leave nothing; part of a set that left something is not asked again. */
function emptiness(skill: Skill, controls: Controls): (kept: readonly string[]) => boolean {
  const known: (readonly string[])[] = [];
  return (kept) => {
    if (known.some((set) => kept.every((name) => set.includes(name)))) return false;
    const isEmpty = !exists(skill, pick(controls, kept));
    if (!isEmpty) known.push(kept);
    return isEmpty;
  };
}

/** The value of one control, nearest to what was asked, under which items exist with all others held. */
function nearestValue(skill: Skill, controls: Controls, name: string): Control | undefined {
  const feature = skill.features.find(({ id }) => id === name)!;
  const works = (control: Control) => exists(skill, { ...controls, [name]: control });
  return candidates(feature, controls[name]!).find(works);
}

function candidates(feature: FeatureSpec, asked: Control): Control[] {
  switch (feature.kind) {
    case 'flag':
      return [asked !== true];
    case 'tables':
      return wider((asked as { allow: readonly number[] }).allow, feature.values.map(Number));
    case 'choice':
    case 'list':
      return feature.values.map((value) => [value]);
    case 'number': {
      const { min = feature.min, max = feature.max } =
        typeof asked === 'number'
          ? { min: asked, max: asked }
          : (asked as { min?: number; max?: number });
      const distance = (value: number) => Math.max(min - value, value - max);
      const values =
        feature.steps ??
        Array.from(
          { length: (feature.askedTo ?? feature.max) - feature.min + 1 },
          (_, i) => feature.min + i
        );
      return values
        .filter((value) => distance(value) > 0)
        .sort((one, other) => distance(one) - distance(other) || one - other);
    }
  }
}

/** Wider lists of allowed digits, the least wide first. */
function wider(asked: readonly number[], values: readonly number[]): Control[] {
  const others = values.filter((value) => !asked.includes(value));
  return others.flatMap((_, at) =>
    subsets(others, at + 1).map((added) => ({
      allow: [...asked, ...added].sort((one, other) => one - other)
    }))
  );
}

function exists(skill: Skill, controls: Controls): boolean {
  return !itemsUnder(skill, controls).isEmpty;
}

function pick(controls: Controls, names: readonly string[]): Controls {
  return Object.fromEntries(names.map((name) => [name, controls[name]!]));
}

function firstOf<A, B>(values: Iterable<A>, find: (value: A) => B | undefined): B | undefined {
  for (const value of values) {
    const found = find(value);
    if (found !== undefined) return found;
  }
  return undefined;
}

function subsets<T>(values: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return values.flatMap((value, at) =>
    subsets(values.slice(at + 1), size - 1).map((rest) => [value, ...rest])
  );
}
