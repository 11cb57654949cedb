import Database from 'better-sqlite3';
import { existsSync, renameSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { databaseFile, knownMigrations } from '../database/base/connection';
import { storageProblem } from '../database/base/storage-problem';
import { openBackup } from '../archive/archive';
import { makeRoom } from '../archive/leftovers';
import { backupFolder, listBackups } from '../archive/store';

/** Whether a database file cannot be read as one, or says itself that it is damaged. */
export function isDamaged(file = databaseFile()): boolean {
  if (!existsSync(file)) return false;
  let client: Database.Database | undefined;
  try {
    client = new Database(file, { readonly: true });
    return client.pragma('quick_check(1)', { simple: true }) !== 'ok';
  } catch (error) {
    return storageProblem(error)?.code === 'damaged';
  } finally {
    client?.close();
  }
}

/** What to do about a damaged database, with the newest backup that opens; undefined if it is sound. */
export async function damageAdvice(file = databaseFile()): Promise<string | undefined> {
  if (!isDamaged(file)) return undefined;
  const name = await newestSound();
  const what = `The database ${file} is damaged, so the server does not start.`;
  if (name === undefined) {
    return `${what} No backup that opens is in ${backupFolder()}. Put one there, or move the file away to begin with an empty department.`;
  }
  const path = relative(process.cwd(), join(backupFolder(), name));
  return `${what} Put the newest backup that opens back with\n\n    npm run restore -- ${path}\n\nThe damaged file is kept beside it.`;
}

/** The newest backup that can be opened. */
async function newestSound(): Promise<string | undefined> {
  for (const { name } of listBackups()) {
    const room = makeRoom('restoring');
    try {
      await openBackup(join(backupFolder(), name), room, knownMigrations());
      return name;
    } catch {
      // The next older one may open.
    } finally {
      rmSync(room, { recursive: true, force: true });
    }
  }
  return undefined;
}

/** Moves a damaged database out of the way, with what stands beside it; gives what it is called now. */
export function setAside(file = databaseFile()): string {
  const aside = `${file}.damaged-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  for (const end of ['-wal', '-shm']) {
    if (existsSync(file + end)) renameSync(file + end, aside + end);
  }
  renameSync(file, aside);
  return aside;
}
