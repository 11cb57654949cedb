import assert from 'node:assert/strict';
import type { ItemSpace, Told } from '../spaces';
import type { Constraint, Constraints } from './controls';
import type { Feature, Features, FeatureSpec } from './feature';
import { Wanted } from './request';

/** The features of a skill as a reader of controls needs them. */
export function specsOf(features: Readonly<Record<string, Feature<never>>>): FeatureSpec[] {
  return Object.entries(features).map(([id, feature]) => ({ id, ...feature }));
}

/** Measures an item by its features, from what is seen of it. */
export function measured<Look>(
  features: Readonly<Record<string, Feature<Look>>>,
  look: Look
): Features {
  return Object.fromEntries(
    Object.entries(features).map(([id, { measure }]) => [id, measure(look)])
  );
}

interface Counted<Given> {
  readonly specs: readonly FeatureSpec[];
  readonly items: Iterable<Given>;
  readonly measure: (given: Given) => Features;
  readonly space: (wanted: Wanted) => ItemSpace<unknown>;
  /** What all the listed items have in common. */
  readonly within?: Constraints;
}

/** For tests: counts under each value, and each pair of values, of the features equal those of a list. */
export function countsAsMeasured<Given>(counted: Counted<Given>): void {
  const { specs, items, measure, space, within = {} } = counted;
  const counts = new Map<string, bigint>();
  const add = (key: string) => counts.set(key, (counts.get(key) ?? 0n) + 1n);
  const all: Features[] = [];
  for (const item of items) {
    const features = measure(item);
    all.push(features);
    const values = Object.entries(features).filter(([, value]) => typeof value !== 'object');
    values.forEach(([one, value], at) => {
      add(`${one}=${value}`);
      for (const [two, other] of values.slice(at + 1)) add(`${one}=${value}&${two}=${other}`);
    });
  }
  assert.ok(counts.size > 0, 'nothing was listed');
  for (const [key, expected] of counts) {
    const asked = key.split('&').map((part) => {
      const [name, value] = part.split('=') as [string, string];
      const spec = specs.find(({ id }) => id === name)!;
      return [name, constraintOf(spec, value)] as const;
    });
    const found = space(new Wanted(specs, { ...within, ...Object.fromEntries(asked) }));
    assert.equal(found.count, expected, key);
    assert.equal(found.isEmpty, false);
  }
}

/** For tests: the combinations of some features that a space tells are those of a list, each as often. */
export function combinationsAsMeasured(
  space: ItemSpace<unknown>,
  names: readonly string[],
  listed: readonly Features[]
): void {
  const text = (features: Told | Features) => names.map((name) => features[name]).join();
  const expected = new Map<string, bigint>();
  for (const features of listed) {
    expected.set(text(features), (expected.get(text(features)) ?? 0n) + 1n);
  }
  const found = space
    .combinations(names)
    .map(({ features, count }) => [text(features), count] as const);
  assert.deepEqual(new Map([...found].sort()), new Map([...expected].sort()));
  assert.equal(found.length, expected.size);
}

/** For tests: a space holds each of the wanted items once and nothing else. */
export function ranksAsListed<Given>(
  space: ItemSpace<Given>,
  wanted: readonly Given[],
  text: (given: Given) => string
): void {
  const { count, at } = space.ranked();
  const listed = Array.from({ length: Number(count) }, (_, rank) => at(BigInt(rank)));
  assert.ok(wanted.length > 0, 'nothing is wanted');
  assert.deepEqual(listed.map(text).sort(), wanted.map(text).sort());
  assert.equal(space.count, count);
}

function constraintOf(feature: FeatureSpec, value: string): Constraint {
  switch (feature.kind) {
    case 'flag':
      return value === 'true';
    case 'choice':
      return new Set([value]);
    case 'list':
      return new Set(value.split(','));
    case 'tables':
      throw new Error('tables are counted by tests of their own');
    case 'number':
      return { min: Number(value), max: Number(value) };
  }
}

/** The whole numbers from one to another. */
export const numbersFrom = (least: number, most: number): number[] =>
  Array.from({ length: most - least + 1 }, (_, at) => least + at);

/** Every number with every number, as they are given. */
export const pairsOf = (numbers: readonly number[]): (readonly [string, string])[] =>
  numbers.flatMap((one) => numbers.map((other) => [String(one), String(other)] as const));

/** What is asked of a number feature. */
export const sized = (min: number, max: number): Constraint => ({ min, max });
