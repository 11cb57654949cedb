import assert from 'node:assert/strict';
import { test } from 'node:test';
import { examOnForm, partKey, partsIn, varyingParts } from '@zealous-quill/core/exams';
import { skillOf } from '@zealous-quill/core/skill';
import { metOnExam } from '../../exams/who-met';
import { createClass } from '../people/classes';
import { readForms } from '../exams/forms';
import { newExamEdition, readExam } from '../exams/exams';
import { encounters, itemsMet, lastMet, toAvoid } from './exposure';
import { sample, sat } from '../sat-exam.test-helper';

const varying = varyingParts(sample, null).map(({ part }) => part);

test('a class has met what stands on every form that was dealt to it, in any order of its numbers, and no other', () => {
  const { db, id, classIds } = sat();
  const formB = readForms(db, id)[1]!;
  const onB = varyingParts(examOnForm(sample, formB), null).map(({ part }) => part);
  const met = encounters(db, { classIds: [classIds[0]!] });
  for (const { skill, given } of [...varying, ...onB]) {
    assert.equal(lastMet(met, skill, given)?.satOn, '2026-11-20', skill);
  }
  const known = new Set(
    [...varying, ...onB].map(({ skill, given }) => skill + skillOf(skill).itemKey(given))
  );
  const listed = met.filter(({ skill }) => varying.some((one) => one.skill === skill));
  assert.deepEqual(new Set(listed.map(({ skill, itemKey }) => skill + itemKey)), known);
  const newClass = createClass(db, '8 Bobbin')!;
  assert.deepEqual(encounters(db, { classIds: [newClass] }), []);
  assert.deepEqual(itemsMet(db, newClass), {});
});

test('what was met more than so many weeks ago is asked again', () => {
  const { db, classIds } = sat();
  const unmet = { classId: classIds[0]!, weeks: 2 };
  const within = toAvoid(db, unmet, new Date('2026-12-04T12:00:00Z'));
  assert.ok(within.length >= varying.length, `${within.length} of ${varying.length}`);
  assert.deepEqual(toAvoid(db, unmet, new Date('2026-12-05T12:00:00Z')), []);
  assert.deepEqual(toAvoid(db, null), []);
});

test('a further edition says of every part who met it; a changed one is new again', () => {
  const { db, id } = sat();
  const edition = newExamEdition(db, id)!;
  const stored = readExam(db, edition)!;
  const met = metOnExam(db, stored);
  assert.deepEqual(new Set(Object.keys(met)), new Set(varying.map((part) => partKey(part))));
  assert.match(Object.values(met)[0]!, /^8 (Lamp|Wick) met it on 2026-11-20 \(Assessment\)$/);
  // A class that sat nothing has met nothing, whoever sat an earlier edition of another exam.
  assert.deepEqual(metOnExam(db, { ...stored, id, unmet: null }), {});
  assert.ok(partsIn(stored.exam).length > varying.length, 'own questions are not listed');
});
