import assert from 'node:assert/strict';
import { test } from 'node:test';
import { sql } from 'drizzle-orm';
import { emptyBin, listBin, restoreFromBin, takenAlong } from './bin';
import { createClass, removeClass, removePupil } from '../people/classes';
import { department, held } from '../department.test-helper';
import { removePaper } from '../papers/papers';
import { readScriptPage, removeScriptPage } from '../sittings/script-pages';
import { removeSitting } from '../sittings/sittings';
import { removeTimedSet } from '../people/timed';

test('whatever is removed comes back as it was', () => {
  const { db, paper, classes, pupils, sittings, pages, timed } = department();
  const before = held(db);
  const removals = {
    paper: () => removePaper(db, paper, true)?.bin,
    class: () => removeClass(db, classes[0]!, true),
    pupil: () => removePupil(db, classes[0]!, pupils[0]![0]!, true),
    sitting: () => removeSitting(db, sittings[1]!)?.bin,
    page: () => removeScriptPage(db, pages[0]!),
    'timed practice': () => removeTimedSet(db, timed, 'Near doubles').bin
  };
  for (const [kind, remove] of Object.entries(removals)) {
    const result = remove();
    const id = typeof result === 'object' ? result.ok && result.bin : result;
    assert.ok(id, kind);
    assert.notDeepEqual(held(db), before, kind);
    assert.deepEqual(db.all(sql`pragma foreign_key_check`), [], kind);
    assert.equal(listBin(db)[0]!.kind, kind);
    const restored = restoreFromBin(db, id);
    assert.ok(restored.ok, kind);
    assert.deepEqual(held(db), before, kind);
    assert.deepEqual(listBin(db), []);
  }
  assert.equal(readScriptPage(db, pages[0]!.id)!.bytes.at(-1), sittings[0]);
});

test('what goes along is known before; what has no place to come back to stays in the bin', () => {
  const { db, classes, pupils } = department();
  const { pupils: members, sittings, scripts } = takenAlong(db, 'classes', classes[0]!);
  assert.deepEqual({ members, sittings, scripts }, { members: 2, sittings: 1, scripts: 2 });
  const pupil = removePupil(db, classes[0]!, pupils[0]![0]!, true);
  const group = removeClass(db, classes[0]!, true);
  assert.ok(pupil.ok && group.ok, 'removed');
  assert.deepEqual(restoreFromBin(db, pupil.bin), { ok: false, code: 'homeless' });
  createClass(db, '7 Amber');
  assert.deepEqual(restoreFromBin(db, group.bin), { ok: false, code: 'taken' });
  assert.equal(listBin(db).length, 2);
  assert.deepEqual(restoreFromBin(db, 999), { ok: false, code: 'missing' });
});

test('the bin keeps what is in it for thirty days', () => {
  const { db, sittings } = department();
  removeSitting(db, sittings[0]!);
  const days = (n: number) => new Date(Date.now() + n * 86_400_000);
  assert.equal(emptyBin(db, days(29)), 0);
  assert.equal(emptyBin(db, days(31)), 1);
  assert.deepEqual(db.all(sql`select * from bin_bytes`), []);
});
