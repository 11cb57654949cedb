import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Clock } from './draft.test-helper';
import { TYPING_PAUSE, TypedFields, type TypedField } from './typed-fields.svelte';

function typing(dataset: TypedField['dataset'] = {}) {
  const clock = new Clock();
  const fields = new TypedFields(clock);
  const field = {
    ...{ isConnected: true, validity: { valid: true }, dataset, changes: 0 },
    dispatchEvent() {
      field.changes++;
      fields.taken(field);
      return true;
    }
  };
  return { clock, fields, field };
}

test('what is typed is handed over once typing pauses, and is not said to be saved before', async () => {
  const { clock, fields, field } = typing();
  fields.typed(field);
  await clock.pass(TYPING_PAUSE - 1);
  fields.typed(field);
  await clock.pass(TYPING_PAUSE - 1);
  assert.deepEqual([field.changes, fields.isOpen], [0, true]);
  await clock.pass(1);
  assert.deepEqual([field.changes, fields.isOpen], [1, false]);
  await clock.pass(10 * TYPING_PAUSE);
  assert.equal(field.changes, 1);
});

test('what cannot be is not saved until it is changed, or the field is left', async () => {
  const { clock, fields, field } = typing();
  field.validity.valid = false;
  fields.typed(field);
  await clock.pass(10 * TYPING_PAUSE);
  assert.deepEqual([field.changes, fields.isOpen], [0, true]);
  fields.taken({});
  assert.equal(fields.isOpen, true);
  fields.taken(field);
  assert.equal(fields.isOpen, false);
});

test('a field that waits for Enter is open until it is no more: it is read before it is taken', async () => {
  const { clock, fields, field } = typing({ enter: '' });
  fields.typed(field);
  await clock.pass(10 * TYPING_PAUSE);
  // Enter tells of a change, and leaving of the field as well, while it is still being read.
  fields.taken(field);
  assert.deepEqual([field.changes, fields.isOpen], [0, true]);
  field.isConnected = false;
  await clock.pass(TYPING_PAUSE);
  assert.deepEqual([field.changes, fields.isOpen], [0, false]);
});
