import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { alikeIn, likenessOf } from './alike';

const why = (one: readonly [string, string], other: readonly [string, string]) =>
  likenessOf({ line: one[0], answer: one[1] }, { line: other[0], answer: other[1] })?.why;

test('a number of three digits in both, the same long answer, or one digit that differs makes items nearly alike', () => {
  assert.equal(why(['487 + 365', '852'], ['365 + 219', '584']), 'number');
  assert.equal(why(['4.87 + 3.6', '8.47'], ['4.87 - 1.2', '3.67']), 'number');
  assert.equal(why(['487 + 365', '852'], ['213 x 4', '852']), 'answer');
  assert.equal(why(['47 + 38', '85'], ['47 + 39', '86']), 'digit');
});

test('short or round numbers and answers are not recognised, nor is a digit more', () => {
  assert.equal(why(['47 + 38', '85'], ['47 + 26', '73']), undefined);
  assert.equal(why(['1000 - 43', '957'], ['1000 - 786', '214']), undefined);
  assert.equal(why(['47 + 38', '85'], ['60 + 25', '85']), undefined);
  assert.equal(why(['47 + 38', '85'], ['47 + 138', '185']), undefined);
  assert.equal(why(['47 + 38', '85'], ['47 - 38', '9']), undefined);
});

test('likeness does not depend on the order', () => {
  const number = fc.integer({ min: 1, max: 1200 });
  const item = fc
    .tuple(number, number)
    .map(([one, other]) => ({ line: `${one} + ${other}`, answer: String(one + other) }));
  fc.assert(
    fc.property(item, item, (one, other) => {
      assert.equal(likenessOf(one, other)?.why, likenessOf(other, one)?.why);
    })
  );
});

test('every pair of parts is compared once', () => {
  const part = (id: string, line: string, answer: string) => ({ id, line, answer });
  const pairs = alikeIn([
    part('a', '487 + 365', '852'),
    part('b', '47 + 38', '85'),
    part('c', '365 + 219', '584'),
    part('d', '47 + 39', '86')
  ]);
  assert.deepEqual(
    pairs.map(({ parts }) => parts.join('')),
    ['ac', 'bd']
  );
});

test('two problems that tell the same story are alike, whoever is in it and whatever its numbers are', () => {
  const sold = (who: string, many: number) =>
    `${who} sells ${many} tickets. A ticket costs £4. How much money does ${who} take?`;
  const like = (one: string, other: string) =>
    likenessOf({ line: one, answer: '1' }, { line: other, answer: '2' })?.why;
  assert.equal(like(sold('Orla', 12), sold('Bram', 31)), 'story');
  assert.equal(like(sold('Orla', 12), 'Orla has 3 eggs. How many eggs does Orla have?'), undefined);
  assert.equal(like('Work out 3 + 4.', 'Work out 3 + 4.'), undefined);
});
