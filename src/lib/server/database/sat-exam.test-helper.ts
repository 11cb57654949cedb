import assert from 'node:assert/strict';
import { formsOf, varyingParts, examSnapshots } from '@zealous-quill/core/exams';
import { sampleExam } from '../../../../core/exams/sample.test-helper';
import { addPupil, createClass } from './people/classes';
import { openDatabase } from './base/connection';
import { type Db } from './base/db';
import { replaceForms } from './exams/forms';
import { sitExam, snapshotsAsked } from './sittings/sit-exam';
import { createExam } from './exams/exams';

export const sample = sampleExam();

/** A database with the sample exam in forms A and B, and two classes. */
export function department(): { db: Db; id: number; classIds: number[] } {
  const db = openDatabase(':memory:');
  const classIds = ['8 Lamp', '8 Wick'].map((name) => {
    const classId = createClass(db, name)!;
    for (const pupil of ['Oona Fell', 'Bram Wick', 'Tilda Mossop']) {
      addPupil(db, classId, { name: `${pupil} of ${name.slice(2)}`, surname: null });
    }
    return classId;
  });
  const id = createExam(db, sample);
  const varying = varyingParts(sample, null);
  const { forms } = formsOf({
    ...{ parts: varying.map(({ asked }) => asked), count: 1, seed: 5, avoid: [] }
  });
  const given = Object.fromEntries(varying.map(({ part }, at) => [part.id, forms[0]![at]!.given]));
  replaceForms(db, id, ['letter'], [{ kind: 'letter', letter: 'B', given }]);
  return { db, id, classIds };
}

/** The exam sat by both classes, forms dealt in turns. */
export function sat() {
  const { db, id, classIds } = department();
  const asked = { classIds, satOn: '2026-11-20', dealing: 'turns' as const };
  const result = sitExam(db, { id, version: 1 }, asked, examSnapshots(snapshotsAsked(db, id)!));
  assert.ok(result.ok, 'done');
  const [first, second] = result.ids as [number, number];
  return { db, id, classIds, first, second };
}
