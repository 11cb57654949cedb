import assert from 'node:assert/strict';
import { test } from 'node:test';
import { dayOf, idOf, textOf } from './form-fields';

test('days are read that there are, and no others', () => {
  for (const day of ['2026-11-27', '2024-02-29', '1999-12-31']) assert.equal(dayOf(day), day);
  for (const day of [
    '2026-02-29',
    '2026-02-30',
    '2026-13-01',
    '2026-00-10',
    '26-1-1',
    '',
    'today'
  ]) {
    assert.equal(dayOf(day), undefined, day);
  }
});

test('ids are plain numbers from 1; texts are tidied', () => {
  assert.deepEqual(['7', '0', '-1', '1e3', '٣', '9'.repeat(16)].map(idOf), [
    7,
    ...Array<undefined>(5).fill(undefined)
  ]);
  const form = new FormData();
  form.set('name', '  Oona \t Fell ');
  assert.equal(textOf(form, 'name'), 'Oona Fell');
  assert.equal(textOf(form, 'missing'), '');
});
