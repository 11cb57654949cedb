import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { Grades } from './grades';
import { strides, unpack, vectorsUpTo } from './packing';

test('what is packed comes back, and different values are packed into different numbers', () => {
  const sizes = [3, 1, 4, 2];
  const weights = strides(sizes);
  const all = vectorsUpTo(sizes.map((size) => size - 1));
  assert.equal(all.length, 3 * 1 * 4 * 2);
  const codes = all.map((values) =>
    values.reduce((sum, value, at) => sum + value * weights[at]!, 0)
  );
  assert.deepEqual(
    codes.toSorted((one, other) => one - other),
    Array.from({ length: 24 }, (_, code) => code)
  );
  codes.forEach((code, at) => assert.deepEqual(unpack(code, sizes), all[at]));
});

test('sizes that do not fit into a safe whole number are refused', () => {
  assert.throws(() => strides([2 ** 27, 2 ** 27]), RangeError);
});

test('grades add up as their counts do, and a count of size 1 reads 0', () => {
  const grades = new Grades({ carries: 5, zeros: 1, digits: 9 });
  const counts = fc.record({ carries: fc.nat(2), zeros: fc.nat(3), digits: fc.nat(4) });
  fc.assert(
    fc.property(counts, counts, (one, other) => {
      assert.deepEqual(grades.read(grades.pack(one) + grades.pack(other)), {
        carries: one.carries + other.carries,
        zeros: 0,
        digits: one.digits + other.digits
      });
    })
  );
});
