import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { exactRoot } from './polynomial';
import { integerRoot } from './roots';

test('the integer root is the largest number whose power is not above: all small numbers, and any of 200 digits', () => {
  for (let number = 0n; number < 3000n; number++) {
    for (const degree of [1, 2, 3, 4]) {
      let slow = 0n;
      while ((slow + 1n) ** BigInt(degree) <= number) slow++;
      assert.equal(integerRoot(number, degree), slow, `${degree} of ${number}`);
    }
  }
  fc.assert(
    fc.property(fc.bigInt(0n, 10n ** 200n), fc.integer({ min: 2, max: 5 }), (number, degree) => {
      const root = integerRoot(number, degree);
      const power = BigInt(degree);
      assert.ok(root ** power <= number && (root + 1n) ** power > number);
      assert.equal(integerRoot(root ** power, degree), root);
    }),
    { numRuns: 300, seed: 1852 }
  );
  assert.throws(() => integerRoot(-1n, 2), RangeError);
});

test('a perfect square has its root and no other number has one, of however many digits', () => {
  fc.assert(
    fc.property(fc.bigInt(2n, 10n ** 100n), (root) => {
      assert.equal(exactRoot(root * root), root);
      assert.equal(exactRoot(root * root + 1n), undefined);
      assert.equal(exactRoot(root * root - 1n), undefined);
    }),
    { numRuns: 300, seed: 1852 }
  );
});
