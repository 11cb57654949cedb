import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { readName } from '@zealous-quill/core/exchange';
import { listBin, restoreFromBin } from '../records/bin';
import { addPupil, createClass, listClasses, readClass, renameClass } from './classes';
import { archiveClasses, takeOutOfArchive } from './archive-classes';
import { importPupils } from './import-pupils';
import { department } from '../department.test-helper';
import { readLog } from '../records/logbook';
import { erasePupil, eraseOldNames, oldNames, pupilRecord } from './pupil-record';
import type { Results } from '@zealous-quill/core/results';
import { readResults } from '../marking/results';
import { removeScriptPage } from '../sittings/script-pages';
import { removeSitting, sitPaper } from '../sittings/sittings';

/** What results say of a class beside names, and beside the order that these give. */
const statistics = ({ pupils, ...rest }: Results) => ({
  ...rest,
  pupils: pupils
    .map(({ total, changed, isComplete, outcomes }) => ({
      ...{ total, changed, isComplete },
      outcomes: outcomes.map((outcome) => outcome && { ...outcome, comment: '' })
    }))
    .toSorted((one, other) => JSON.stringify(one).localeCompare(JSON.stringify(other)))
});

test('the record of a pupil has all that is held, with every decision', () => {
  const { db, classes, pupils, pages } = department();
  const record = pupilRecord(db, classes[0]!, pupils[0]![0]!)!;
  const [sat] = record.papers;
  assert.equal(record.name, 'Oona Fell');
  assert.equal(sat!.title, 'Lantern counts');
  assert.deepEqual(
    sat!.items.map(({ written, comment }) => ({ written, comment })),
    [{ written: [['Answer', '12']], comment: 'Well set out, Oona' }]
  );
  assert.deepEqual(
    sat!.decisions.map(({ given, reason }) => [given, reason]),
    [
      [1, 'said aloud'],
      [0, 'said aloud'],
      [null, '']
    ]
  );
  assert.equal(Buffer.from(sat!.pages[0]!.base64, 'base64')[0], 0x89);
  assert.deepEqual(
    record.timed.map(({ skill, items, sheets }) => ({ skill, items, sheets })),
    [{ skill: 'near-doubles', items: 10, sheets: [{ sheet: 'B', score: 9, seconds: 125 }] }]
  );
  assert.equal(pupilRecord(db, classes[1]!, pupils[0]![0]!), undefined);
  // The log of a script, its paper and its class all have the decisions.
  const about = [
    ['script', pages[0]!.scriptId],
    ['class', classes[0]!],
    ['paper', 1]
  ] as const;
  for (const subject of about) {
    const actions = readLog(db, subject, 1).rows.map(({ action }) => action);
    assert.ok(actions.includes('mark A1 decided: 0'), `${subject}: ${actions}`);
    assert.ok(actions.includes('mark A1 as proposed again'), `${subject}: ${actions}`);
  }
});

test('an erased pupil is nowhere in the file, nor in the bin; the class has its statistics', () => {
  const folder = mkdtempSync(join(tmpdir(), 'erase-'));
  try {
    const file = join(folder, 'department.db');
    const { db, classes, pupils, sittings, paper, pages } = department(file);
    const before = statistics(readResults(db, sittings[0]!, paper));
    const [oona, bram] = pupils[0]!;
    removeScriptPage(db, pages[0]!);
    assert.ok(erasePupil(db, classes[0]!, oona!), 'erased');
    assert.deepEqual(statistics(readResults(db, sittings[0]!, paper)), before);
    assert.deepEqual(listBin(db), []);
    const removed = removeSitting(db, sittings[0]!)!;
    assert.ok(erasePupil(db, classes[0]!, bram!), 'erased while a script is in the bin');
    assert.ok(restoreFromBin(db, removed.bin).ok, 'brought back');
    assert.deepEqual(statistics(readResults(db, sittings[0]!, paper)), before);
    // The other class has pupils of the same names.
    for (const id of pupils[1]!) erasePupil(db, classes[1]!, id);
    db.$client.pragma('wal_checkpoint(TRUNCATE)');
    const bytes = readFileSync(file).toString('latin1');
    for (const word of ['Oona', 'Bram', 'Wick', 'said aloud']) {
      assert.ok(!bytes.includes(word), `${word} is still in the file`);
    }
    assert.equal(erasePupil(db, classes[0]!, oona!), false);
  } finally {
    rmSync(folder, { recursive: true });
  }
});

test('names older than the years that are set are found, and go only when that is confirmed', () => {
  const { db, classes } = department();
  const found = (today: string) => oldNames(db, 3, today).map(({ classId }) => classId);
  assert.deepEqual(found('2029-11-20'), []);
  assert.deepEqual(found('2029-11-21').sort(), classes);
  const when = { years: 3, today: '2029-11-21' };
  assert.equal(eraseOldNames(db, classes, { ...when, today: '2028-01-01' }), 0);
  assert.equal(eraseOldNames(db, [classes[0]!], when), 2);
  assert.deepEqual(found('2029-11-21'), [classes[1]]);
  assert.deepEqual(readClass(db, classes[0]!)!.pupils, []);
});

test('a class that is archived is out of the way, keeps its year, and leaves its name to the next', () => {
  const { db, classes, paper } = department();
  archiveClasses(db, [classes[0]!]);
  assert.deepEqual(
    listClasses(db).map(({ id }) => id),
    [classes[1]]
  );
  assert.deepEqual(
    listClasses(db, true).map(({ name, year }) => [name, year]),
    [['7 Amber', '2026/27']]
  );
  // The next class of the name is another, with pupils of its own, and can be archived in the same year.
  const next = createClass(db, '7 Amber')!;
  addPupil(db, next, readName('Fern Gill'));
  assert.ok(sitPaper(db, paper, next, '2026-12-01').ok, 'sat');
  archiveClasses(db, [next]);
  assert.deepEqual(
    listClasses(db, true).map(({ year }) => year),
    ['2026/27', '2026/27']
  );
  const line = { line: 2, className: '7 Amber', ...readName('Fern Gill') };
  assert.equal(importPupils(db, [line]).added, 1);
  assert.equal(listClasses(db).length, 2);
  assert.equal(takeOutOfArchive(db, classes[0]!), false);
  const current = listClasses(db).find(({ name }) => name === '7 Amber')!;
  assert.deepEqual(
    readClass(db, current.id)!.pupils.map(({ name }) => name),
    ['Fern Gill']
  );
  assert.ok(renameClass(db, current.id, '7 Brass', '7 Amber').ok);
  assert.equal(takeOutOfArchive(db, classes[0]!), true);
  assert.equal(listClasses(db).length, 3);
});
