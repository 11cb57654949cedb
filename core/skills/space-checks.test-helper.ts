import assert from 'node:assert/strict';
import type { Space } from '../spaces';
import type { Constraints } from './controls';
import type { Features, FeatureSpec } from './features';

interface Counted<Given> {
  readonly features: readonly FeatureSpec[];
  readonly items: Iterable<Given>;
  readonly measure: (given: Given) => Features;
  readonly count: (constraints: Constraints) => bigint;
}

/** For tests: counts under each value, and each pair of values, of the features equal those of a list. */
export function countsAsMeasured<Given>({ features, items, measure, count }: Counted<Given>): void {
  const counts = new Map<string, bigint>();
  const add = (key: string) => counts.set(key, (counts.get(key) ?? 0n) + 1n);
  for (const item of items) {
    const values = Object.entries(measure(item)).filter(([, value]) => typeof value !== 'object');
    values.forEach(([one, value], at) => {
      add(`${one}=${value}`);
      for (const [two, other] of values.slice(at + 1)) add(`${one}=${value}&${two}=${other}`);
    });
  }
  assert.ok(counts.size > 0, 'nothing was listed');
  for (const [key, expected] of counts) {
    const constraints = Object.fromEntries(
      key.split('&').map((part) => {
        const [name, value] = part.split('=') as [string, string];
        return [
          name,
          constraintOf(
            features.find(({ id }) => id === name)!,
            value
          )
        ];
      })
    );
    assert.equal(count(constraints), expected, key);
  }
}

/** For tests: a space holds each of the wanted items once and nothing else. */
export function ranksAsListed<Given>(
  space: Space<Given>,
  wanted: readonly Given[],
  text: (given: Given) => string
): void {
  const listed = Array.from({ length: Number(space.count) }, (_, rank) => space.at(BigInt(rank)));
  assert.ok(wanted.length > 0, 'nothing is wanted');
  assert.deepEqual(listed.map(text).sort(), wanted.map(text).sort());
}

function constraintOf(feature: FeatureSpec, value: string): Constraints[string] {
  switch (feature.kind) {
    case 'flag':
      return value === 'true';
    case 'choice':
      return new Set([value]);
    case 'tables':
      throw new Error('tables are counted by tests of their own');
    case 'number':
      return { min: Number(value), max: Number(value) };
  }
}
