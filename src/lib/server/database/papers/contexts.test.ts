import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Context } from '@zealous-quill/core/catalogue';
import { builtInContexts } from '@zealous-quill/core/catalogue/all';
import { openDatabase } from '../base/connection';
import { restoreFromBin } from '../records/bin';
import { readLog } from '../records/logbook';
import {
  createContext,
  listContexts,
  MOST_TOLD,
  ownContextsStamp,
  readContext,
  readOwnContexts,
  removeContext,
  saveContext,
  stopTelling,
  tellContext
} from './contexts';

const fair: Omit<Context, 'id' | 'version'> = { ...builtInContexts[0]!, title: 'The lamp fair' };

const ids = (all: readonly Context[]) => all.map(({ id, version }) => `${id} ${version}`);

/** Told as it stands now. */
const tell = (db: ReturnType<typeof openDatabase>, id: number) =>
  tellContext(db, readContext(db, id)!);

test('what problems call a context by is made of its title and nobody else’s', () => {
  const db = openDatabase(':memory:');
  const made = ['The lamp fair', 'The lamp fair', 'Bakery', '  ', '3 Äpfel!', 'x'.repeat(60)];
  const names = made.map((title) => readContext(db, createContext(db, { ...fair, title }))!);
  assert.deepEqual(
    names.map(({ context }) => context.id),
    ['the-lamp-fair', 'the-lamp-fair-2', 'bakery-2', 'context', 'apfel', 'x'.repeat(24)]
  );
});

test('a context is saved over the version it was read at, and problems are told as before until it is used', () => {
  const db = openDatabase(':memory:');
  const id = createContext(db, fair);
  assert.deepEqual(readOwnContexts(db), { told: [], past: [] });
  assert.deepEqual(tell(db, id), { ok: true });
  assert.deepEqual(ids(readOwnContexts(db).told), ['the-lamp-fair 1']);
  const { version, context } = readContext(db, id)!;
  const changed = { ...context, title: 'The lantern fair', id: 'stolen' };
  assert.deepEqual(saveContext(db, { id, version, context: changed }), { ok: true, version: 2 });
  const second = saveContext(db, { id, version, context });
  assert.ok(!second.ok && second.code === 'changed' && second.current.version === 2);
  const saved = readContext(db, id)!;
  assert.deepEqual(
    [saved.context.id, saved.isTold, saved.isChanged],
    ['the-lamp-fair', true, true]
  );
  assert.equal(readOwnContexts(db).told[0]!.title, 'The lamp fair');
  assert.deepEqual(tellContext(db, { id, version: 1 }), { ok: false, code: 'changed' });
  assert.deepEqual(tell(db, id), { ok: true });
  const { told, past } = readOwnContexts(db);
  assert.deepEqual([ids(told), ids(past)], [['the-lamp-fair 2'], ['the-lamp-fair 1']]);
  assert.equal(readContext(db, id)!.isChanged, false);
  // Used again as it is, it is no other version.
  assert.deepEqual(tell(db, id), { ok: true });
  assert.deepEqual(ids(readOwnContexts(db).told), ['the-lamp-fair 2']);
  assert.deepEqual(saveContext(db, { id: 99, version, context }), { ok: false, code: 'missing' });
});

test('problems of a context that is used no more, or removed, are still read', () => {
  const db = openDatabase(':memory:');
  const stamps = new Set([ownContextsStamp(db)]);
  const id = createContext(db, fair);
  tell(db, id);
  stamps.add(ownContextsStamp(db));
  assert.ok(stopTelling(db, id));
  assert.equal(stopTelling(db, id), false);
  stamps.add(ownContextsStamp(db));
  assert.deepEqual(ids(readOwnContexts(db).past), ['the-lamp-fair 1']);
  tell(db, id);
  const removed = removeContext(db, id)!;
  assert.equal(removed.title, 'The lamp fair');
  assert.deepEqual([listContexts(db), readOwnContexts(db).told], [[], []]);
  assert.deepEqual(ids(readOwnContexts(db).past), ['the-lamp-fair 1']);
  // Its name is not given again: papers hold problems of it.
  assert.equal(readContext(db, createContext(db, fair))!.context.id, 'the-lamp-fair-2');
  assert.ok(restoreFromBin(db, removed.bin).ok);
  assert.deepEqual(ids(readOwnContexts(db).told), ['the-lamp-fair 1']);
  assert.equal(stamps.size, 3);
  assert.equal(removeContext(db, 99), undefined);
  const lines = readLog(db, undefined, 1).rows.map(({ action }) => action);
  assert.ok(lines.includes('context removed') && lines.includes('context used in problems'));
});

test('problems are told in so many contexts of a department and no more', () => {
  const db = openDatabase(':memory:');
  const all = Array.from({ length: MOST_TOLD + 1 }, () => createContext(db, fair));
  const told = all.map((id) => tell(db, id).ok);
  assert.deepEqual(told, [...Array.from({ length: MOST_TOLD }, () => true), false]);
  stopTelling(db, all[0]!);
  assert.ok(tell(db, all.at(-1)!).ok);
});
