import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import Database from 'better-sqlite3';
import { outlineOf } from '../../http/server-log';
import { createClass } from '../people/classes';
import { openDatabase } from './connection';
import { type Db } from './db';
import { databaseHealth } from './health';
import { storageProblem } from './storage-problem';

function failing(db: Db): unknown {
  try {
    for (let at = 0; at < 2000; at++) createClass(db, `${at} ${'Lanternmoor '.repeat(400)}`);
  } catch (error) {
    return error;
  }
  return undefined;
}

test('a locked and a full database are told apart, and nothing of what was to be saved is logged', () => {
  const folder = mkdtempSync(join(tmpdir(), 'storage-'));
  const file = join(folder, 'department.db');
  const db = openDatabase(file);
  db.$client.pragma('busy_timeout = 10');
  assert.equal(
    databaseHealth(() => db),
    'ready'
  );
  const other = new Database(file);
  other.exec('begin immediate');
  assert.equal(
    databaseHealth(() => db),
    'locked'
  );
  assert.equal(storageProblem(failing(db))?.code, 'locked');
  other.exec('rollback');
  other.close();
  assert.equal(
    databaseHealth(() => db),
    'ready'
  );
  // As on a full disk: the file may not grow any more.
  const pages = db.$client.pragma('page_count', { simple: true }) as number;
  db.$client.pragma(`max_page_count = ${pages + 4}`);
  const error = failing(db);
  assert.equal(storageProblem(error)?.code, 'full');
  assert.ok(
    !JSON.stringify(outlineOf(error)).includes('Lanternmoor'),
    'the log has what was typed'
  );
  assert.equal(storageProblem(new Error('SQLITE_FULL')), undefined);
  db.$client.close();
  assert.equal(
    databaseHealth(() => db),
    'unavailable'
  );
  rmSync(folder, { recursive: true });
});
