import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { unbroken } from './unbroken';

test('a short expression holds together, with the brackets around it; a long one and words do not', () => {
  const shown = (text: string) => unbroken(text).replaceAll('\u00a0', '_');
  assert.equal(
    shown('Wrong: (x − 2)(x + 2) factor lost; 5x(x − 4) too'),
    'Wrong: (x_−_2)(x_+_2) factor lost; 5x(x_−_4) too'
  );
  assert.equal(shown('Work out 12 × 16.'), 'Work out 12_×_16.');
  const long = '123456789 + 987654321 + 555555555';
  assert.equal(shown(long), long);
  assert.equal(shown('in your head – then write it'), 'in your head – then write it');
});

test('nothing but spaces is changed', () => {
  const words = fc.array(fc.constantFrom('7', '(x', '2)', '+', '−', '=', 'and', ' ', '×'));
  fc.assert(
    fc.property(words, (parts) => {
      const text = parts.join(' ');
      assert.equal(unbroken(text).replaceAll('\u00a0', ' '), text);
    }),
    { seed: 3 }
  );
});
