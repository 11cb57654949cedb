import assert from 'node:assert/strict';
import { test } from 'node:test';
import '@zealous-quill/core/catalogue/all';
import { wasOf } from '../base/was';
import { changePart } from './part-change';
import { changesSince } from '../exams/scheme-versions';
import { sat } from '../sat-exam.test-helper';
import { listScripts, setAbsent } from '../sittings/scripts';
import { listSittings } from '../sittings/sittings';
import { readSat } from '../sittings/snapshots';
import { saveTypedMarks } from './marks-only';
import { NOTHING } from './responses';
import { readResults } from './results';
import { saveResponse } from './save-response';
import { sittingResults } from './sitting-results';

/** An exam on which two scripts are marked as a whole, one in part, and one pupil of the other class was absent. */
async function marked() {
  const { db, id, first, second } = sat();
  const { parts } = readSat(db, id);
  const [one, two, three] = listScripts(db, first).map((script) => script.id);
  const typed = [one!, two!].flatMap((scriptId, row) =>
    parts.map((part, column) => ({
      ...{ scriptId, partId: part.id, version: 0 },
      marks: (row + column) % 2
    }))
  );
  await saveTypedMarks(db, first, typed);
  const pattern = parts.find(({ item }) => item.errorPatterns.length > 0)!;
  const [wrong] = pattern.item.errorPatterns;
  const state = { ...NOTHING, working: { answer: wrong!.answer }, isMarked: true };
  assert.ok(saveResponse(db, three!, pattern.id, state).ok, 'saved');
  setAbsent(db, listScripts(db, second)[0]!.id, true);
  const list = () => sittingResults(db, listSittings(db, 5));
  /** The same, from the page of the sitting. */
  const shares = () => {
    const { pupils, available } = readResults(db, first, id);
    return pupils
      .filter(({ isComplete }) => isComplete)
      .map(({ total }) => total / available)
      .sort();
  };
  return { db, id, first, second, parts, list, shares };
}

test('a list of results has the totals of the results themselves, and says what is unfinished', async () => {
  const { first, second, list, shares } = await marked();
  const results = list();
  assert.deepEqual([...results[first]!.shares].sort(), shares());
  assert.deepEqual([results[first]!.unfinished, results[second]!.unfinished], [1, 2]);
  assert.deepEqual([results[second]!.shares, results[second]!.pattern], [[], null]);
  assert.equal(results[first]!.pattern?.scripts, 1);
});

test('what was withdrawn or changed since counts as it does now', async () => {
  for (const withdrawn of ['left-out', 'full-marks', 'no'] as const) {
    const { db, id, first, parts, list, shares } = await marked();
    const [part] = parts;
    const scheme = { ...part!.scheme, marks: [{ ...part!.scheme.marks[0]!, value: 5 }] };
    const next = { partId: part!.id, scheme, withdrawn, reason: 'as agreed' };
    const along = { again: false, shares: false, was: wasOf(changesSince(db, id)) };
    assert.ok(changePart(db, id, { ...next, ...along }), 'changed');
    assert.deepEqual([...list()[first]!.shares].sort(), shares(), withdrawn);
  }
});
