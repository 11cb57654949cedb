import assert from 'node:assert/strict';
import { test } from 'node:test';
import { examPrintOf, examQuery } from '../../print/exam-print-of';
import { department, sat } from '../sat-exam.test-helper';
import { readClass } from './classes';
import { setNeeds } from './pupil-needs';
import { listScripts } from '../sittings/scripts';
import { dealtForms } from './dealt-forms';

const namesIn = (...[db, classIds]: [ReturnType<typeof department>['db'], readonly number[]]) =>
  classIds.flatMap((id) => readClass(db, id)!.pupils.map(({ name }) => name));

test('forms are dealt class by class in the order of the lists', () => {
  const { db, id, classIds } = department();
  const dealt = (dealing: 'turns' | 'classes' | 'first' | 'own') =>
    dealtForms(db, id, { classIds, dealing });
  assert.deepEqual(
    dealt('turns').map(({ name }) => name),
    namesIn(db, classIds)
  );
  const letters = (...of: Parameters<typeof dealt>) => dealt(...of).map(({ form }) => form.letter);
  assert.deepEqual(letters('turns'), ['A', 'B', 'A', 'A', 'B', 'A']);
  assert.deepEqual(letters('classes'), ['A', 'A', 'A', 'B', 'B', 'B']);
  assert.deepEqual(letters('first'), ['A', 'A', 'A', 'A', 'A', 'A']);
  assert.deepEqual(letters('own'), letters('first'));
});

test('a class that has sat the exam has the forms that it was dealt, whatever is asked', () => {
  const { db, id, classIds, first } = sat();
  const dealt = dealtForms(db, id, { classIds: [classIds[0]!], dealing: 'first' });
  assert.deepEqual(
    dealt.map(({ form }) => form.letter),
    listScripts(db, first).map(({ form }) => form)
  );
  assert.ok(new Set(dealt.map(({ form }) => form.letter)).size > 1, 'more than one form');
});

test('scripts of some classes print with names, in the order of the lists, each size by itself', () => {
  const { db, id, classIds } = department();
  const [first] = readClass(db, classIds[0]!)!.pupils;
  const usual = { largePrint: 0, extraTime: false } as const;
  const large = { largePrint: 18, extraTime: false } as const;
  const own = { classId: classIds[0]!, id: first!.id };
  assert.equal(setNeeds(db, own, large, usual), 'saved');
  const printed = (size: number) => {
    const query = new URLSearchParams([
      ...classIds.map((classId) => ['class', String(classId)]),
      ...[
        ['forms', 'turns'],
        ['size', String(size)]
      ]
    ]);
    const found = examPrintOf(db, id, examQuery(query)!);
    assert.ok(found.ok, 'found');
    return found.asked.forms.map(({ name, group, letter }) => [name, group, letter]);
  };
  const names = namesIn(db, classIds);
  assert.deepEqual(printed(18), [[names[0], '8 Lamp', 'A']]);
  assert.deepEqual(
    printed(0).map(([name]) => name),
    names.slice(1)
  );
  assert.deepEqual(printed(0)[3]?.slice(1), ['8 Wick', 'B']);
  assert.equal(examQuery(new URLSearchParams('class=1&forms=none')), undefined);
});
