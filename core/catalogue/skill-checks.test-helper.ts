import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  drawItems,
  skillOf,
  Wanted,
  WorkedItem,
  type Constraints,
  type Controls,
  type Features
} from '../skill';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../skill/space-checks.test-helper';
import { checkPatterns, rungsOf, schoolsOf } from './skills.test-helper';

/** What the tests of a skill say of it in a table of their own: a test for each of them. */

/** The first three items of a skill under some controls from seed 1852. A seed gives the same items on every machine. */
export function checkGolden(id: string, controls: Controls, items: readonly string[]): void {
  test(`${id}: a seed gives the items it always gave`, () => {
    const skill = skillOf(id);
    const drawn = drawItems(skill, { controls, count: 3, seed: 1852 });
    assert.ok(drawn.ok);
    assert.deepEqual(
      drawn.given.map((given) => skill.given.print(given)),
      items
    );
  });
}

/** What a coordinator would strike out of a ladder is in none of its rungs. */
export function checkStruckOut(
  id: string,
  isStruckOut: (item: WorkedItem, features: Features) => boolean
): void {
  test(`${id}: no rung holds what a coordinator would strike out`, () => {
    const skill = skillOf(id);
    for (const { name, items } of rungsOf(skill, 11)) {
      for (const given of items) {
        const item = new WorkedItem(skill, given, schoolsOf(skill)[0]!);
        const text = `${name}: ${skill.given.print(given)}`;
        assert.ok(!isStruckOut(item, skill.measure(given)), text);
      }
    }
  });
}

/** Answers of every error pattern of a skill, worked by hand, in every school; see {@link checkPatterns}. */
export function checkErrors(id: string, table: Parameters<typeof checkPatterns>[1]): void {
  test(`${id}: error patterns answer as worked by hand`, () => checkPatterns(id, table));
}

interface SmallSpace {
  readonly within: Constraints;
  /** Whatever might be an item; what the schema does not take is none. */
  readonly tried: () => Iterable<object>;
  /** Where the items within are too many to be ranked one by one, those that are. */
  readonly ranked?: Constraints;
}

/** A space is that of a list of all its items, made by the schema alone: counts, combinations, ranks, usable items. */
export function checkSmallSpace(id: string, { within, tried, ranked = within }: SmallSpace): void {
  test(`${id}: counts, combinations and ranks are those of all small items`, () => {
    const skill = skillOf(id);
    const { features: specs, measure } = skill;
    const space = (wanted: Wanted) => skill.items(wanted);
    const isWanted = new Wanted(specs, within);
    const items = [...tried()].filter(
      (given) => skill.given.schema.safeParse(given).success && isWanted.meets(measure(given))
    );
    countsAsMeasured({ specs, items, measure, within, space });
    const names = specs.map((feature) => feature.id);
    combinationsAsMeasured(space(isWanted), names, items.map(measure));
    const few = new Wanted(specs, ranked);
    const listed = items.filter((given) => few.meets(measure(given)));
    ranksAsListed(space(few), listed, skill.given.print);
    const different = new Set(listed.map((given) => skill.itemKey(given)));
    assert.equal(space(few).usable, BigInt(different.size), 'usable');
  });
}
