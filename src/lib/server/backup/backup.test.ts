import assert from 'node:assert/strict';
import Database from 'better-sqlite3';
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { after, before, test } from 'node:test';
import { create, extract } from 'tar';
import { createClass } from '../database/people/classes';
import { closeDatabase, db, openDatabase } from '../database/base/connection';
import { saveRetention } from '../database/records/retention';
import { department, held } from '../database/department.test-helper';
import { damageAdvice } from './damage';
import { clearLeftovers, makeRoom } from '../archive/leftovers';
import { forgetReceived, receive, receivedPath } from './received';
import { backUp, backUpBeforeUpdate, keepHouseNow, restore } from './maintenance';
import { backupFolder, backupPath, listBackups, thinBackups } from '../archive/store';

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

/** What stands beside the backups: the rooms in which they are made and unpacked, while that is done. */
const unpacked = () => readdirSync(backupFolder()).filter((name) => !name.endsWith('.tar.gz'));

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
  assert.deepEqual(unpacked(), []);
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
  assert.deepEqual(unpacked(), []);
});

test('the database itself is looked at, whatever the manifest says of it', async () => {
  const made = await backUp('by-hand');
  assert.ok(made.ok, 'made');
  const kept = held(db());
  /** A backup with a changed database, and a manifest that fits it. */
  const forged = async (name: string, change: (database: Database.Database) => void) => {
    const inside = room(`${name}-inside`);
    mkdirSync(inside);
    await extract({ file: backupPath(made.name)!, cwd: inside });
    const database = new Database(join(inside, 'database.sqlite'));
    change(database);
    const rows = Object.fromEntries(
      database
        .prepare(
          "select name from sqlite_master where type = 'table' and name not like 'sqlite%' order by name"
        )
        .pluck()
        .all()
        .map((table) => [
          table,
          database
            .prepare(`select count(*) from "${String(table)}"`)
            .pluck()
            .get()
        ])
    );
    database.close();
    const bytes = readFileSync(join(inside, 'database.sqlite'));
    const path = join(inside, 'manifest.json');
    const manifest = {
      ...JSON.parse(readFileSync(path, 'utf8')),
      ...{ rows, bytes: bytes.length, migrations: 1 },
      sha256: createHash('sha256').update(bytes).digest('hex')
    };
    writeFileSync(path, JSON.stringify(manifest));
    await create({ gzip: true, file: room(name), cwd: inside }, [
      'manifest.json',
      'database.sqlite'
    ]);
    return restore(room(name));
  };
  const refused = async (
    name: string,
    problem: RegExp,
    change: (database: Database.Database) => void
  ) => {
    const result = await forged(name, change);
    assert.ok(!result.ok && problem.test(result.problem), `${name}: ${JSON.stringify(result)}`);
    assert.deepEqual(held(db()), kept);
  };
  await refused('foreign.tar.gz', /none of this application/, (database) => {
    database.pragma('foreign_keys = off');
    database.exec('drop table __drizzle_migrations');
  });
  await refused('others.tar.gz', /none of this application/, (database) =>
    database.exec("update __drizzle_migrations set hash = 'other' where rowid = 1")
  );
  await refused('later.tar.gz', /newer than this one/, (database) =>
    database.exec("insert into __drizzle_migrations (hash, created_at) values ('later', 1)")
  );
  await refused('trigger.tar.gz', /built otherwise/, (database) =>
    database.exec('create trigger t after insert on pupils begin delete from pupils; end')
  );
  const restored = await forged('ours.tar.gz', () => undefined);
  assert.ok(restored.ok, JSON.stringify(restored));
});

test('what a killed backup or restore left is removed, and nothing of one that is at work', () => {
  const own = room('leftovers');
  mkdirSync(own);
  const gone = spawnSync('true').pid;
  const names = [
    `.making-${gone}-abc`,
    '.restoring-abc',
    `.sent-${gone}-x`,
    'kept.tar.gz',
    '.other'
  ];
  for (const name of names) mkdirSync(join(own, name));
  const working = makeRoom('making', own);
  clearLeftovers({ folder: own });
  assert.deepEqual(readdirSync(own).sort(), [basename(working), '.other', 'kept.tar.gz'].sort());
  clearLeftovers({ folder: own, isStart: true });
  assert.deepEqual(readdirSync(own).sort(), ['.other', 'kept.tar.gz']);
});

test('a file comes in pieces of any number; one that is sent twice is written once', () => {
  const whole = Buffer.from('abcdefghij'.repeat(50));
  let file = '';
  for (let at = 0; at < whole.length; at += 70) {
    const piece = whole.subarray(at, at + 70);
    const done = receive(file, at, piece);
    assert.ok(done.ok, JSON.stringify(done));
    file = done.file;
    assert.deepEqual(receive(file, at, piece), done);
  }
  assert.deepEqual(receive(file, 7, whole), { ok: false, code: 'order', bytes: whole.length });
  assert.deepEqual(readFileSync(receivedPath(file)!), whole);
  forgetReceived(file);
  assert.deepEqual(receive(file, 0, whole), { ok: false, code: 'missing' });
});

test('a damaged database is not opened: the newest backup that opens is named, and puts it right', async () => {
  const made = await backUp('by-hand');
  assert.ok(made.ok, 'made');
  const kept = held(db());
  const broken = join(backupFolder(), 'zealous-quill-9999-by-hand.tar.gz');
  writeFileSync(broken, 'no backup');
  assert.equal(await damageAdvice(), undefined);
  closeDatabase();
  const bytes = readFileSync(file);
  bytes.fill(0x5a, 0, 4096);
  writeFileSync(file, bytes);
  const advice = await damageAdvice();
  assert.match(advice ?? '', /is damaged/);
  assert.ok(advice!.includes(made.name) && !advice!.includes('9999'), advice);
  const restored = await restore(backupPath(made.name)!);
  assert.ok(restored.ok, JSON.stringify(restored));
  assert.deepEqual(held(db()), kept);
  assert.deepEqual(readFileSync(restored.before), bytes);
  rmSync(broken);
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
  saveRetention(db(), { backupHours: 0 });
  await keepHouseNow();
  assert.equal(made(), 0);
  saveRetention(db(), { backupHours: 24 });
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
