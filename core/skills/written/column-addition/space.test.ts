import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { printNumber } from '../../../numbers';
import { distinctRanks, seededRandom } from '../../../spaces';
import { readControls, type Constraints, type Controls } from '../../../skill/controls';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  measured,
  ranksAsListed,
  specsOf
} from '../../../skill/space-checks.test-helper';
import { Wanted } from '../../../skill/request';
import type { Given } from '../../../methods/columns/sum/columns';
import { features, look } from './features';
import { items } from './space';

const specs = specsOf(features);
const exactly = (value: number) => ({ min: value, max: value });
const under = (constraints: Constraints, base = 10) => items(new Wanted(specs, constraints), base);
const measure = (given: Given, base = 10) => measured(features, look(given, base));

/** All items of so many numbers below `limit`, written in the base. */
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

test('counts of two addends by digits and carries are the published ones', () => {
  // Enumerated to four digits and by an independent programme beyond; see the list of values to check.
  const published: Record<number, bigint[]> = {
    1: [36n, 45n],
    2: [1980n, 3735n, 2385n],
    3: [108900n, 278325n, 291600n, 131175n]
  };
  for (const [digits, counts] of Object.entries(published)) {
    const lengths = { digits: exactly(Number(digits)), shortest: exactly(Number(digits)) };
    counts.forEach((expected, carries) => {
      const asked = { addends: exactly(2), ...lengths, carries: exactly(carries) };
      assert.equal(under(asked).count, expected);
    });
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
      const [longer, shorter] = [Math.max(a, b), Math.min(a, b)].map((n) => `${n}`.length);
      const key = `${longer},${shorter},${carries}`;
      seen.set(key, (seen.get(key) ?? 0n) + 1n);
    }
  }
  for (let digits = 1; digits <= 3; digits++) {
    for (let shortest = 1; shortest <= digits; shortest++) {
      for (let carries = 0; carries <= 4; carries++) {
        const asked = {
          addends: exactly(2),
          digits: exactly(digits),
          shortest: exactly(shortest),
          carries: exactly(carries)
        };
        const expected = seen.get(`${digits},${shortest},${carries}`) ?? 0n;
        assert.equal(under(asked).count, expected);
        assert.equal(under(asked).isEmpty, expected === 0n);
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
  const within = { addends: exactly(addends), digits: { min: 1, max: digits } };
  const all = () => [...allItems(addends, base ** digits, base)];

  test(`features, pairs and combinations count as brute force: ${addends} addends to ${digits} digits in base ${base}`, () => {
    const measure_ = (given: Given) => measure(given, base);
    countsAsMeasured({
      specs,
      items: all(),
      measure: measure_,
      within,
      space: (wanted) => items(wanted, base)
    });
    const telling = ['digits', 'carries', 'ripples', 'largestCarry', 'newColumn', 'answerZeros'];
    const listed = all().map(measure_);
    combinationsAsMeasured(under(within, base), telling, listed);
    combinationsAsMeasured(
      under({ ...within, carries: { min: 1, max: 2 }, zeros: exactly(1) }, base),
      ['longestRun', 'zeros', 'carries'],
      listed.filter(({ carries, zeros }) => (carries === 1 || carries === 2 ? zeros === 1 : false))
    );
  });

  test(`usable items differ by more than order: ${addends} addends to ${digits} digits in base ${base}`, () => {
    const different = new Set(
      all()
        .filter((item) => measure(item, base)['carries'] === 1)
        .map((item) => [...item.addends].sort().join())
    );
    const asked = { ...within, carries: exactly(1) };
    assert.equal(under(asked, base).usable, BigInt(different.size));
  });
}

test('ranks run through a small space once each, and only through it', () => {
  const constraints = {
    addends: exactly(3),
    digits: { min: 1, max: 2 },
    carries: exactly(1),
    zeros: { min: 0, max: 1 }
  };
  const wanted = [...allItems(3, 16, 4)].filter((item) => {
    const found = measure(item, 4);
    return found['carries'] === 1 && Number(found['zeros']) <= 1;
  });
  ranksAsListed(under(constraints, 4), wanted, (item) => item.addends.join());
});

test('every item drawn under random controls has the features asked for', () => {
  const controlOf = (spec: (typeof specs)[number]): fc.Arbitrary<Controls[string]> => {
    if (spec.kind !== 'number') return fc.boolean();
    const value = fc.integer({ min: spec.min, max: Math.min(spec.max, spec.min + 5) });
    const range = fc
      .tuple(value, value)
      .map(([a, b]) => ({ min: Math.min(a, b), max: Math.max(a, b) }));
    return fc.oneof(value, range);
  };
  const controls = fc
    .shuffledSubarray(specs, { maxLength: 5 })
    .chain((some) => fc.tuple(...some.map((one) => fc.tuple(fc.constant(one.id), controlOf(one)))))
    .map((pairs): Controls => Object.fromEntries(pairs));
  let drawn = 0;
  fc.assert(
    fc.property(controls, fc.nat(), (asked, seed) => {
      const read = readControls(specs, asked);
      assert.ok(read.ok);
      const wanted = new Wanted(specs, read.constraints);
      const built = items(wanted).ranked();
      let looked = 0;
      for (const rank of distinctRanks(built.count, seededRandom(seed))) {
        const found = measure(built.at(rank));
        assert.ok(wanted.meets(found), JSON.stringify([asked, found]));
        drawn++;
        if (++looked === 40) break;
      }
    }),
    { numRuns: 60, seed: 20 }
  );
  assert.ok(drawn > 1000, `only ${drawn} items were drawn`);
});

test('samples of an enumerated space are uniform (chi-square, fixed seeds)', () => {
  const asked = { addends: exactly(2), digits: exactly(1), carries: exactly(1) };
  const built = under(asked).ranked();
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
