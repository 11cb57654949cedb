import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { printNumber } from '../../../numbers';
import { distinctRanks, seededRandom } from '../../../spaces';
import { meets, readControls, type Constraints, type Controls } from '../../controls';
import { features, measure } from './features';
import { count, space, usable } from './space';
import type { Given } from './columns';

const exactly = (value: number) => ({ min: value, max: value });

/** All items of `addends` numbers below `limit`, written in the base. */
function* allItems(addends: number, limit: number, base: number): Generator<Given> {
  const numbers = Array.from({ length: limit - 1 }, (_, i) => printNumber(BigInt(i + 1), base));
  const chosen: string[] = [];
  function* rest(): Generator<Given> {
    if (chosen.length === addends) return void (yield { addends: [...chosen] });
    for (const numeral of numbers) {
      chosen.push(numeral);
      yield* rest();
      chosen.pop();
    }
  }
  yield* rest();
}

/** How many items have each value of each feature, and each pair of values of two features. */
function tally(items: Iterable<Given>, base: number): Map<string, bigint> {
  const counts = new Map<string, bigint>();
  const add = (key: string) => counts.set(key, (counts.get(key) ?? 0n) + 1n);
  for (const item of items) {
    const values = Object.entries(measure(item, base));
    values.forEach(([one, value], at) => {
      add(`${one}=${value}`);
      for (const [two, other] of values.slice(at + 1)) add(`${one}=${value}&${two}=${other}`);
    });
  }
  return counts;
}

function constraintsOf(key: string): Constraints {
  return Object.fromEntries(
    key.split('&').map((part) => {
      const [name, value] = part.split('=') as [string, string];
      return [
        name,
        value === 'true' || value === 'false' ? value === 'true' : exactly(Number(value))
      ];
    })
  );
}

test('counts of two addends by digits and carries are the published ones', () => {
  // Enumerated to four digits and by an independent programme beyond; see the list of values to check.
  const published: Record<number, bigint[]> = {
    1: [36n, 45n],
    2: [1980n, 3735n, 2385n],
    3: [108900n, 278325n, 291600n, 131175n]
  };
  for (const [digits, counts] of Object.entries(published)) {
    const lengths = { digits: exactly(Number(digits)), shortest: exactly(Number(digits)) };
    counts.forEach((expected, carries) =>
      assert.equal(count({ addends: exactly(2), ...lengths, carries: exactly(carries) }), expected)
    );
  }
});

test('counts equal brute force for two addends of up to 3 digits, for every number of carries', () => {
  const seen = new Map<string, bigint>();
  for (let a = 1; a < 1000; a++) {
    for (let b = 1; b < 1000; b++) {
      let carries = 0;
      let carry = 0;
      for (let x = a, y = b; x > 0 || y > 0; x = Math.floor(x / 10), y = Math.floor(y / 10)) {
        carry = (x % 10) + (y % 10) + carry >= 10 ? 1 : 0;
        carries += carry;
      }
      const key = `${Math.max(`${a}`.length, `${b}`.length)},${Math.min(`${a}`.length, `${b}`.length)},${carries}`;
      seen.set(key, (seen.get(key) ?? 0n) + 1n);
    }
  }
  for (let digits = 1; digits <= 3; digits++) {
    for (let shortest = 1; shortest <= digits; shortest++) {
      for (let carries = 0; carries <= 4; carries++) {
        const constraints = {
          digits: exactly(digits),
          shortest: exactly(shortest),
          carries: exactly(carries)
        };
        const expected = seen.get(`${digits},${shortest},${carries}`) ?? 0n;
        assert.equal(count({ addends: exactly(2), ...constraints }), expected);
      }
    }
  }
});

const smallSpaces = [
  { addends: 2, digits: 3, base: 4 },
  { addends: 3, digits: 2, base: 4 },
  { addends: 3, digits: 3, base: 3 },
  { addends: 4, digits: 2, base: 4 }
];

for (const { addends, digits, base } of smallSpaces) {
  test(`every feature and every pair of features counts as brute force: ${addends} addends to ${digits} digits in base ${base}`, () => {
    const counts = tally(allItems(addends, base ** digits, base), base);
    for (const [key, expected] of counts) {
      const constraints = {
        addends: exactly(addends),
        digits: { min: 1, max: digits },
        ...constraintsOf(key)
      };
      assert.equal(count(constraints, base), expected, key);
    }
  });
}

test('ranks run through a small space once each, and only through it', () => {
  const constraints = {
    addends: exactly(3),
    digits: { min: 1, max: 2 },
    carries: exactly(1),
    zeros: { min: 0, max: 1 }
  };
  const built = space(constraints, 4);
  const listed = Array.from({ length: Number(built.count) }, (_, rank) => built.at(BigInt(rank)));
  const wanted = [...allItems(3, 16, 4)].filter((item) => {
    const measured = measure(item, 4);
    return measured['carries'] === 1 && Number(measured['zeros']) <= 1;
  });
  const text = (item: Given) => item.addends.join();
  assert.deepEqual(listed.map(text).sort(), wanted.map(text).sort());
});

test('usable items are those that differ by more than the order of the addends', () => {
  for (const { addends, digits, base } of smallSpaces) {
    const constraints = {
      addends: exactly(addends),
      digits: { min: 1, max: digits },
      carries: exactly(1)
    };
    const different = new Set(
      [...allItems(addends, base ** digits, base)]
        .filter((item) => measure(item, base)['carries'] === 1)
        .map((item) => [...item.addends].sort().join())
    );
    assert.equal(usable(constraints, base), BigInt(different.size));
  }
});

test('every item drawn under random controls has the features asked for', () => {
  const controlOf = (feature: (typeof features)[number]): fc.Arbitrary<Controls[string]> => {
    if (feature.kind === 'flag') return fc.boolean();
    const value = fc.integer({ min: feature.min, max: Math.min(feature.max, feature.min + 5) });
    const range = fc
      .tuple(value, value)
      .map(([a, b]) => ({ min: Math.min(a, b), max: Math.max(a, b) }));
    return fc.oneof(value, range);
  };
  const controls = fc
    .shuffledSubarray([...features], { maxLength: 5 })
    .chain((some) => fc.tuple(...some.map((one) => fc.tuple(fc.constant(one.id), controlOf(one)))))
    .map((pairs): Controls => Object.fromEntries(pairs));
  let items = 0;
  fc.assert(
    fc.property(controls, fc.nat(), (asked, seed) => {
      const read = readControls(features, asked);
      assert.ok(read.ok);
      const built = space(read.constraints);
      let drawn = 0;
      for (const rank of distinctRanks(built.count, seededRandom(seed))) {
        const measured = measure(built.at(rank));
        for (const [name, constraint] of Object.entries(read.constraints)) {
          assert.ok(meets(measured[name]!, constraint), `${name} ${measured[name]}`);
        }
        items++;
        if (++drawn === 60) break;
      }
    }),
    { numRuns: 80, seed: 20 }
  );
  assert.ok(items > 1000, `only ${items} items were drawn`);
});

test('samples of an enumerated space are uniform (chi-square, fixed seeds)', () => {
  const built = space({ addends: exactly(2), digits: exactly(1), carries: exactly(1) });
  const seen = new Map<string, number>();
  for (let seed = 0; seed < 9000; seed++) {
    const [rank] = distinctRanks(built.count, seededRandom(seed));
    const item = built.at(rank!).addends.join();
    seen.set(item, (seen.get(item) ?? 0) + 1);
  }
  const expected = 9000 / 45;
  const chiSquare = [...seen.values()].reduce((sum, n) => sum + (n - expected) ** 2 / expected, 0);
  assert.equal(seen.size, 45);
  // 99.9 % point of chi-square with 44 degrees of freedom (standard tables, from memory): 78.75.
  assert.ok(chiSquare < 78.75, `chi-square ${chiSquare}`);
});
