import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { secondsOnPaper, timedKinds, usualTiming, workingAlone } from './timing';

const seconds = fc.integer({ min: 0, max: 600 });
const kind = fc.constantFrom(...timedKinds);

test('a part takes its reading, its working and its checking', () => {
  const timing = { ...usualTiming, bare: { reading: 12, working: 200, checking: 50 } };
  // 12 s, twice 30 s and half of 30 s.
  assert.equal(secondsOnPaper({ kind: 'bare', seconds: 30 }, timing), 87);
});

test('with no weights a part takes as long as its item, and with the usual ones longer', () => {
  fc.assert(
    fc.property(kind, seconds, (kind, seconds) => {
      assert.equal(secondsOnPaper({ kind, seconds }, workingAlone), seconds);
      assert.ok(secondsOnPaper({ kind, seconds }, usualTiming) > seconds);
    })
  );
});

test('the minutes of an own question are those its author gave it', () => {
  fc.assert(
    fc.property(seconds, (seconds) => {
      assert.equal(secondsOnPaper({ kind: 'own', seconds }, usualTiming), seconds);
    })
  );
});
