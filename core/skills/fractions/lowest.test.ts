import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import Fraction from 'fraction.js';
import '../../catalogue/all';
import { markItem } from '../../marking';
import {
  analyseItem,
  drawItems,
  itemsUnder,
  skillOf,
  WorkedItem,
  type Controls
} from '../../skill';
import type { MixedGiven } from '../../skill/given/mixed';
import { value } from './operands.test-helper';

const addition = skillOf('mixed-addition');
const subtraction = skillOf('mixed-subtraction');

/** Every mixed number of small parts, its fraction cancelled or not. */
const numbers: readonly MixedGiven[] = [0, 1, 2].flatMap((whole) => [
  ...(whole > 0 ? [{ whole, numerator: 0, denominator: 1 }] : []),
  ...[2, 3, 4, 5, 6].flatMap((denominator) =>
    Array.from({ length: denominator - 1 }, (_, at) => ({ whole, numerator: at + 1, denominator }))
  )
]);
/** fraction.js cancels: what keeps its denominator was in lowest terms. */
const isLowest = ({ numerator, denominator }: MixedGiven) =>
  Number(new Fraction(numerator, denominator).d) === denominator;

const small = { largestWhole: { max: 2 }, largestDenominator: { max: 6 } };

test('with fractions that cancel there are as many items as pairs of which one is not in lowest terms', () => {
  const pairs = numbers.flatMap((one) => numbers.map((other) => [one, other] as const));
  const cancelling = pairs.filter(([one, other]) => !isLowest(one) || !isLowest(other));
  const larger = cancelling.filter(([one, other]) => value(one).compare(value(other)) > 0);
  const simplifying = (skill: typeof addition, given: unknown) =>
    skill.measure(given)['simplifies'] === true;
  for (const [skill, items] of [
    [addition, cancelling.map((addends) => ({ addends: [...addends] }))],
    [subtraction, larger.map(([minuend, subtrahend]) => ({ minuend, subtrahend }))]
  ] as const) {
    const count = (controls: object) =>
      itemsUnder(skill, { ...small, lowest: false, ...controls }).count;
    assert.equal(count({}), BigInt(items.length));
    const some = items.filter((given) => simplifying(skill, given)).length;
    assert.equal(count({ simplifies: true }), BigInt(some));
    assert.ok(items.every((given) => skill.measure(given)['lowest'] === false));
  }
});

test('unless fractions that cancel are asked for, there are the items there were', () => {
  for (const skill of [addition, subtraction]) {
    assert.equal(itemsUnder(skill, { lowest: true }).count, itemsUnder(skill, {}).count);
    for (const seed of [1, 2, 3]) {
      const asked = (controls: Controls) => drawItems(skill, { controls, count: 10, seed });
      assert.deepEqual(asked({ ...small, lowest: true }), asked(small));
    }
  }
});

test('what can be cancelled first earns full marks so, and the key is the sum or difference', () => {
  const skill = fc.constantFrom(addition, subtraction);
  fc.assert(
    fc.property(skill, fc.integer({ min: 0, max: 1e6 }), (skill, seed) => {
      const drawn = drawItems(skill, { controls: { ...small, lowest: false }, count: 3, seed });
      assert.ok(drawn.ok);
      for (const given of drawn.given) {
        const [one, other] = (
          skill === addition
            ? (given as { addends: MixedGiven[] }).addends
            : Object.values(given as object)
        ) as [MixedGiven, MixedGiven];
        const right =
          skill === addition ? value(one).add(value(other)) : value(one).sub(value(other));
        const { answer, errorPatterns } = analyseItem(skill, given);
        assert.ok(new Fraction(answer).equals(right), skill.given.print(given));
        // The least common denominator of the cancelled fractions.
        const [a, b] = [one, other].map((one) =>
          Number(new Fraction(one.numerator, one.denominator).d)
        );
        const common = Number(new Fraction(a!, b!).d) * a!;
        const item = new WorkedItem(skill, given, Object.keys(skill.schools)[0]!);
        const { steps } = markItem(item, { 'common.denominator': String(common) });
        const { verdict } = steps.find(({ id }) => id === 'common.denominator')!;
        assert.equal(verdict, 'correct', `${skill.given.print(given)}: ${common}`);
        // A pattern's answer is named by that pattern, among others that give the same.
        for (const { id, answer } of errorPatterns) {
          const { diagnosis } = markItem(item, { answer });
          const named = diagnosis.flatMap((one) => one.patterns);
          assert.ok(named.includes(id), `${skill.given.print(given)}: ${id}`);
        }
      }
    }),
    { seed: 9, numRuns: 100 }
  );
});
