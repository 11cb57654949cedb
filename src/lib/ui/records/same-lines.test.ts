import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { sameLines } from './same-lines';

const line = fc.record(
  { action: fc.constantFrom('marked', 'saved'), about: fc.constantFrom('a', 'b') },
  { noNullPrototype: true }
);

test('lines that say the same in a row are one with their number; written out again they are what they were', () => {
  fc.assert(
    fc.property(fc.array(line), (lines) => {
      const told = sameLines(lines);
      const again = told.flatMap(({ action, about, times }) =>
        Array.from({ length: times }, () => ({ action, about }))
      );
      assert.deepEqual(again, lines);
      for (const [at, { action, about }] of told.entries()) {
        const next = told[at + 1];
        assert.ok(next?.action !== action || next.about !== about, 'neighbours differ');
      }
    })
  );
});
