import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  partsIn,
  placeQuestion,
  removePart,
  varyingParts,
  withPart,
  type Exam,
  examSnapshots
} from '@zealous-quill/core/exams';
import { availableMarks } from '@zealous-quill/core/schemes';
import { isMarked } from '@zealous-quill/core/papers';
import { eq } from 'drizzle-orm';
import { printOrder } from '../../exams/print-order';
import { moveToBin, restoreFromBin } from '../records/bin';
import { change } from '../base/change';
import { listClasses, readClass } from '../people/classes';
import { setDefaultScheme } from '../papers/default-schemes';
import { readForms } from './forms';
import { snapshotsAsked } from '../sittings/sit-exam';
import { newExamEdition, readExam, saveExam, setExamState } from './exams';
import { saveTypedMarks, type TypedMark } from '../marking/marks-only';
import { readPaper, savePaper } from '../papers/papers';
import { setNeeds } from '../people/pupil-needs';
import { NOTHING, readResponseMarks } from '../marking/responses';
import { saveResponse } from '../marking/save-response';
import { readResults } from '../marking/results';
import { wasOf } from '../base/was';
import { parts } from '../base/schema';
import { listScripts } from '../sittings/scripts';
import { readBoundaries, setBoundaries } from '../sittings/boundaries';
import { readSat, satForms } from '../sittings/snapshots';
import { department, sample, sat } from '../sat-exam.test-helper';

test('an exam is read back as it was saved; a practice cannot be saved over it, nor an older version', () => {
  const { db, id } = department();
  assert.deepEqual(readExam(db, id)?.exam, sample);
  const moved = placeQuestion(sample, 'q0', 'B', 0);
  assert.deepEqual(saveExam(db, id, 1, moved), { ok: true, version: 2 });
  assert.deepEqual(readExam(db, id)?.exam, moved);
  assert.deepEqual(saveExam(db, id, 1, sample), { ok: false, code: 'changed' });
  const { title, seed, ramp, rungs } = readPaper(db, id)!;
  assert.equal(savePaper(db, id, 2, { title, seed, ramp, rungs }).ok, false);
  const unread: Exam = withPart(sample, 'p1', (part) => ({ ...part, given: { addends: ['x'] } }));
  const refused = saveExam(db, id, 2, unread);
  assert.ok(!refused.ok && refused.code === 'unreadable', 'unreadable');
  assert.equal(refused.problems[0]!.path.at(-1), 'given');
});

test('forms outlast edits; a part that asks something else has no version of its own any more', () => {
  const { db, id } = department();
  const before = readForms(db, id)[1]!.given;
  const [one, other] = varyingParts(sample, null).map(({ part }) => part);
  assert.ok(one && other, 'two parts vary');
  const taken = removePart(placeQuestion(sample, 'q0', 'B', 1), other.id);
  const edited = withPart(taken, one.id, (part) => ({
    ...part,
    given: before[part.id],
    guidance: 'Look for the point.'
  }));
  assert.ok(saveExam(db, id, 1, edited).ok, 'done');
  const after = readForms(db, id)[1]!.given;
  const kept = Object.entries(before).filter(([part]) => part !== one.id && part !== other.id);
  assert.deepEqual(after, Object.fromEntries(kept));
});

test('only an unchanged exam is approved, and an edit makes a draft of it', () => {
  const { db, id } = department();
  assert.ok(setExamState(db, { id, version: 1, userId: 1 }, 'approved'), 'approved');
  assert.equal(readExam(db, id)?.state, 'approved');
  saveExam(db, id, 1, { ...sample, title: 'Another' });
  assert.equal(readExam(db, id)?.state, 'draft');
  assert.equal(setExamState(db, { id, version: 1, userId: 1 }, 'checked'), false);
});

test('two classes sit it on their forms, and each script is marked by the key of its form', () => {
  const { db, id, first, second } = sat();
  const scripts = [first, second].flatMap((sitting) => listScripts(db, sitting));
  assert.deepEqual(
    scripts.map(({ form }) => form),
    ['A', 'B', 'A', 'A', 'B', 'A']
  );
  const onForms = satForms(
    db,
    id,
    scripts.map(({ formId }) => formId)
  );
  const items = readSat(db, id).parts;
  for (const script of scripts.slice(0, 2)) {
    for (const { id: partId } of items) {
      const { item } = onForms.get(script.formId)!.parts.find((one) => one.id === partId)!;
      const working = { answer: item.answer };
      const state = { ...NOTHING, working, isMarked: true };
      assert.ok(saveResponse(db, script.id, partId, state).ok, 'done');
    }
  }
  const results = readResults(db, [first, second], id);
  const [onA, onB, waiting] = results.pupils;
  // What must be shown earns no method for a bare answer.
  assert.equal(onA!.total, onB!.total);
  assert.ok(onA!.total > results.available / 2, `${onA!.total} of ${results.available}`);
  assert.ok(onA!.isComplete && onB!.isComplete, 'all is marked');
  assert.equal(waiting!.total, 0);
  assert.equal(results.pupils.length, 6);
  assert.equal(saveExam(db, id, 1, sample).ok, false);
});

test('a wrong option names its pattern, or that a slip gives it', () => {
  const { db, id, first } = sat();
  const [script] = listScripts(db, first);
  let named = 0;
  for (const { id: partId, options } of readSat(db, id).parts) {
    for (const { text, by, pattern } of options ?? []) {
      const { version } = readResponseMarks(db, first)[`${script!.id}/${partId}`] ?? { version: 0 };
      const state = { ...NOTHING, version, working: { answer: text }, isMarked: true };
      assert.ok(saveResponse(db, script!.id, partId, state).ok, 'done');
      const results = readResults(db, first, id);
      const at = results.items.findIndex((item) => item.id === partId);
      const outcome = results.pupils.find(({ scriptId }) => scriptId === script!.id)!.outcomes[at]!;
      assert.deepEqual(outcome.didShow, pattern === undefined ? [] : [pattern], text);
      assert.equal(outcome.isSlip ?? false, by === 'slip', text);
      assert.equal(outcome.awarded, by === 'answer' ? 1 : 0);
      named += by === 'answer' ? 0 : 1;
    }
  }
  assert.ok(named >= 9, `only ${named} wrong options`);
});

test('marks alone lie on the scheme, stay beside working, and never over what another window saved', async () => {
  const { db, id, first } = sat();
  const [script] = listScripts(db, first);
  const part = readSat(db, id).parts.find(({ scheme }) => scheme.marks.length > 1)!;
  const stand = () => readResponseMarks(db, first)[`${script!.id}/${part.id}`];
  const type = async (marks: number | null, version: number, more: Partial<TypedMark> = {}) =>
    (
      await saveTypedMarks(db, first, [
        { scriptId: script!.id, partId: part.id, marks, version, ...more }
      ])
    )[0];
  assert.equal(await type(1, 0), 'saved');
  assert.equal(stand()!.marks, 1);
  // They are the first marks, and nothing that a hand changed.
  const pupil = readResults(db, first, id).pupils.find(({ scriptId }) => scriptId === script!.id)!;
  assert.deepEqual([pupil.total, pupil.changed], [1, 0]);
  assert.equal(await type(2, 0), 'changed');
  const most = part.scheme.marks.reduce((sum, { value }) => sum + value, 0);
  assert.equal(await type(most + 1, 1), 'too-many');
  assert.equal(await type(most, 1), 'saved');
  assert.equal(stand()!.marks, most);
  assert.equal(await type(null, 2), 'saved');
  assert.equal(stand()!.marks, null);
  assert.equal(await type(1, 0, { partId: 999_999 }), 'missing');
  assert.equal(await type(1, 0, { scriptId: 999_999 }), 'missing');
});

test('a pasted block is saved as if each mark was typed alone, and others are served meanwhile', async () => {
  const { db, id, first } = sat();
  const other = sat();
  const parts = readSat(db, id).parts.filter((part) => isMarked(part));
  const typed = listScripts(db, first).flatMap(({ id: scriptId }, row) =>
    parts.map(({ id: partId, scheme }, column) => ({
      ...{ scriptId, partId, version: 0 },
      marks: (row + column) % 4 === 0 ? null : (row + column) % (availableMarks(scheme) + 1)
    }))
  );
  let turns = 0;
  const clock = setInterval(() => turns++, 0);
  const codes = await saveTypedMarks(db, first, [...typed, ...typed.slice(0, 3)]);
  clearInterval(clock);
  assert.ok(turns > 0, 'nobody else had a turn');
  // The same cell twice in one block was typed over what the first of them changed.
  assert.deepEqual(codes.slice(typed.length), ['changed', 'changed', 'changed']);
  for (const one of typed) {
    await saveTypedMarks(other.db, other.first, [one]);
  }
  assert.deepEqual(readResponseMarks(db, first), readResponseMarks(other.db, other.first));
  assert.deepEqual(
    listScripts(db, first).map(({ markedItems }) => markedItems),
    listScripts(other.db, other.first).map(({ markedItems }) => markedItems)
  );
});

test('a scheme of the department holds in exams that are not sat, and not in those that were', () => {
  const { db, id } = sat();
  const edition = newExamEdition(db, id)!;
  const part = partsIn(sample).find(({ kind }) => kind === 'set-out')!;
  const marks = [
    { id: 'B1', kind: 'B' as const, value: 7, steps: ['answer'], own: 'cao' as const }
  ];
  assert.ok(setDefaultScheme(db, part, { showWorking: false, marks }, '').ok, 'done');
  const now = examSnapshots(snapshotsAsked(db, edition)!);
  assert.deepEqual(now.find((one) => one.part === part.id)!.scheme.marks, marks);
  const label = partsIn(sample).findIndex((one) => one.id === part.id);
  assert.notDeepEqual(readSat(db, id).parts[label]!.scheme.marks, marks);
  assert.equal(readExam(db, edition)?.edition, 2);
});

test('an exam that was sat and one that was not go into the bin and come back whole', () => {
  const { db, id } = sat();
  const draft = newExamEdition(db, id)!;
  for (const one of [draft, id]) {
    const before = [readExam(db, one), readForms(db, one), readSat(db, one)];
    const bin = change(db, (tx) =>
      moveToBin(tx, { kind: 'paper', title: 'x', table: 'papers', id: one })
    );
    assert.equal(readExam(db, one), undefined);
    assert.ok(restoreFromBin(db, bin).ok, 'done');
    assert.deepEqual([readExam(db, one), readForms(db, one), readSat(db, one)], before);
  }
});

test('a damaged part is left out and said, and the rest of the exam is there', () => {
  const { db, id } = department();
  db.update(parts)
    .set({ given: { addends: 7 } })
    .where(eq(parts.key, 'p1'))
    .run();
  const { exam, damage } = readExam(db, id)!;
  assert.equal(partsIn(exam).length, partsIn(sample).length - 1);
  assert.equal(damage.length, 1);
});

test('the order of prints counts forms and sizes, and who writes for longer', () => {
  const { db, id, classIds } = department();
  const { pupils } = readClass(db, classIds[0]!)!;
  const own = { classId: classIds[0]!, id: pupils[0]!.id };
  const usual = { largePrint: 0, extraTime: false } as const;
  assert.equal(setNeeds(db, own, { largePrint: 24, extraTime: true }, usual), 'saved');
  const order = printOrder(db, id, { classIds, dealing: 'turns', minutes: 40 });
  assert.deepEqual(
    order.prints.map(({ form, size, copies }) => [form, size, copies]),
    [
      ['A', 24, 1],
      ['B', 0, 2],
      ['A', 0, 3]
    ]
  );
  assert.deepEqual([order.extraTime.length, order.minutesWithExtra], [1, 50]);
});

test('grade boundaries are kept best first', () => {
  const { db, first, second } = sat();
  const grades = [
    { grade: 'Wick', from: 10 },
    { grade: 'Lamp', from: 25 }
  ];
  assert.ok(setBoundaries(db, [first, second], grades, wasOf([])), 'done');
  assert.deepEqual(readBoundaries(db, second), grades.toReversed());
});

test('boundaries, department schemes and needs are not changed over what another window changed meanwhile', () => {
  const { db, id, first } = sat();
  const grades = [{ grade: 'A', from: 5 }];
  assert.ok(setBoundaries(db, [first], grades, wasOf([])), 'done');
  assert.equal(setBoundaries(db, [first], [{ grade: 'B', from: 3 }], wasOf([])), false);
  assert.deepEqual(readBoundaries(db, first), grades);
  const [part] = readSat(db, id).parts;
  const of = { skill: 'column-addition', kind: 'bare' } as const;
  const scheme = { showWorking: false, marks: part!.scheme.marks };
  const set = setDefaultScheme(db, of, scheme, '');
  assert.ok(set.ok, 'done');
  assert.deepEqual(setDefaultScheme(db, of, null, ''), { ok: false, was: set.was });
  assert.deepEqual(setDefaultScheme(db, of, null, set.was), { ok: true, was: '' });
  const classId = listClasses(db)[0]!.id;
  const own = { classId, id: readClass(db, classId)!.pupils[0]!.id };
  const usual = { largePrint: 0, extraTime: false } as const;
  assert.equal(setNeeds(db, own, { ...usual, extraTime: true }, usual), 'saved');
  assert.equal(setNeeds(db, own, { ...usual, largePrint: 18 }, usual), 'changed');
});
