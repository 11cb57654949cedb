import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { meanOf, tenths } from './spread';

test('a share lies in the tenth that it begins, and the whole in the last', () => {
  for (let part = 0; part <= 10; part++) {
    const at = tenths([part / 10]).indexOf(1);
    assert.equal(at, Math.min(9, part), `${part} tenths`);
  }
});

test('no share is lost, and their mean is between the least and the most', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1 }),
      (shares) => {
        assert.equal(
          tenths(shares).reduce((sum, one) => sum + one, 0),
          shares.length
        );
        const mean = meanOf(shares)!;
        assert.ok(mean >= Math.min(...shares) - 1e-9 && mean <= Math.max(...shares) + 1e-9);
      }
    ),
    { seed: 4 }
  );
  assert.equal(meanOf([]), null);
});
