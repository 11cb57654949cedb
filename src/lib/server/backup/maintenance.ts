import { renameSync, rmSync } from 'node:fs';
import { emptyBin } from '../database/records/bin';
import { change, forgetCarriedOut } from '../database/base/change';
import {
  closeDatabase,
  databaseFile,
  db,
  needsUpdate,
  replaceDatabase
} from '../database/base/connection';
import { readRetention } from '../database/records/retention';
import { run } from '../jobs/pool';
import { undoneWords } from '../jobs/words';
import { logFailure } from '../http/server-log';
import type { Manifest } from '../archive/archive';
import type { Reason } from '../archive/reasons';
import { isDamaged, setAside } from './damage';
import { makeRoom } from '../archive/leftovers';
import { backupFolder, listBackups, thinBackups } from '../archive/store';

export type BackedUp =
  { readonly ok: true; readonly name: string } | { readonly ok: false; readonly problem: string };

/** One of these at a time: a restore must not take the database from under a backup. */
let last: Promise<unknown> = Promise.resolve();

function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const own = last.then(work, work);
  last = own.catch(() => undefined);
  return own;
}

/** Makes a backup of the application's database while it is in use. */
export const backUp = (reason: Reason): Promise<BackedUp> => inTurn(() => backUpNow(reason));

async function backUpNow(reason: Reason, file = databaseFile()): Promise<BackedUp> {
  try {
    const done = await run('backup', { file, folder: backupFolder(), reason });
    if (!done.ok) return { ok: false, problem: undoneWords[done.error.code] };
    return { ok: true, name: done.result };
  } catch (error) {
    logFailure('backup', error);
    return { ok: false, problem: problemOf(error) };
  }
}

function problemOf(error: unknown): string {
  const text = String((error as Error).message);
  if (/ENOSPC|SQLITE_FULL|disk is full/i.test(text)) {
    return 'There is no room left on the disk for a backup.';
  }
  if (/EACCES|EROFS|EPERM/.test(text)) return 'Nothing can be written to the folder of backups.';
  return 'The backup could not be made; the database is as it was.';
}

export type PutBack =
  | { readonly ok: true; readonly manifest: Manifest; readonly before: string }
  | { readonly ok: false; readonly problem: string };

/** Puts a backup in the place of the database, of which a backup is made first. */
export const restore = (archive: string): Promise<PutBack> => inTurn(() => restoreNow(archive));

async function restoreNow(archive: string): Promise<PutBack> {
  const done = await putBack(archive);
  if (done.ok) change(db(), (_, log) => log('a backup was restored', 'department'));
  return done;
}

async function putBack(archive: string): Promise<PutBack> {
  const room = makeRoom('restoring');
  try {
    const done = await run('unpack', { archive, room });
    if (!done.ok) return { ok: false, problem: undoneWords[done.error.code] };
    if (!done.result.ok) return done.result;
    if (isDamaged()) {
      // Of a damaged database there is no backup; it is kept as it is.
      closeDatabase();
      const before = setAside();
      renameSync(done.result.path, databaseFile());
      return { ok: true, manifest: done.result.manifest, before };
    }
    const before = await backUpNow('before-restore');
    if (!before.ok) return before;
    if (!replaceDatabase(done.result.path)) {
      return { ok: false, problem: 'Another program is reading the database. Try again.' };
    }
    return { ok: true, manifest: done.result.manifest, before: before.name };
  } finally {
    rmSync(room, { recursive: true, force: true });
  }
}

/** Before a new version changes how the database is built, it is kept as it was. */
export async function backUpBeforeUpdate(file = databaseFile()): Promise<void> {
  if (!needsUpdate(file)) return;
  const made = await inTurn(() => backUpNow('before-update', file));
  if (!made.ok) throw new Error(`The database needs an update. ${made.problem}`);
}

const HOUR = 3_600_000;
const ROUND = HOUR / 6;

/** Empties the bin of what is too old, and makes the backup that is due. */
export async function keepHouseNow(): Promise<void> {
  emptyBin(db());
  forgetCarriedOut(db());
  const { backupHours, backupsKept } = readRetention(db());
  const newest = listBackups().find(({ reason }) => reason === 'by-schedule');
  const isDue = !newest || Date.now() - Date.parse(newest.madeAt) > backupHours * HOUR;
  if (backupHours > 0 && isDue) await backUp('by-schedule');
  thinBackups(backupsKept);
}

/** Keeps house soon, and from time to time. */
export function keepHouse(): void {
  const go = () => void keepHouseNow().catch((error) => logFailure('keeping house', error));
  setTimeout(go, 30_000).unref();
  setInterval(go, ROUND).unref();
}
