import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { everything as all, PAGE, type ListQuery } from './base/list-query';
import { importPupils } from './people/import-pupils';
import { listClasses } from './people/classes';
import { openDatabase } from './base/connection';
import { createPaper, findPapers } from './papers/papers';
import { findSittings, sitPaper, sittingChoices } from './sittings/sittings';

const ladder = startLadder('square-ending-five', 'Lanterns', { seed: 5 });

test('every paper is reached by its page, its words and its state', () => {
  const db = openDatabase(':memory:');
  const titles = Array.from({ length: 2 * PAGE + 5 }, (_, at) => `Lanterns ${at + 1}`);
  for (const title of [...titles, '50% off_the roll']) createPaper(db, { ...ladder, title });
  const found = (query: Partial<ListQuery>) => findPapers(db, { ...all, ...query });
  const pages = [1, 2, 3].flatMap((page) => found({ page }).rows.map(({ title }) => title));
  assert.deepEqual(pages.sort(), [...titles, '50% off_the roll'].sort());
  assert.deepEqual(
    found({ words: ['lantern', '65'] }).rows.map(({ title }) => title),
    ['Lanterns 65']
  );
  assert.equal(found({ words: ['50%'] }).total, 1);
  assert.equal(found({ words: ['%', '_'] }).total, 1);
  assert.equal(found({ words: ["'; drop table papers; --"] }).total, 0);
  assert.equal(found({ state: 'draft' }).total, titles.length + 1);
  assert.equal(found({ state: 'sat' }).total, 0);
  db.$client.close();
});

test('sittings are found by class, year, state and the words of class and title', () => {
  const db = openDatabase(':memory:');
  importPupils(
    db,
    ['7 Amber', '9 Slate'].map((className, line) => ({
      ...{ line, className, name: 'Oona Fell', surname: 'Fell', forename: 'Oona' }
    })) as Parameters<typeof importPupils>[1]
  );
  const [amber, slate] = listClasses(db).map(({ id }) => id) as [number, number];
  const paper = createPaper(db, ladder);
  for (const [classId, day] of [
    [amber, '2025-03-04'],
    [amber, '2026-03-04'],
    [slate, '2026-05-06']
  ] as const) {
    assert.ok(sitPaper(db, paper, classId, day).ok, day);
  }
  const days = (query: Partial<ListQuery>) =>
    findSittings(db, { ...all, ...query }).rows.map(({ satOn }) => satOn);
  assert.deepEqual(days({}), ['2026-05-06', '2026-03-04', '2025-03-04']);
  assert.deepEqual(days({ classId: amber }), ['2026-03-04', '2025-03-04']);
  assert.deepEqual(days({ year: '2025' }), ['2025-03-04']);
  assert.deepEqual(days({ words: ['slate', 'lantern'] }), ['2026-05-06']);
  assert.deepEqual([days({ state: 'open' }).length, days({ state: 'begun' }).length], [3, 0]);
  // What every object has is no state.
  for (const state of ['hasOwnProperty', 'constructor']) assert.equal(days({ state }).length, 3);
  const { classes, years } = sittingChoices(db, false);
  assert.deepEqual(
    [classes.map(([, name]) => name), years],
    [
      ['7 Amber', '9 Slate'],
      ['2026', '2025']
    ]
  );
  db.$client.close();
});
