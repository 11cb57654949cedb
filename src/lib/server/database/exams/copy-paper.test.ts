import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startLadder } from '@zealous-quill/core/papers';
import { openDatabase } from '../base/connection';
import { readExam } from './exams';
import { sat } from '../sat-exam.test-helper';
import { copyPaper } from './copy-paper';
import { createPaper, readPaper } from '../papers/papers';

test('a copy of a practice has its rungs, is a draft, and is no edition of it', () => {
  const db = openDatabase(':memory:');
  const id = createPaper(db, startLadder('column-addition', 'x'.repeat(120), { seed: 3 }));
  const copy = copyPaper(db, id)!;
  const [before, after] = [readPaper(db, id)!, readPaper(db, copy)!];
  assert.notEqual(copy, id);
  assert.deepEqual([after.edition, after.isSat, after.title.length], [1, false, 120]);
  assert.match(after.title, /, copy$/);
  assert.deepEqual(after.rungs, before.rungs);
  assert.equal(copyPaper(db, 999), undefined);
});

test('a copy of an exam that was sat can be changed, and asks the same', () => {
  const { db, id } = sat();
  const [before, after] = [readExam(db, id)!, readExam(db, copyPaper(db, id)!)!];
  assert.deepEqual([after.isSat, after.state, after.edition], [false, 'draft', 1]);
  assert.deepEqual(after.exam.sections, before.exam.sections);
  assert.equal(after.exam.title, `${before.exam.title}, copy`);
});
