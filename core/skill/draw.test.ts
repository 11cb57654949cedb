import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../catalogue/all';
import { drawItems, drawWhere } from './draw';
import { skillOf } from './loaded';

const skill = skillOf('near-doubles');
const controls = { digits: 2, difference: 1 };
const drawn = (more: object = {}) => {
  const found = drawItems(skill, { controls, count: 8, seed: 1, ...more });
  assert.ok(found.ok);
  return found.given;
};

test('a seed draws the same items, and each at most once', () => {
  fc.assert(
    fc.property(fc.nat(), fc.integer({ min: 1, max: 40 }), (seed, count) => {
      const items = drawn({ seed, count }).map((given) => skill.given.print(given));
      assert.equal(items.length, count);
      assert.equal(new Set(items).size, count);
      assert.deepEqual(
        drawn({ seed, count }).map((given) => skill.given.print(given)),
        items
      );
      // A longer list begins with the shorter one.
      const longer = drawn({ seed, count: count + 3 }).map((given) => skill.given.print(given));
      assert.deepEqual(longer.slice(0, count), items);
    }),
    { numRuns: 40 }
  );
});

test('where order makes no other item, none comes twice, and none that is excepted', () => {
  const except = new Set(drawn({ allDifferent: true }).map((given) => skill.itemKey(given)));
  fc.assert(
    fc.property(fc.nat(), (seed) => {
      const keys = drawn({ seed, count: 30, allDifferent: true, except }).map((given) =>
        skill.itemKey(given)
      );
      assert.equal(new Set(keys).size, 30);
      assert.ok(keys.every((key) => !except.has(key)));
    }),
    { numRuns: 40 }
  );
});

test('each item comes about as often as any other', () => {
  const times = new Map<string, number>();
  const square = skillOf('square-ending-five');
  const draws = 2000;
  for (let seed = 0; seed < draws; seed++) {
    const found = drawItems(square, { controls: { digits: 2 }, count: 1, seed });
    assert.ok(found.ok);
    const line = square.given.print(found.given[0]);
    times.set(line, (times.get(line) ?? 0) + 1);
  }
  // 15, 25, ... 95: chi squared of eight degrees of freedom, 26.1 is the 0.1 % point (table, from memory).
  assert.equal(times.size, 9);
  const expected = draws / 9;
  const chi = [...times.values()].reduce((sum, seen) => sum + (seen - expected) ** 2 / expected, 0);
  assert.ok(chi < 26.1, `chi squared ${chi}`);
});

test('too few items, none, and controls that cannot be read each say what is wrong', () => {
  const square = skillOf('square-ending-five');
  const few = drawItems(square, { controls: { digits: 2 }, count: 10, seed: 1 });
  assert.deepEqual(few, { ok: false, error: { code: 'too-few', population: 9n } });
  const different = drawItems(skillOf('reversed-pair'), {
    ...{ controls: { digitSum: 3 }, count: 5, seed: 1, allDifferent: true }
  });
  // 12 + 21 and 21 + 12 are one.
  assert.deepEqual(different, { ok: false, error: { code: 'too-few', population: 1n } });
  const none = drawItems(skillOf('column-addition'), {
    ...{ controls: { digits: 1, carries: 2, longestRun: 2 }, count: 1, seed: 1 }
  });
  assert.ok(!none.ok && none.error.code === 'empty-space');
  assert.deepEqual(none.error.conflict, ['digits', 'carries']);
  const odd = drawItems(skill, { controls: { lanterns: 1 }, count: 1, seed: 1 });
  assert.ok(!odd.ok && odd.error.code === 'invalid' && odd.error.field === 'lanterns');
});

test('wanted items are looked for within so many tries, none of them excepted', () => {
  const isEven = (given: unknown) => Number(skill.given.operands!(given)[0]) % 2 === 0;
  let asked = 0;
  const search = { controls, seed: 4, except: new Set<string>(), count: 6, tries: 100 };
  const found = drawWhere(skill, { ...search, isWanted: (given) => (asked++, isEven(given)) });
  assert.equal(found.length, 6);
  assert.ok(found.every(isEven) && asked <= 100);
  const except = new Set(found.map((given) => skill.itemKey(given)));
  const others = drawWhere(skill, { ...search, except, isWanted: isEven });
  assert.ok(others.every((given) => !except.has(skill.itemKey(given))));
  let tried = 0;
  assert.deepEqual(drawWhere(skill, { ...search, tries: 7, isWanted: () => (tried++, false) }), []);
  assert.equal(tried, 7);
});
