import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { holdDatabase, openDatabase, releaseDatabase } from './connection';

test('a database is its owner’s alone, and one process’s at a time', (t) => {
  const folder = mkdtempSync(join(tmpdir(), 'quill-'));
  t.after(() => rmSync(folder, { recursive: true }));
  const file = join(folder, 'department.db');
  const database = openDatabase(file);
  t.after(() => database.$client.close());
  for (const end of ['', '-wal', '-shm']) {
    assert.equal(statSync(file + end).mode & 0o077, 0, `${end} can be read by others`);
  }
  assert.ok(holdDatabase(file), 'nobody has it');
  // Another process asks the same.
  const asking = `import Database from 'better-sqlite3';
    const lock = new Database(${JSON.stringify(`${file}-server`)}, { timeout: 0 });
    try { lock.exec('BEGIN EXCLUSIVE'); console.log('free'); } catch (e) { console.log(e.code); }`;
  const ask = () =>
    spawnSync(process.execPath, ['--input-type=module', '-e', asking], {
      encoding: 'utf8'
    }).stdout.trim();
  assert.equal(ask(), 'SQLITE_BUSY');
  releaseDatabase();
  assert.equal(ask(), 'free');
});
