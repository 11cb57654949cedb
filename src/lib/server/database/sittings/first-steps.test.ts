import assert from 'node:assert/strict';
import { test } from 'node:test';
import '@zealous-quill/core/catalogue/all';
import { openDatabase } from '../base/connection';
import { saveTypedMarks } from '../marking/marks-only';
import { createClass } from '../people/classes';
import { sat } from '../sat-exam.test-helper';
import { listScripts } from './scripts';
import { readSat } from './snapshots';
import { firstSteps } from './first-steps';

test('each step is done as soon as it is taken, and not before', async () => {
  const empty = openDatabase(':memory:');
  const none = { class: false, practice: false, marked: false, results: false, exam: false };
  assert.deepEqual(firstSteps(empty), none);
  createClass(empty, '7 Amber');
  assert.deepEqual(firstSteps(empty), { ...none, class: true });
  const { db, id, first } = sat();
  const before = { class: true, practice: true, marked: false, results: false, exam: true };
  assert.deepEqual(firstSteps(db), before);
  const parts = readSat(db, id).parts.map((part) => part.id);
  const typed = listScripts(db, first).flatMap((script) =>
    parts.map((partId) => ({ scriptId: script.id, partId, marks: 1, version: 0 }))
  );
  await saveTypedMarks(db, first, typed.slice(0, 1));
  assert.deepEqual(firstSteps(db), { ...before, marked: true });
  await saveTypedMarks(db, first, typed.slice(1));
  assert.deepEqual(firstSteps(db), { ...before, marked: true, results: true });
});
