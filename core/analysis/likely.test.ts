import assert from 'node:assert/strict';
import { test } from 'node:test';
import { certaintyOf, likelyPatterns } from './likely';
import type { PatternEvidence } from './pattern-evidence';

const seen = (pattern: string, more: Partial<PatternEvidence> = {}): PatternEvidence => ({
  ...{ pattern, could: 6, did: 4, against: 0, right: 0, probability: 0.9 },
  ...more
});

const named = (...evidence: readonly PatternEvidence[]) =>
  likelyPatterns(evidence).map(({ pattern }) => pattern);

test('a pattern is named from one half on, the likeliest first', () => {
  const evidence = [
    seen('half', { probability: 0.5 }),
    seen('less', { probability: 0.49 }),
    seen('most', { probability: 0.8 })
  ];
  assert.deepEqual(named(...evidence), ['most', 'half']);
});

test('those that are equally likely are named together if they come to one half, but none below a fifth', () => {
  const alike = (probability: number, count: number) =>
    Array.from({ length: count }, (_, at) => seen(`p${at}`, { probability }));
  assert.deepEqual(named(...alike(0.25, 2)), ['p0', 'p1']);
  assert.deepEqual(named(...alike(0.24, 2)), []);
  assert.deepEqual(named(...alike(0.2, 3)), ['p0', 'p1', 'p2']);
  assert.deepEqual(named(...alike(0.19, 3)), []);
});

test('one that was seen once, explains less than three fifths of what is wrong, or is mostly not followed is not named', () => {
  assert.deepEqual(named(seen('once', { did: 1 })), []);
  assert.deepEqual(named(seen('twice', { did: 2 })), ['twice']);
  assert.deepEqual(named(seen('explains', { did: 3, against: 2 })), ['explains']);
  assert.deepEqual(named(seen('leaves', { did: 3, against: 3 })), []);
  assert.deepEqual(named(seen('followed', { did: 2, right: 3 })), ['followed']);
  assert.deepEqual(named(seen('forgotten', { did: 2, right: 4 })), []);
});

test('what leaves over a fifth unexplained is never all but certain', () => {
  const sure = seen('p', { did: 8, against: 2, probability: 0.999 });
  const loose = seen('q', { did: 7, against: 2, probability: 0.999 });
  assert.deepEqual([certaintyOf(sure), certaintyOf(loose)], [0.999, 0.99]);
  assert.deepEqual(
    likelyPatterns([sure, loose]).map(({ probability }) => probability),
    [0.999, 0.99]
  );
  assert.equal(certaintyOf(seen('r', { did: 3, against: 2, probability: 0.7 })), 0.7);
});
