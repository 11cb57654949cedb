import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startLadder } from '@zealous-quill/core/papers';
import { importPupils, listClasses, removePupil, readClass } from './classes';
import { openDatabase } from './connection';
import { createPaper, deletePaper, newEdition, readPaper, savePaper } from './papers';
import { readResponses, saveResponse, type GivenMarks } from './responses';
import { readResults } from './results';
import { listScripts, readSitting, satItems, sitPaper } from './sittings';

function department() {
  const db = openDatabase(':memory:');
  const names = ['Oona Fell', 'Bram Wick'];
  importPupils(
    db,
    names.map((name, line) => ({ line, className: '7 Amber', name }))
  );
  const classId = listClasses(db)[0]!.id;
  const paperId = createPaper(db, startLadder('column-addition', 'Lantern counts', 3));
  return { db, classId, paperId };
}

function sat() {
  const { db, classId, paperId } = department();
  const result = sitPaper(db, paperId, classId, '2026-11-20');
  assert.ok(result.ok);
  const [script] = listScripts(db, result.id);
  const [item] = satItems(db, paperId);
  return { db, classId, paperId, sittingId: result.id, script: script!, item: item! };
}

test('a paper is read as it was saved, and an older version never overwrites a newer one', () => {
  const { db, paperId } = department();
  const paper = startLadder('column-addition', 'Lantern counts, again', 4);
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: true, version: 2 });
  const { title, seed, rungs, ramp } = readPaper(db, paperId)!;
  assert.deepEqual({ title, seed, rungs, ramp }, paper);
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: false, code: 'changed' });
});

test('a paper that was sat is frozen, kept, and followed by an edition', () => {
  const { db, classId, paperId } = sat();
  const paper = startLadder('column-addition', 'Other', 5);
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: false, code: 'sat' });
  assert.equal(deletePaper(db, paperId), false);
  assert.equal(readPaper(db, newEdition(db, paperId)!)!.edition, 2);
  assert.deepEqual(sitPaper(db, paperId, classId, '2026-11-20'), { ok: false, code: 'twice' });
  const pupil = readClass(db, classId)!.pupils[0]!;
  assert.equal(removePupil(db, classId, pupil.id), false);
});

test('responses keep what was written, proposed and given, and refuse a stale version', () => {
  const { db, paperId, sittingId, script, item } = sat();
  const wrong = { version: 0, working: { answer: '1' }, isMarked: true, given: {} };
  assert.deepEqual(saveResponse(db, script.id, item.id, wrong), { ok: true, version: 1 });
  const stale = saveResponse(db, script.id, item.id, wrong);
  assert.ok(!stale.ok && stale.code === 'changed');
  assert.equal(stale.current.working['answer'], '1');
  const given = { M1: { given: 1, reason: 'method said aloud' } };
  assert.ok(saveResponse(db, script.id, item.id, { ...wrong, version: 1, given }).ok);
  const states = readResponses(db, { scripts: [script.id], items: [item.id] });
  assert.deepEqual(states[`${script.id}/${item.id}`], { ...wrong, version: 2, given });
  const [pupil] = readResults(db, sittingId, paperId).pupils;
  assert.deepEqual([pupil!.total, pupil!.changed, pupil!.isComplete], [1, 1, false]);
  assert.equal(readSitting(db, sittingId)!.marked, 1);
});

test('marks without a reason, above their value or of another scheme are refused, as are foreign items', () => {
  const { db, script, item } = sat();
  const state = { version: 0, working: {}, isMarked: false, given: {} };
  const refused: GivenMarks[] = [
    { M1: { given: 1, reason: ' ' } },
    { M1: { given: 2, reason: 'kind' } },
    { M9: { given: 1, reason: 'kind' } }
  ];
  for (const given of refused) {
    assert.deepEqual(saveResponse(db, script.id, item.id, { ...state, given }), {
      ok: false,
      code: 'unknown-mark'
    });
  }
  assert.deepEqual(saveResponse(db, script.id, 99_999, state), { ok: false, code: 'missing' });
  const strange = { ...state, working: { 'digit.77': '1' } };
  assert.deepEqual(saveResponse(db, script.id, item.id, strange), {
    ok: false,
    code: 'unknown-step'
  });
  assert.deepEqual(readResponses(db, { scripts: [script.id], items: [item.id] }), {});
});
