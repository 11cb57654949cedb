import assert from 'node:assert/strict';
import { test } from 'node:test';
import { addPupil, readClass } from '../people/classes';
import { replaceForms } from '../exams/forms';
import { sitExam, snapshotsAsked } from './sit-exam';
import { examSnapshots } from '@zealous-quill/core/exams';
import { NOTHING } from '../marking/responses';
import { saveResponse } from '../marking/save-response';
import { readResults } from '../marking/results';
import { department } from '../sat-exam.test-helper';
import { listScripts } from './scripts';
import { readSat } from './snapshots';
import { isUnused, nameScript } from './spares';

/** A class with a form for each pupil and one spare. */
function withSpare() {
  const { db, id, classIds } = department();
  const [classId] = classIds as [number];
  const { pupils } = readClass(db, classId)!;
  const given = {};
  replaceForms(
    db,
    id,
    ['pupil', 'spare'],
    [
      ...pupils.map(({ id: pupilId }, at) => ({
        ...{ kind: 'pupil' as const, letter: String(at + 1), pupilId, given }
      })),
      { kind: 'spare', letter: '1', given }
    ]
  );
  const asked = { classIds: [classId], satOn: '2026-11-20', dealing: 'own' as const };
  const made = sitExam(db, { id, version: 1 }, asked, examSnapshots(snapshotsAsked(db, id)!));
  assert.ok(made.ok, 'done');
  const sitting = made.ids[0]!;
  const scripts = () => listScripts(db, sitting);
  return { db, id, classId, pupils, sitting, scripts };
}

test('a spare gets the name of who wrote it, and their own form is left; taking the name off brings both back', () => {
  const { db, id, pupils, sitting, scripts } = withSpare();
  const before = scripts();
  const spare = before.find(isUnused)!;
  assert.equal(spare.name, 'No name, spare 1');
  assert.equal(readResults(db, sitting, id).pupils.length, 3, 'an unused spare is nobody');
  const pupil = pupils[1]!;
  const own = before.find(({ pupilId }) => pupilId === pupil.id)!;
  assert.ok(nameScript(db, sitting, { scriptId: spare.id, pupilId: pupil.id }).ok, 'named');
  const named = scripts();
  assert.equal(named.find((one) => one.id === spare.id)!.pupilId, pupil.id);
  assert.ok(isUnused(named.find((one) => one.id === own.id)!), 'the own form has no name');
  assert.ok(nameScript(db, sitting, { scriptId: own.id, pupilId: pupil.id }).ok, 'undone');
  assert.deepEqual(scripts(), before);
});

test('who came to the class later gets a spare; nobody loses marks by it', () => {
  const { db, id, classId, pupils, sitting, scripts } = withSpare();
  addPupil(db, classId, { name: 'Idony Wren', surname: null });
  const late = readClass(db, classId)!.pupils.find(({ name }) => name === 'Idony Wren')!;
  const spare = scripts().find(isUnused)!;
  const own = scripts().find(({ pupilId }) => pupilId === pupils[0]!.id)!;
  const state = { ...NOTHING, working: { answer: '1' }, isMarked: true };
  assert.ok(saveResponse(db, own.id, readSat(db, id).parts[0]!.id, state).ok, 'marked');
  const refused = nameScript(db, sitting, { scriptId: spare.id, pupilId: pupils[0]!.id });
  assert.deepEqual(refused, { ok: false, code: 'has-marks' });
  const elsewhere = nameScript(db, sitting, { scriptId: own.id, pupilId: late.id });
  assert.deepEqual(elsewhere, { ok: false, code: 'missing' }, 'a script that has a name');
  assert.ok(nameScript(db, sitting, { scriptId: spare.id, pupilId: late.id }).ok, 'named');
  assert.equal(scripts().filter(isUnused).length, 0);
  assert.ok(nameScript(db, sitting, { scriptId: spare.id, pupilId: null }).ok, 'taken off');
  assert.equal(scripts().filter(isUnused).length, 1);
});
