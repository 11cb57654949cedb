import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { after, before, test } from 'node:test';
import { create } from 'tar';
import { createClass } from '../database/classes';
import { db, openDatabase } from '../database/connection';
import { saveKeepings } from '../database/keepings';
import { department, held } from '../database/department.test-helper';
import { backUp, backUpBeforeUpdate, keepHouseNow, restore } from './maintenance';
import { backupPath, listBackups, thinBackups } from './store';

const folder = mkdtempSync(join(tmpdir(), 'backup-'));
const room = (name: string) => join(folder, name);
const file = room('department.db');

before(() => {
  process.env['DATABASE'] = file;
  department(file).db.$client.close();
});
after(() => {
  db().$client.close();
  rmSync(folder, { recursive: true });
  delete process.env['DATABASE'];
});

test('a backup that is restored gives the database it was made of, and keeps what it took the place of', async () => {
  const kept = held(db());
  const made = await backUp('by-hand');
  assert.ok(made.ok, 'made');
  createClass(db(), '8 Slate');
  const later = held(db());
  const restored = await restore(backupPath(made.name)!);
  assert.ok(restored.ok, JSON.stringify(restored));
  assert.deepEqual(held(db()), kept);
  assert.equal(restored.manifest.rows['classes'], 2);
  const back = await restore(backupPath(restored.before)!);
  assert.ok(back.ok, 'restored again');
  assert.deepEqual(held(db()), later);
});

test('what is damaged, changed or none of ours is refused, and the database stays as it is', async () => {
  const made = await backUp('by-hand');
  assert.ok(made.ok, 'made');
  const bytes = readFileSync(backupPath(made.name)!);
  const kept = held(db());
  const wrong = async (name: string, problem: RegExp) => {
    const result = await restore(room(name));
    assert.ok(!result.ok && problem.test(result.problem), `${name}: ${JSON.stringify(result)}`);
    assert.deepEqual(held(db()), kept);
  };
  writeFileSync(room('cut.tar.gz'), bytes.subarray(0, bytes.length / 2));
  await wrong('cut.tar.gz', /damaged|no backup/);
  writeFileSync(room('text.tar.gz'), 'lantern oil');
  await wrong('text.tar.gz', /damaged|no backup/);
  const packed = async (name: string, change: (inside: string) => void) => {
    const inside = room(`${name}-inside`);
    mkdirSync(inside);
    const { extract } = await import('tar');
    await extract({ file: backupPath(made.name)!, cwd: inside });
    change(inside);
    await create({ gzip: true, file: room(name), cwd: inside }, [
      'manifest.json',
      'database.sqlite'
    ]);
    await wrong(name, /checksum|no backup|newer/);
  };
  await packed('other.tar.gz', (inside) => {
    openDatabase(join(inside, 'database.sqlite')).$client.close();
    const other = openDatabase(join(inside, 'database.sqlite'));
    createClass(other, '9 Copper');
    other.$client.close();
  });
  await packed('newer.tar.gz', (inside) => {
    const path = join(inside, 'manifest.json');
    const manifest = JSON.parse(readFileSync(path, 'utf8'));
    writeFileSync(path, JSON.stringify({ ...manifest, migrations: 999 }));
  });
  await packed('nameless.tar.gz', (inside) => writeFileSync(join(inside, 'manifest.json'), '{}'));
});

test('the oldest that were made by themselves go, those by hand never; no other file is given', () => {
  const own = room('thin');
  mkdirSync(own);
  const names = [1, 2, 3].flatMap((day) =>
    ['by-hand', 'by-schedule'].map((reason) => {
      const name = `zealous-quill-2026-11-0${day}Z-${reason}.tar.gz`;
      writeFileSync(join(own, name), '');
      utimesSync(join(own, name), day, day);
      return name;
    })
  );
  thinBackups(2, own);
  const left = listBackups(own).map(({ name }) => name);
  assert.deepEqual(
    names.filter((name) => !left.includes(name)),
    [names[1]]
  );
  assert.equal(backupPath('../department.db', own), undefined);
});

test('a backup is made when it is due, and not before', async () => {
  const made = () => listBackups().filter(({ reason }) => reason === 'by-schedule').length;
  saveKeepings(db(), { backupHours: 0 });
  await keepHouseNow();
  assert.equal(made(), 0);
  saveKeepings(db(), { backupHours: 24 });
  await keepHouseNow();
  await keepHouseNow();
  assert.equal(made(), 1);
  const { name } = listBackups().find(({ reason }) => reason === 'by-schedule')!;
  const dayBefore = Date.now() / 1000 - 25 * 3600;
  utimesSync(backupPath(name)!, dayBefore, dayBefore);
  await keepHouseNow();
  assert.equal(made(), 2);
});

test('a database of the first release is kept before it is brought up to date, and can be restored', async () => {
  const first = readFileSync('src/lib/server/database/fixtures/first-release.db.gz');
  writeFileSync(room('first.db'), gunzipSync(first));
  await backUpBeforeUpdate(room('first.db'));
  const updated = openDatabase(room('first.db'));
  await backUpBeforeUpdate(room('first.db'));
  const made = listBackups().filter(({ reason }) => reason === 'before-update');
  assert.equal(made.length, 1);
  const restored = await restore(backupPath(made[0]!.name)!);
  assert.ok(restored.ok && restored.manifest.migrations === 2, JSON.stringify(restored));
  const [now, then] = [held(db()), held(updated)];
  // Sealing says when it was done.
  for (const table of ['entries', 'responses', 'pupils', 'parts', 'decisions']) {
    assert.deepEqual(now[table], then[table], table);
  }
  updated.$client.close();
});
