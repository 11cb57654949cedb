import assert from 'node:assert/strict';
import { test } from 'node:test';
import { newKey, ownName, typedName } from './typed-name';

test('a name is typed with a comma where its surname is known, and without what tells it from another', () => {
  assert.equal(typedName('Oona Fell', 'Fell'), 'Fell, Oona');
  assert.equal(typedName('Oona Fell (2)', 'Fell'), 'Fell, Oona');
  assert.equal(typedName('Oona van der Fell', 'van der Fell'), 'van der Fell, Oona');
  assert.equal(typedName('Oona Fell', null), 'Oona Fell');
  // A surname that the name does not end with, or is all of it, is left alone.
  assert.equal(typedName('Oona Fellow', 'Fell'), 'Oona Fellow');
  assert.equal(typedName('Fell', 'Fell'), 'Fell');
  assert.equal(ownName('Oona Fell (12)'), 'Oona Fell');
  assert.equal(ownName('Oona (2) Fell'), 'Oona (2) Fell');
});

test('keys differ, and have only letters, digits and dashes', () => {
  const keys = new Set(Array.from({ length: 500 }, newKey));
  assert.equal(keys.size, 500);
  for (const key of keys) assert.match(key, /^[a-z0-9]+(-[a-z0-9]+){3}$/);
});
