import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ALONE, HeldKeys, withoutModifiers as plain } from './held-keys';

test('keys are held from when it is said until they are released, in their order', () => {
  const keys = new HeldKeys();
  assert.equal(keys.take({ key: '1', ...plain }), false);
  keys.hold();
  for (const key of ['4', '2', 'Enter', '=', 'Backspace']) {
    assert.ok(keys.take({ key, ...plain }), key);
  }
  keys.hold();
  assert.deepEqual(keys.release(), ['4', '2', 'Enter', '=', 'Backspace']);
  assert.deepEqual(keys.release(), []);
  assert.equal(keys.take({ key: '1', ...plain }), false);
});

test('a key that types nothing, or with a modifier, is taken and let go', () => {
  const keys = new HeldKeys();
  keys.hold();
  assert.ok(keys.take({ key: 'z', ...plain, ctrlKey: true }), 'taken');
  assert.ok(keys.take({ key: 'ArrowLeft', ...plain }), 'taken');
  assert.deepEqual(keys.release(), []);
});

test('Enter with Shift is held as what it is', () => {
  const keys = new HeldKeys();
  keys.hold();
  keys.take({ key: 'Enter', ...plain, shiftKey: true });
  keys.take({ key: 'A', ...plain, shiftKey: true });
  assert.deepEqual(keys.release(), [ALONE, 'A']);
});
