import assert from 'node:assert/strict';
import { test } from 'node:test';
import { presentedWords } from './presented-words';

test('a part presented otherwise says what it is worth now, and what the plan lacks only since then', () => {
  const words = presentedWords(
    { marks: 2, lacks: ['minutes'] },
    { marks: 1, lacks: ['minutes', 'marks in all'] }
  );
  assert.equal(
    words,
    'Worth 1 mark now; it was worth 2. The plan is not met any more in: marks in all.'
  );
});

test('nothing is said where nothing is other than before', () => {
  const stand = { marks: 2, lacks: ['minutes'] };
  assert.equal(presentedWords(stand, stand), '');
  assert.equal(presentedWords(stand, { marks: 2, lacks: [] }), '');
});
