import assert from 'node:assert/strict';
import { test } from 'node:test';
import { glossary } from './glossary';

const words = glossary.flatMap((group) => group.words);

test('each word stands once, in the order in which it is needed, with a sentence', () => {
  const names = words.map(([word]) => word.toLowerCase());
  assert.equal(new Set(names).size, names.length);
  for (const [word, meaning] of words) {
    assert.match(meaning, /^\p{Lu}.*\.$/u, word);
    assert.ok(meaning.length < 260, `${word} is explained shortly`);
    assert.doesNotMatch(meaning, new RegExp(`^An? ${word} is`, 'i'), word);
  }
});
