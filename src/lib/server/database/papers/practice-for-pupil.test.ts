import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { department } from '../department.test-helper';
import { copyPaper } from '../exams/copy-paper';
import { removePupil } from '../people/classes';
import { erasePupil, pupilRecord } from '../people/pupil-record';
import { emptyBin, restoreFromBin } from '../records/bin';
import { documentOf, printOf } from '../../print/print-of';
import { createPaper, newEdition, readPaper, removePaper } from './papers';

/** A practice for the first pupil of the first class. */
function practice() {
  const made = department();
  const [group] = made.classes;
  const [pupil] = made.pupils[0]!;
  const paper = startLadder('column-addition', 'Practice', { seed: 4 });
  const id = createPaper(made.db, paper, { pupilId: pupil! });
  const whose = (one: number) => readPaper(made.db, one)?.pupil?.id ?? null;
  return { ...made, group: group!, pupil: pupil!, id, whose };
}

test('a practice for one pupil has the name on it, in its next edition too, and not in a copy', () => {
  const { db, id, group, pupil, whose } = practice();
  const { name, className } = readPaper(db, id)!.pupil!;
  const named = (one: number) => {
    const found = printOf(db, one, 'paper');
    assert.ok(found.ok);
    const document = documentOf(found.asked);
    assert.ok('pupil' in document);
    return document.pupil;
  };
  assert.deepEqual(named(id), { name, className });
  assert.ok(name !== '' && className !== '');
  const { practices } = pupilRecord(db, group, pupil)!;
  assert.deepEqual(
    practices.map(({ title }) => title),
    ['Practice']
  );
  assert.equal(whose(newEdition(db, id)!), pupil);
  const copy = copyPaper(db, id)!;
  assert.equal(whose(copy), null);
  assert.deepEqual(named(copy), { name: '', className: '' });
});

test('a practice of a pupil who is erased stays, for nobody, and in the bin too', () => {
  const { db, id, group, pupil, whose } = practice();
  const other = newEdition(db, id)!;
  const removed = removePaper(db, other, false)!;
  assert.ok(erasePupil(db, group, pupil), 'erased');
  assert.equal(whose(id), null);
  const restored = restoreFromBin(db, removed.bin);
  assert.ok(restored.ok, 'the paper comes back');
  assert.equal(whose(other), null);
});

test('a paper comes back from the bin for its pupil, or for nobody once the pupil is gone for good', () => {
  const { db, id, group, pupil, whose } = practice();
  const removed = removePaper(db, id, false)!;
  assert.ok(restoreFromBin(db, removed.bin).ok, 'back');
  assert.equal(whose(id), pupil);
  const again = removePaper(db, id, false)!;
  const gone = removePupil(db, group, pupil, true);
  assert.ok(gone.ok, 'the pupil is in the bin');
  assert.ok(restoreFromBin(db, again.bin).ok, 'back, though the pupil is not');
  assert.equal(whose(id), null);
  assert.ok(emptyBin(db, new Date(Date.now() + 40 * 86_400_000)) > 0, 'emptied');
  assert.equal(whose(id), null);
});
