import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../../catalogue/all';
import { analyseItem, drawItems, itemsUnder, skillOf, type Controls } from '../../skill';
import { markItem } from '../../marking';
import { WorkedItem } from '../../skill';

const addition = skillOf('decimal-addition');
const subtraction = skillOf('decimal-subtraction');

/** Amounts below ten are the whole numbers from 1 to 999, in hundredths. */
const HUNDREDTHS = Array.from({ length: 999 }, (_, at) => at + 1);
const small = { amounts: true, wholeDigits: 1 };

/** What is counted of every pair of amounts, by what a sum or difference of whole numbers shows. */
function tallied(keyOf: (one: number, other: number) => string | undefined): Map<string, bigint> {
  const counts = new Map<string, bigint>();
  for (const one of HUNDREDTHS) {
    for (const other of HUNDREDTHS) {
      const key = keyOf(one, other);
      if (key !== undefined) counts.set(key, (counts.get(key) ?? 0n) + 1n);
    }
  }
  return counts;
}

const zerosAtEnd = (hundredths: number) =>
  hundredths % 100 === 0 ? 2 : hundredths % 10 === 0 ? 1 : 0;

test('sums of amounts are as many as sums of hundredths, by carries, across the point, and zeros', () => {
  const powers = [10, 100, 1000];
  const counts = tallied((one, other) => {
    const carries = powers.filter((power) => (one % power) + (other % power) >= power);
    return [carries.length, carries.includes(100), zerosAtEnd(one + other)].join();
  });
  let all = 0n;
  for (const carries of [0, 1, 2, 3]) {
    for (const acrossPoint of [false, true]) {
      for (const trailingZeros of [0, 1, 2]) {
        const controls = { ...small, addends: 2, carries, acrossPoint, trailingZeros };
        const { count } = itemsUnder(addition, controls);
        const key = [carries, acrossPoint, trailingZeros].join();
        assert.equal(count, counts.get(key) ?? 0n, key);
        all += count;
      }
    }
  }
  assert.equal(all, 999n * 999n);
});

test('differences of amounts are as many as differences of hundredths, by regroupings and zeros', () => {
  const counts = tallied((one, other) => {
    if (one <= other) return undefined;
    const regroupings = [10, 100].filter((power) => one % power < other % power).length;
    return [regroupings, zerosAtEnd(one - other), one - other < 100].join();
  });
  let all = 0n;
  for (const regroupings of [0, 1, 2]) {
    for (const trailingZeros of [0, 1, 2]) {
      for (const belowOne of [false, true]) {
        const controls = { ...small, regroupings, trailingZeros, belowOne };
        const { count } = itemsUnder(subtraction, controls);
        const key = [regroupings, trailingZeros, belowOne].join();
        assert.equal(count, counts.get(key) ?? 0n, key);
        all += count;
      }
    }
  }
  assert.equal(all, (999n * 998n) / 2n);
});

const skill = fc.constantFrom(addition, subtraction);
const seed = fc.integer({ min: 0, max: 1e6 });

test('amounts that are drawn have two places, measure as amounts, and are read back as they are printed', () => {
  fc.assert(
    fc.property(skill, seed, fc.integer({ min: 1, max: 3 }), (skill, seed, wholeDigits) => {
      const drawn = drawItems(skill, { controls: { amounts: true, wholeDigits }, count: 5, seed });
      assert.ok(drawn.ok);
      for (const given of drawn.given) {
        const line = skill.given.print(given);
        assert.ok(
          line.split(/ [+-] /).every((text) => /^\d+\.\d\d$/.test(text)),
          line
        );
        assert.ok(skill.given.schema.safeParse(given).success, line);
        const { amounts, maxPlaces, raggedness, integers, padded } = skill.measure(given);
        assert.deepEqual(
          [amounts, maxPlaces, raggedness, integers, padded],
          [true, 2, 0, 0, 0],
          line
        );
        // Where no number ends in a zero, the line is that of ordinary decimals as well.
        if (/0( |$)/.test(line)) assert.deepEqual(skill.given.parse(line), given);
        const { answer } = analyseItem(skill, given);
        assert.match(answer, /^\d+\.\d\d$/);
      }
    }),
    { seed: 5, numRuns: 60 }
  );
});

test('no amounts are drawn unless they are asked for, and none that are not even', () => {
  for (const skill of [addition, subtraction]) {
    const { count } = itemsUnder(skill, { wholeDigits: 1, maxPlaces: 2 });
    assert.equal(itemsUnder(skill, { wholeDigits: 1, maxPlaces: 2, amounts: false }).count, count);
    const uneven: Controls[] = [
      { raggedness: 1 },
      { integers: 1 },
      { maxPlaces: 3 },
      { padded: 1 }
    ];
    for (const controls of uneven) {
      assert.equal(itemsUnder(skill, { ...controls, amounts: true }).count, 0n);
    }
  }
});

test('an amount of nothing, or with one place, is refused beside its number; ordinary decimals have no needless zero', () => {
  const problems = (given: unknown) => {
    const read = addition.given.schema.safeParse(given);
    return read.success ? [] : read.error.issues.map(({ path }) => path.join('.'));
  };
  assert.deepEqual(problems({ addends: ['7.30', '4.05'], amounts: true }), []);
  assert.deepEqual(problems({ addends: ['7.30', '0.00'], amounts: true }), ['addends.1']);
  assert.deepEqual(problems({ addends: ['7.3', '4.05'], amounts: true }), ['addends.0']);
  assert.deepEqual(problems({ addends: ['7.30', '4.05'] }), ['addends.0']);
  assert.deepEqual(problems({ addends: ['7.3', '4.05'], amounts: false }), []);
});

test('an amount is right without its last zero too', () => {
  const item = new WorkedItem(addition, addition.given.parse('7.30 + 4.50'), 'columns');
  for (const answer of ['11.80', '11.8']) {
    const { marks, answer: read } = markItem(item, { answer });
    assert.equal(marks.awarded, marks.available, answer);
    assert.deepEqual(read.form, [], answer);
  }
});
