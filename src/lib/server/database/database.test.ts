import assert from 'node:assert/strict';
import { test } from 'node:test';
import { redrawRung, startLadder, type Paper } from '@zealous-quill/core/papers';
import { eq } from 'drizzle-orm';
import { importPupils } from './people/import-pupils';
import { listClasses, readClass, removeClass, removePupil } from './people/classes';
import { openDatabase } from './base/connection';
import { createPaper, newEdition, readPaper, removePaper, savePaper } from './papers/papers';
import { NOTHING, readResponses, type GivenMarks } from './marking/responses';
import { saveResponse } from './marking/save-response';
import { readResults } from './marking/results';
import { sections } from './base/schema';
import { listScripts } from './sittings/scripts';
import { readSitting, sitPaper } from './sittings/sittings';
import { satItems } from './sittings/snapshots';

function department() {
  const db = openDatabase(':memory:');
  const names = ['Oona Fell', 'Bram Wick'];
  importPupils(
    db,
    names.map((name, line) => ({ line, className: '7 Amber', name, surname: null }))
  );
  const classId = listClasses(db)[0]!.id;
  const paperId = createPaper(db, startLadder('column-addition', 'Lantern counts', { seed: 3 }));
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
  const paper = startLadder('column-addition', 'Lantern counts, again', { seed: 4 });
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: true, version: 2 });
  const { title, seed, rungs, ramp } = readPaper(db, paperId)!;
  assert.deepEqual({ title, seed, rungs, ramp }, paper);
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: false, code: 'changed' });
});

test('a paper that was sat is frozen, kept, and followed by an edition', () => {
  const { db, classId, paperId } = sat();
  const paper = startLadder('column-addition', 'Other', { seed: 5 });
  assert.deepEqual(savePaper(db, paperId, 1, paper), { ok: false, code: 'sat' });
  assert.equal(removePaper(db, paperId, false), undefined);
  assert.equal(readPaper(db, newEdition(db, paperId)!)!.edition, 2);
  assert.deepEqual(sitPaper(db, paperId, classId, '2026-11-20'), { ok: false, code: 'twice' });
  const pupil = readClass(db, classId)!.pupils[0]!;
  const marked = { ok: false, code: 'has-marks' };
  assert.deepEqual(removePupil(db, classId, pupil.id, false), marked);
  assert.ok(removePupil(db, classId, pupil.id, true).ok);
  assert.deepEqual(removeClass(db, classId, false), marked);
  assert.ok(removeClass(db, classId, true).ok);
  assert.deepEqual(listClasses(db), []);
  assert.equal(readPaper(db, paperId)!.isSat, true);
});

test('responses keep what was written, proposed and given, and refuse a stale version', () => {
  const { db, paperId, sittingId, script, item } = sat();
  const wrong = { ...NOTHING, working: { answer: '1' }, isMarked: true, given: {} };
  assert.deepEqual(saveResponse(db, script.id, item.id, wrong), { ok: true, version: 1 });
  const stale = saveResponse(db, script.id, item.id, wrong);
  assert.ok(!stale.ok && stale.code === 'changed');
  assert.equal(stale.current.working['answer'], '1');
  const given = { M1: { given: 1, reason: 'method said aloud' } };
  assert.ok(saveResponse(db, script.id, item.id, { ...wrong, version: 1, given }).ok);
  const states = readResponses(db, { scripts: [script.id], parts: [item.id] });
  assert.deepEqual(states[`${script.id}/${item.id}`], { ...wrong, version: 2, given });
  const [pupil] = readResults(db, sittingId, paperId).pupils;
  assert.deepEqual([pupil!.total, pupil!.changed, pupil!.isComplete], [1, 1, false]);
  assert.equal(readSitting(db, sittingId)!.marked, 1);
});

test('marks without a reason, above their value or of another scheme are refused, as are foreign items', () => {
  const { db, script, item } = sat();
  const state = NOTHING;
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
  assert.deepEqual(readResponses(db, { scripts: [script.id], parts: [item.id] }), {});
});

test('what the skills cannot read back is refused when it is saved', () => {
  const { db, paperId } = department();
  const paper = startLadder('column-addition', 'Practice', { seed: 5 });
  const [rung] = paper.rungs;
  const withRung = (change: object): Paper => ({ ...paper, rungs: [{ ...rung!, ...change }] });
  const spread = { feature: 'no-such-feature', parts: [{ control: 1, count: rung!.count }] };
  const item = { ...rung!.items[0]!, given: { addends: ['12'] } };
  for (const [wrong, path] of [
    [withRung({ spread }), 'rungs.0.spread.parts.0.no-such-feature'],
    [withRung({ controls: { nonsense: 1 } }), 'rungs.0.controls.nonsense'],
    [withRung({ items: [item] }), 'rungs.0.items.0.given']
  ] as const) {
    const result = savePaper(db, paperId, 1, wrong);
    assert.ok(!result.ok && result.code === 'unreadable');
    assert.equal(result.problems[0]!.path.join('.'), path);
  }
  assert.equal(readPaper(db, paperId)!.version, 1);
});

test('a damaged paper opens with what is sound, is mended by saving it, and can be sat', () => {
  const { db, classId, paperId } = department();
  const { rungs } = readPaper(db, paperId)!;
  db.$client.exec(
    `update parts set key = 'i1'; update parts set given = '{"addends":["7"]}' where id = 3`
  );
  const [, second, third] = db.select().from(sections).all();
  const withPlan = (id: number, change: object) => {
    const plan = {
      ...db.select().from(sections).where(eq(sections.id, id)).get()!.plan!,
      ...change
    };
    db.update(sections).set({ plan }).where(eq(sections.id, id)).run();
  };
  withPlan(second!.id, { skill: 'no-such-skill' });
  withPlan(third!.id, { controls: { nonsense: 1 } });
  const found = readPaper(db, paperId)!;
  assert.equal(found.damage.length, 3);
  assert.equal(found.rungs.length, rungs.length - 1);
  assert.deepEqual(found.rungs[1]!.controls, {});
  const ids = found.rungs.flatMap(({ items }) => items.map(({ id }) => id));
  assert.equal(new Set(ids).size, ids.length);
  const { title, seed, ramp } = found;
  assert.ok(savePaper(db, paperId, 1, { title, seed, ramp, rungs: found.rungs }).ok);
  assert.deepEqual(readPaper(db, paperId)!.damage, []);
  assert.ok(sitPaper(db, paperId, classId, '2026-11-20').ok);
  assert.ok(satItems(db, paperId).length > 0);
});

test('no two items get one id, however often a rung is drawn, removed and read back', () => {
  const { db, paperId } = department();
  for (let version = 1; version < 12; version++) {
    const { title, seed, ramp, rungs } = readPaper(db, paperId)!;
    const paper = { title, seed, ramp, rungs };
    const drawn = redrawRung(paper, rungs[version % rungs.length]!.id, version);
    assert.ok(drawn.ok);
    const kept = version % 3 === 0 ? rungs.slice(1) : rungs;
    const next = kept.map((rung) => (rung.id === drawn.rung.id ? drawn.rung : rung));
    const ids = next.flatMap(({ items }) => items.map(({ id }) => id));
    assert.equal(new Set(ids).size, ids.length);
    assert.ok(savePaper(db, paperId, version, { ...paper, rungs: next }).ok);
  }
});
