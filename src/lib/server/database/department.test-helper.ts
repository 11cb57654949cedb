import assert from 'node:assert/strict';
import { readName } from '@zealous-quill/core/exchange';
import { startLadder } from '@zealous-quill/core/papers';
import { ANSWER } from '@zealous-quill/core/working';
import { sql } from 'drizzle-orm';
import { addPupil, createClass } from './people/classes';
import { openDatabase } from './base/connection';
import { type Db } from './base/db';
import { createPaper, newEdition } from './papers/papers';
import { NOTHING, type GivenMarks } from './marking/responses';
import { saveResponse } from './marking/save-response';
import { addScriptPage } from './sittings/script-pages';
import { listScripts } from './sittings/scripts';
import { sitPaper } from './sittings/sittings';
import { satItems } from './sittings/snapshots';
import { keepTimedSet, readTimedSet, saveTimedEntries } from './people/timed';

/** Two classes that sat one paper with a later edition, some of it marked and decided, with pages; one has timed practice. */
export function department(file = ':memory:') {
  const db = openDatabase(file);
  const paper = createPaper(db, startLadder('column-addition', 'Lantern counts', { seed: 5 }));
  newEdition(db, paper);
  const classes = ['7 Amber', '7 Copper'].map((name) => createClass(db, name)!);
  const pupils = classes.map((id) =>
    ['Fell, Oona', 'Wick, Bram'].map((name) => addPupil(db, id, readName(name))!)
  );
  const sittings = classes.map((id) => {
    const sat = sitPaper(db, paper, id, '2026-11-20');
    assert.ok(sat.ok, 'sat');
    return sat.id;
  });
  const [item] = satItems(db, paper);
  const pages = sittings.map((sitting) => {
    const [script] = listScripts(db, sitting);
    for (const [version, given] of [1, 0, null].entries()) {
      const decided: GivenMarks = given === null ? {} : { A1: { given, reason: 'said aloud' } };
      const saved = saveResponse(db, script!.id, item!.id, {
        ...NOTHING,
        ...{ version, isMarked: true, working: { [ANSWER]: '12' }, given: decided },
        comment: 'Well set out, Oona'
      });
      assert.ok(saved.ok, 'saved');
    }
    const png = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 255, sitting]);
    return { id: addScriptPage(db, script!.id, 'image/png', png), scriptId: script!.id };
  });
  const asked = { controls: {}, count: 10, sets: 2, minutes: 3, seed: 4 };
  const kept = { classId: classes[0]!, skill: 'near-doubles', asked, items: 10 };
  const timed = readTimedSet(db, classes[0]!, keepTimedSet(db, kept))!;
  const place = { pupilId: pupils[0]![0]!, sheet: 1, version: 0 };
  saveTimedEntries(db, timed, [
    { ...place, kind: 'score', value: 9 },
    { ...place, kind: 'seconds', value: 125 }
  ]);
  return { db, paper, item: item!, classes, pupils, sittings, pages, timed };
}

/** Everything the database holds beside the logbook and the bin. */
export function held(db: Db) {
  const tables = db.all<{ name: string }>(
    sql`select name from sqlite_master where type = 'table' and name not like 'sqlite%'
      and name not like 'bin%' and name not like 'logbook%'`
  );
  return Object.fromEntries(
    tables.map(({ name }) => [name, db.all(sql`select * from ${sql.identifier(name)} order by 1`)])
  );
}
