import { readControls, splitPatternKey } from '../skill';
import { tryWithin } from '../spaces';
import { MOST_PARTS, NO_SECTION } from './blueprint';
import { drawSome } from './draw-some';
import { isOfGroup, optionsIn, shownAmong, type Asked, type Group } from './item-groups';
import type { PartClass } from './part-class';
import { Picker } from './picker';

/** Items that are drawn for a pattern which showed on fewer of those that were met, and the work of finding them. */
const SEARCHED = 24;
const SEARCH_WORK = 4e6;

/** What is the same of all classes of a row. */
export const common = ({ row, skill, school, spread }: Asked) => ({
  ...{ row: row.id, section: row.section ?? NO_SECTION, skill: skill.id, school, spread, least: 0 }
});

const mostShowing = (classes: readonly PartClass[], key: string): number =>
  classes.reduce((sum, { patterns, most }) => sum + (patterns.includes(key) ? most : 0), 0);

/** Items in classes by the patterns that show on them; of a choice those that have options. */
export function classesByShown(asked: Asked, group: Group, items: readonly unknown[]): PartClass[] {
  const { row, patterns } = asked;
  const byShown = new Map<string, unknown[]>();
  for (const given of items) {
    if (row.kind === 'choice' && !optionsIn(asked, given)) continue;
    const key = shownAmong(asked, given, patterns).join();
    byShown.set(key, [...(byShown.get(key) ?? []), given]);
  }
  return [...byShown].map(([key, own]) =>
    metClass(asked, group, own, key === '' ? [] : key.split(','))
  );
}

/**
 * Classes of items for the patterns that show on few of those that were met: they are drawn under the controls that the
 * patterns name.
 */
export function searchedClasses(
  asked: Asked,
  groups: readonly Group[],
  classes: readonly PartClass[]
): PartClass[] {
  const { skill, controls, patterns, except, seed } = asked;
  const unseen = patterns
    .filter((key) => mostShowing(classes, key) < SEARCHED)
    .flatMap((key) => skill.patterns.filter(({ id }) => id === splitPatternKey(key).pattern));
  return unseen.flatMap(({ shownBy }) => {
    const narrowed = { ...shownBy, ...controls };
    if (!readControls(skill.features, narrowed).ok) return [];
    const request = { controls: narrowed, count: SEARCHED, seed, except };
    const drawn = tryWithin(SEARCH_WORK, () => drawSome(skill, request)) ?? [];
    return groups.flatMap((group) =>
      classesByShown(
        asked,
        group,
        drawn.filter((given) => isOfGroup(asked, group, given))
      )
    );
  });
}

/** A class of items that are at hand. */
export function metClass(
  asked: Asked,
  { marks, difficulty, seconds }: Group,
  items: readonly unknown[],
  patterns: readonly string[]
): PartClass {
  return {
    ...common(asked),
    ...{ marks, difficulty, seconds, patterns, isAtHand: true },
    most: Math.min(MOST_PARTS, items.length),
    draw(wanted, _, on) {
      const pick = new Picker(asked, wanted, on);
      items.filter((given) => !on.taken.has(asked.skill.itemKey(given))).forEach(pick.offer);
      return pick.chosen();
    }
  };
}
