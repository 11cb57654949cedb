import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { markItem } from '../../../marking';
import { analyseItem, itemsUnder, readControls, skillOf, Wanted, WorkedItem } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import { schoolsOf } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { value } from '../value.test-helper';
import { crossTrials, factorPairs } from './features';
import { isFactorable, type Given } from './numbers';
import { items } from './space';

const skill = skillOf('factorise-quadratic');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);
const under = (constraints: Constraints) => items(new Wanted(specs, constraints));
const SMALL = Array.from({ length: 25 }, (_, at) => at - 12);

function* quadratics(coefficients: readonly number[]): Generator<Given> {
  for (const a of coefficients) {
    if (a !== 0) for (const b of coefficients) for (const c of coefficients) yield { a, b, c };
  }
}

const coefficient = fc.integer({ min: -200, max: 200 });
const anyItem = fc
  .tuple(fc.integer({ min: -24, max: 24 }), coefficient, coefficient)
  .filter(([a]) => a !== 0)
  .map(([a, b, c]): Given => ({ a, b, c }));

/** Items that split, from their factors. */
const splitting = fc
  .tuple(
    fc.integer({ min: 1, max: 4 }),
    fc.integer({ min: -9, max: 9 }),
    fc.integer({ min: 1, max: 4 }),
    fc.integer({ min: -9, max: 9 }),
    fc.constantFrom(1, 1, 2, 3, -1, -2)
  )
  .map(([p, q, r, s, k]): Given => ({ a: k * p * r, b: k * (p * s + q * r), c: k * q * s }))
  .filter((given) => skill.given.schema.safeParse(given).success);

test('factorability agrees with an exhaustive search for all a, b, c from -12 to 12', () => {
  // (px + q)(rx + s) with pr = a: q is a root's numerator, so it divides c, or c is 0 and x is a factor.
  for (const { a, b, c } of quadratics(SMALL)) {
    const found = SMALL.some(
      (p) =>
        p > 0 &&
        a % p === 0 &&
        SMALL.some((q) => {
          const [r, s] = [a / p, (b - (q * a) / p) / p];
          return Number.isInteger(s) && q * s === c && p * s + q * r === b;
        })
    );
    assert.equal(isFactorable({ a, b, c }), found, `${a} ${b} ${c}`);
  }
});

test('the answer multiplies out to the item and is complete, in every school', () => {
  fc.assert(
    fc.property(fc.oneof(splitting, anyItem), ({ a, b, c }) => {
      for (const school of schoolsOf(skill)) {
        const { answer, steps } = analyseItem(skill, { a, b, c }, { school });
        const marked = markItem(new WorkedItem(skill, { a, b, c }, school), { answer });
        assert.deepEqual([marked.answer.verdict, marked.answer.form], ['correct', []], answer);
        assert.equal(marked.marks.awarded, marked.marks.available);
        assert.ok(steps.every(({ value }) => value !== undefined));
        const isBare = !isFactorable({ a, b, c }) && measure({ a, b, c }).content === 1;
        assert.equal(answer === 'not factorable', isBare);
        if (isBare) continue;
        for (const x of [-3, 2, 7]) {
          assert.equal(value(answer, x), a * x * x + b * x + c + 0, answer);
        }
      }
    }),
    { numRuns: 150 }
  );
});

test('features are those of an independent measurement', () => {
  // The catalogue's examples.
  assert.equal(crossTrials({ a: 6, b: 11, c: 4 }), 6);
  assert.equal(crossTrials({ a: 1, b: -7, c: 12 }), 3);
  assert.equal(crossTrials({ a: 1, b: 1, c: -12 }), 6);
  assert.equal(crossTrials({ a: 2, b: 10, c: 12 }), 2);
  fc.assert(
    fc.property(fc.oneof(splitting, anyItem), (given) => {
      const { a, b, c } = given;
      const found = measure(given);
      const divides = (n: number) => [a, b, c].every((value) => value % n === 0);
      const content = Array.from({ length: 24 }, (_, at) => 24 - at).find(divides);
      assert.equal(found.content, content);
      const [leading, , last] = [a, b, c].map((value) => value / content!);
      const size = Math.abs(leading! * last!);
      let pairs = 0;
      for (let n = 1; n <= size; n++) if (size % n === 0 && n * n <= size) pairs++;
      assert.equal(factorPairs(given), pairs);
      assert.equal(
        crossTrials(given),
        trialsByHand(...([a, b, c].map((value) => value / content!) as [number, number, number]))
      );
      const roots = [1, -1].map((sign) => (-b + sign * Math.sqrt(b * b - 4 * a * c)) / (2 * a));
      assert.equal(found.roots === 'integer', roots.every(Number.isInteger));
      assert.equal(
        found.kind === 'perfect-square',
        found.factorable && c !== 0 && roots[0] === roots[1]
      );
      assert.equal(found.kind === 'difference-of-squares', found.factorable && b === 0 && c !== 0);
    })
  );
});

/** Every (px + q)(rx + s), listed. */
function trialsByHand(a: number, b: number, c: number): number {
  const [leading, last] = a < 0 ? [-a, -c] : [a, c];
  const middle = a < 0 ? -b : b;
  const found = new Set<string>();
  for (let p = 1; p <= leading; p++) {
    for (let q = -Math.abs(last); q <= Math.abs(last); q++) {
      if (leading % p !== 0 || q === 0 || last % q !== 0) continue;
      if (last > 0 && Math.sign(middle) === -Math.sign(q) && middle !== 0) continue;
      found.add([`${p} ${q}`, `${leading / p} ${last / q}`].sort().join());
    }
  }
  return found.size;
}

test('counts equal those of a list of all small quadratics; a is positive unless less is asked for', () => {
  const small = Array.from({ length: 9 }, (_, at) => at - 4);
  const within = { largest: { min: 1, max: 4 } };
  const all = [...quadratics(small)];
  const withNegative = { ...within, leading: { min: -24, max: 24 } };
  countsAsMeasured({ specs, items: all, measure, within: withNegative, space: items });
  combinationsAsMeasured(under(withNegative), skill.decidingFeatures, all.map(measure));
  const positive = all.filter(({ a, b, c }) => a > 0 && isFactorable({ a, b, c }));
  ranksAsListed(under({ ...within, factorable: true }), positive, (given) =>
    skill.given.print(given)
  );
  assert.equal(itemsUnder(skill, {}).count, 24n * 401n * 401n);
  const read = readControls(skill.features, { leading: { max: 5 } });
  assert.deepEqual(read.ok && read.constraints.leading, { min: 1, max: 5 });
  const below = readControls(skill.features, { leading: { max: -2 } });
  assert.deepEqual(below.ok && below.constraints.leading, { min: -24, max: -2 });
});
