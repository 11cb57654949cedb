import assert from 'node:assert/strict';
import { test } from 'node:test';
import { createClass, removePupil } from './classes';
import { department } from '../department.test-helper';
import { erasePupil } from './pupil-record';
import { keepTimedSet, listTimedSets, readTimedSet, saveTimedEntries, timedOf } from './timed';

test('the same sheets for a class are one set; another class has its own', () => {
  const { db, classes, timed } = department();
  const { skill, asked, items } = timed;
  assert.equal(keepTimedSet(db, { classId: classes[0]!, skill, asked, items }), timed.id);
  const other = keepTimedSet(db, {
    classId: classes[0]!,
    skill,
    asked: { ...asked, seed: 9 },
    items
  });
  assert.notEqual(other, timed.id);
  assert.deepEqual(
    listTimedSets(db, classes[0]!).map(({ id, pupils }) => [id, pupils]),
    [
      [other, 0],
      [timed.id, 1]
    ]
  );
  assert.deepEqual(listTimedSets(db, createClass(db, '8 Tin')!), []);
  assert.equal(readTimedSet(db, classes[1]!, timed.id), undefined);
});

test('a score over the version it was read at is saved, over an older one refused; none is above the items', () => {
  const { db, pupils, classes, timed } = department();
  const [first, second] = pupils[0] as [number, number];
  const entry = { sheet: 0, kind: 'score', version: 0 } as const;
  const save = (pupilId: number, value: number | null, version = 0) =>
    saveTimedEntries(db, timed, [{ ...entry, pupilId, value, version }])[0];
  assert.deepEqual(
    [save(first, 10), save(first, 9), save(first, 9, 1), save(second, 11), save(first, null, 2)],
    ['saved', 'changed', 'saved', 'too-many', 'saved']
  );
  const { entries } = readTimedSet(db, classes[0]!, timed.id)!;
  assert.deepEqual(
    entries.filter(({ sheet }) => sheet === 0).map(({ value, version }) => [value, version]),
    [[null, 3]]
  );
  assert.deepEqual(
    timedOf(db, first).map(({ sheets }) => sheets),
    [[{ sheet: 'B', score: 9, seconds: 125 }]]
  );
});

test('scores go with the pupil, into the bin and when erased', () => {
  const { db, pupils, classes, timed } = department();
  const held = () => readTimedSet(db, classes[0]!, timed.id)!.entries.length;
  assert.equal(held(), 2);
  const removed = removePupil(db, classes[0]!, pupils[0]![0]!, true);
  assert.ok(removed.ok, 'removed');
  assert.equal(held(), 0);
  const again = department();
  erasePupil(again.db, again.classes[0]!, again.pupils[0]![0]!);
  assert.deepEqual(readTimedSet(again.db, again.classes[0]!, again.timed.id)!.entries, []);
});
