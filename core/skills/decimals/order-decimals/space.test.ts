import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, Wanted } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import type { Given } from './numbers';
import { items } from './space';

const skill = skillOf('order-decimals');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);
const under = (constraints: Constraints, largestWhole?: number) =>
  items(new Wanted(specs, constraints), largestWhole);
const exactly = (value: number) => ({ min: value, max: value });

/** Every set of so many of the numbers below `wholes`, of up to that many places. */
function sets(wholes: number, places: number, size: number): Given[] {
  const unit = 10 ** places;
  const numbers = Array.from({ length: wholes * unit - 1 }, (_, at) => String((at + 1) / unit));
  const from = (start: number, left: number): string[][] =>
    left === 0
      ? [[]]
      : numbers.flatMap((number, at) =>
          at < start ? [] : from(at + 1, left - 1).map((rest) => [number, ...rest])
        );
  return from(0, size).map((numbers) => ({ numbers, order: 'ascending' as const }));
}

/** The six arrangements of three numbers in both orders. */
function arrangements({ numbers: [a, b, c] }: Given): Given[] {
  const lists = [
    [a, b, c],
    [a, c, b],
    [b, a, c],
    [b, c, a],
    [c, a, b],
    [c, b, a]
  ] as string[][];
  return lists.flatMap((numbers) =>
    (['ascending', 'descending'] as const).map((order) => ({ numbers, order }))
  );
}

test('counts equal those of a list of all sets of few small numbers', () => {
  for (const [wholes, places, sizes] of [
    [2, 1, [3, 4]],
    [1, 2, [3]]
  ] as const) {
    const within = {
      maxPlaces: { min: 0, max: places },
      count: { min: sizes[0], max: sizes.at(-1)! }
    };
    const all = sizes.flatMap((size) => sets(wholes, places, size));
    const space = (wanted: Wanted) => {
      const found = items(wanted, wholes - 1);
      // Usable items leave arrangements out, but not the two orders.
      return { ...found, count: found.usable / 2n, isEmpty: found.isEmpty };
    };
    // How many are in place is of an arrangement, not of a set.
    const ofSet = (given: Given) =>
      Object.fromEntries(Object.entries(measure(given)).filter(([id]) => id !== 'placed'));
    countsAsMeasured({ specs, items: all, measure: ofSet, within, space });
    if (sizes.length > 1) continue;
    const arranged = all
      .map(measure)
      .flatMap((features) => Array<typeof features>(12).fill(features));
    combinationsAsMeasured(under(within, wholes - 1), skill.decidingFeatures, arranged);
  }
});

test('counts equal those of a list of all arrangements of three numbers', () => {
  countsAsMeasured({
    specs,
    items: sets(3, 1, 3).flatMap(arrangements),
    measure,
    within: { maxPlaces: { min: 0, max: 1 }, count: exactly(3) },
    space: (wanted) => items(wanted, 2)
  });
});

test('ranks list every arrangement once, and those with so many in place', () => {
  const all = sets(2, 1, 3).flatMap(arrangements);
  const within = { count: exactly(3), maxPlaces: { min: 0, max: 1 } };
  ranksAsListed(under(within, 1), all, (given) => skill.given.print(given));
  const controls: Constraints[] = [{ placed: { min: 0, max: 1 } }, { wholeSpan: exactly(1) }];
  for (const asked of controls) {
    const wanted = all.filter((given) => new Wanted(specs, asked).meets(measure(given)));
    ranksAsListed(under({ ...within, ...asked }, 1), wanted, (given) => skill.given.print(given));
  }
});

test('whole spaces are counted by binomials, and their parts add up', () => {
  // 999,999 numbers of up to four places lie above 0 and below 100; 99 of them are whole.
  const choose = (n: bigint, k: bigint): bigint =>
    k === 0n ? 1n : (choose(n, k - 1n) * (n - k + 1n)) / k;
  const factorial = (n: bigint): bigint => (n < 2n ? 1n : n * factorial(n - 1n));
  let all = 0n;
  for (let n = 3; n <= 8; n++) {
    const arrangements = 2n * factorial(BigInt(n));
    all += arrangements * choose(999_999n, BigInt(n));
    assert.equal(
      under({ count: exactly(n), integers: exactly(n) }).count,
      arrangements * choose(99n, BigInt(n))
    );
  }
  assert.equal(under({}).count, all);
  const four = under({ count: exactly(4) }).count;
  for (const spec of specs.slice(1)) {
    assert.ok(spec.kind === 'number');
    const { id, min, max } = spec;
    const parts = Array.from(
      { length: max - min + 1 },
      (_, at) => under({ count: exactly(4), [id]: exactly(min + at) }).count
    );
    assert.equal(
      parts.reduce((sum, part) => sum + part, 0n),
      four,
      id
    );
  }
});
