import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, WorkedItem } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { practiceFor, startLadder } from '@zealous-quill/core/papers';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { ANSWER, evaluate, modelledTexts } from '@zealous-quill/core/working';
import fc from 'fast-check';
import { needsOf } from '@zealous-quill/core/results';
import { feedbackDocument } from '../print/feedback';
import { importPupils } from './people/import-pupils';
import { listClasses } from './people/classes';
import { openDatabase } from './base/connection';
import { createPaper } from './papers/papers';
import { NOTHING } from './marking/responses';
import { saveResponse } from './marking/save-response';
import { readResults } from './marking/results';
import {
  addScriptPage,
  changeScriptPage,
  listScriptPages,
  removeScriptPage
} from './sittings/script-pages';
import { scriptTotals } from './marking/script-totals';
import { hasScript, listScripts, setAbsent } from './sittings/scripts';
import { readSitting, sitPaper } from './sittings/sittings';
import { itemsMet } from './sittings/exposure';
import { satItems } from './sittings/snapshots';

const NAMES = ['Oona Fell', 'Bram Wick', 'Tilda Mossop', 'Edrick Vane'];

/**
 * A class after a practice: Oona does all as the key, Bram drops every carry, Tilda stops after the first item,
 * of which something is said, and Edrick is marked on one item before it is known that he was absent.
 */
function marked() {
  const db = openDatabase(':memory:');
  importPupils(
    db,
    NAMES.map((name, line) => ({ line, className: '7 Amber', name, surname: null }))
  );
  const paperId = createPaper(db, startLadder('column-addition', 'Lantern counts', { seed: 3 }));
  const sitting = sitPaper(db, paperId, listClasses(db)[0]!.id, '2026-11-20');
  assert.ok(sitting.ok);
  const scripts = new Map(listScripts(db, sitting.id).map(({ id, name }) => [name, id]));
  const [oona, bram, tilda, edrick] = NAMES.map((name) => scripts.get(name)!) as [
    number,
    number,
    number,
    number
  ];
  const items = satItems(db, paperId);
  const save = (script: number, part: number, answer: string, comment = '') =>
    assert.ok(
      saveResponse(db, script, part, { ...NOTHING, working: { answer }, isMarked: true, comment })
        .ok
    );
  for (const { id, item } of items) {
    const worked = new WorkedItem(skillOf(item.skill), item.given, item.school);
    const dropped = worked.skill.patterns.find(({ id }) => id === 'carry-dropped')!;
    const wrong = worked.wrong(dropped);
    save(oona, id, item.answer);
    save(bram, id, wrong ? modelledTexts(wrong, evaluate(wrong))[ANSWER]! : item.answer);
  }
  save(tilda, items[0]!.id, items[0]!.item.answer, 'Set out well: 1/2 of it');
  save(edrick, items[0]!.id, items[0]!.item.answer);
  setAbsent(db, edrick, true);
  const results = () => readResults(db, sitting.id, paperId);
  return { db, paperId, sittingId: sitting.id, items, oona, bram, tilda, edrick, results };
}

test('totals by script leave out what is on the desk, and go with the results', () => {
  const { db, sittingId, items, results } = marked();
  const totals = scriptTotals(db, sittingId, items);
  for (const { scriptId, total, isAbsent } of results().pupils) {
    if (!isAbsent) assert.equal(totals[scriptId], total);
  }
  const [first, ...others] = items;
  const rest = scriptTotals(db, sittingId, others);
  const onlyFirst = scriptTotals(db, sittingId, [first!]);
  for (const [script, total] of Object.entries(totals)) {
    assert.equal((rest[Number(script)] ?? 0) + (onlyFirst[Number(script)] ?? 0), total);
  }
});

test('who was absent waits for no marking and counts for nothing, until that is taken back', () => {
  const { db, sittingId, edrick, items, results } = marked();
  const waiting = () => {
    const { marked, toMark } = readSitting(db, sittingId)!;
    return toMark - marked;
  };
  assert.equal(waiting(), items.length - 1);
  const absent = results().pupils.find(({ scriptId }) => scriptId === edrick)!;
  assert.deepEqual([absent.isAbsent, absent.isComplete], [true, true]);
  setAbsent(db, edrick, false);
  assert.equal(waiting(), 2 * (items.length - 1));
  const there = results().pupils.find(({ scriptId }) => scriptId === edrick)!;
  assert.deepEqual([there.isAbsent, there.isComplete], [false, false]);
  assert.ok(there.outcomes[0] !== null);
});

test('of each error it is counted where it could show and did, and who probably holds it; who was absent counts nowhere', () => {
  const { items, bram, oona, tilda, results } = marked();
  const showing = items.map(({ item }) =>
    new WorkedItem(skillOf(item.skill), item.given, item.school)
      .showing()
      .some(({ pattern }) => pattern.id === 'carry-dropped')
  );
  const everywhere = showing.filter(Boolean).length;
  const { patterns, pupils } = results();
  const dropped = patterns.find(({ id }) => id === 'carry-dropped')!;
  // Oona and Bram did all items, Tilda the first.
  assert.equal(dropped.could, 2 * everywhere + Number(showing[0]));
  assert.equal(dropped.did, everywhere);
  assert.equal(dropped.pupils, 1);
  const evidenceOf = (script: number) =>
    pupils.find(({ scriptId }) => scriptId === script)!.evidence.map(({ pattern }) => pattern);
  assert.ok(evidenceOf(bram).includes('column-addition/carry-dropped'));
  assert.deepEqual([evidenceOf(oona), evidenceOf(tilda)], [[], []]);
});

test('a total says how much of it was changed by hand, and nothing where nobody did', () => {
  const { db, items, bram, oona, results } = marked();
  const changed = () =>
    Object.fromEntries(results().pupils.map(({ scriptId, changed }) => [scriptId, changed]));
  assert.deepEqual(new Set(Object.values(changed())), new Set([0]));
  const [first] = items;
  const id = first!.scheme.marks.at(-1)!.id;
  const before = results().pupils.find(({ scriptId }) => scriptId === oona)!.total;
  const given = { [id]: { given: 0, reason: 'copied' } };
  const working = { answer: first!.item.answer };
  const state = { ...NOTHING, version: 1, working, isMarked: true, given };
  assert.ok(saveResponse(db, oona, first!.id, state).ok);
  const after = results().pupils.find(({ scriptId }) => scriptId === oona)!.total;
  assert.equal(changed()[oona], before - after);
  assert.ok(before > after);
  assert.equal(changed()[bram], 0);
});

test('a script is of its own sitting, and of no other', () => {
  const { db, sittingId, oona, bram } = marked();
  for (const script of [oona, bram]) {
    assert.ok(hasScript(db, sittingId, script));
    assert.ok(!hasScript(db, sittingId + 1, script));
  }
  assert.ok(!hasScript(db, sittingId, 9999));
});

test('another method is no evidence of an error, nor against one', () => {
  const { db, items, bram, results } = marked();
  const at = results()
    .pupils.find(({ scriptId }) => scriptId === bram)!
    .outcomes.findIndex((outcome) => (outcome?.didShow.length ?? 0) > 0);
  const dropped = () => results().patterns.find(({ id }) => id === 'carry-dropped')!;
  const before = dropped();
  const { id, item } = items[at]!;
  const worked = new WorkedItem(skillOf(item.skill), item.given, item.school);
  const wrong = worked.wrong(worked.skill.patterns.find((one) => one.id === 'carry-dropped')!)!;
  const answer = modelledTexts(wrong, evaluate(wrong))[ANSWER]!;
  const state = { ...NOTHING, version: 1, working: { answer }, isMarked: true };
  assert.ok(saveResponse(db, bram, id, { ...state, attempt: 'another-method' }).ok);
  assert.equal(dropped().did, before.did - 1);
  assert.equal(dropped().could, before.could - 1);
});

test('a practice is against what pupils hold, of items the class has not met; nothing is made of nothing', () => {
  const { db, bram, oona, results } = marked();
  const found = results();
  const needs = (...scripts: number[]) =>
    needsOf(
      found,
      found.pupils.filter(({ scriptId }) => scripts.includes(scriptId))
    );
  assert.deepEqual(needs(oona), []);
  const held = needs(bram, oona);
  assert.deepEqual(
    held.map(({ skill, pattern }) => [skill, pattern]),
    [['column-addition', 'carry-dropped']]
  );
  const met = itemsMet(db, listClasses(db)[0]!.id);
  const paper = practiceFor('Practice', held, { seed: 8, style: defaultHouseStyle, met })!;
  const { itemKey } = skillOf('column-addition');
  const given = paper.rungs.flatMap(({ items }) => items.map((item) => itemKey(item.given)));
  assert.ok(given.length >= 4);
  assert.ok(given.every((line) => !met['column-addition']!.includes(line)));
});

test('a slip says what was earned and what the marker wrote, and there is none for the absent', () => {
  const { db, sittingId, items, results } = marked();
  const { slips } = feedbackDocument(readSitting(db, sittingId)!, results(), {
    style: defaultHouseStyle
  });
  assert.deepEqual(slips.map(({ name }) => name).sort(), [
    'Bram Wick',
    'Oona Fell',
    'Tilda Mossop'
  ]);
  const tilda = slips.find(({ name }) => name === 'Tilda Mossop')!;
  assert.deepEqual(tilda.comments, [{ label: items[0]!.label, text: 'Set out well: 1/2 of it' }]);
  assert.equal(tilda.items.filter(({ marks }) => marks.startsWith('–')).length, items.length - 1);
});

test('pages of a script are turned and moved as a list is, and none is lost', () => {
  const { db, oona, bram } = marked();
  const page = () => addScriptPage(db, oona, 'image/png', Buffer.from([1]));
  const foreign = addScriptPage(db, bram, 'image/png', Buffer.from([2]));
  let expected = [page(), page(), page(), page()];
  const moves = fc.record({ at: fc.nat(3), position: fc.nat(6) });
  fc.assert(
    fc.property(moves, ({ at, position }) => {
      const id = expected[at]!;
      changeScriptPage(db, { id, scriptId: oona }, { position });
      expected = expected.filter((one) => one !== id).toSpliced(position, 0, id);
      assert.deepEqual(
        listScriptPages(db, oona).map((one) => one.id),
        expected
      );
    }),
    { seed: 5, numRuns: 60 }
  );
  changeScriptPage(db, { id: expected[1]!, scriptId: oona }, { turn: 270 });
  removeScriptPage(db, { id: expected[0]!, scriptId: oona });
  assert.deepEqual(
    listScriptPages(db, oona).map(({ id, turn }) => [id, turn]),
    expected.slice(1).map((id, at) => [id, at === 0 ? 270 : 0])
  );
  assert.deepEqual(
    listScriptPages(db, bram).map(({ id }) => id),
    [foreign]
  );
});
