import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { namesIn, printedRatio, ratioOf, writtenRatio, type Ratio } from './ratio';

const none = () => undefined;
const whole = (value: number): Ratio => ({ top: BigInt(value), bottom: 1n });

/** A tree of whole numbers, its text with all brackets, and its worth as JavaScript has it; small, so that it is exact. */
const trees: fc.Arbitrary<{ text: string; value: number }> = fc.letrec((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.nat(20).map((value) => ({ text: String(value), value })),
    fc
      .tuple(
        tie('tree') as fc.Arbitrary<{ text: string; value: number }>,
        fc.constantFrom('+', '−', '×'),
        tie('tree') as fc.Arbitrary<{ text: string; value: number }>
      )
      .map(([one, sign, other]) => ({
        text: `(${one.text} ${sign} ${other.text})`,
        value:
          sign === '+'
            ? one.value + other.value
            : sign === '−'
              ? one.value - other.value
              : one.value * other.value
      }))
  )
})).tree as fc.Arbitrary<{ text: string; value: number }>;

test('an expression is worth what arithmetic says', () => {
  fc.assert(
    fc.property(trees, ({ text, value }) => {
      fc.pre(Number.isSafeInteger(value));
      assert.deepEqual(ratioOf(text, none), whole(value === 0 ? 0 : value));
    }),
    { seed: 27 }
  );
  const worth = (text: string) => {
    const value = ratioOf(text, (name) => (name === 'a' ? whole(12) : undefined));
    return value && printedRatio(value);
  };
  assert.equal(worth('2 + 3 × 4'), '14');
  assert.equal(worth('a ÷ 5 − 0.4'), '2');
  assert.equal(worth('-a + 1'), '-11');
  assert.equal(worth('1 ÷ 3'), '1/3');
  assert.equal(worth('10 / 4 / 5'), '0.5');
  assert.equal(worth('7 - 4 - 2'), '1');
  for (const text of [
    '',
    '2 +',
    'b',
    '3 ÷ (a − 12)',
    '2 2',
    '(1',
    '1)',
    'a(2)',
    '2 ^ 3',
    'x y',
    'ab + 1',
    'a.b',
    '1e3',
    'a ? 1 : 2',
    'true',
    '1..2'
  ]) {
    assert.equal(worth(text), undefined, text);
  }
  assert.equal(worth('('.repeat(2000) + '1' + ')'.repeat(2000)), undefined);
  assert.deepEqual(namesIn('a × b + a'), ['a', 'b']);
});

test('a number that is printed is read again as what it is', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -5000, max: 5000 }),
      fc.integer({ min: 1, max: 400 }),
      (top, bottom) => {
        const value = ratioOf(`${top < 0 ? '-' : ''}${Math.abs(top)} / ${bottom}`, none)!;
        assert.deepEqual(writtenRatio(printedRatio(value)), value);
        assert.ok(Math.abs(Number(value.top) / Number(value.bottom) - top / bottom) < 1e-9);
      }
    ),
    { seed: 27 }
  );
  assert.deepEqual(writtenRatio('1 1/2'), { top: 3n, bottom: 2n });
  assert.deepEqual(writtenRatio('1,250'), { top: 1250n, bottom: 1n });
  assert.equal(writtenRatio('lamps'), undefined);
});
