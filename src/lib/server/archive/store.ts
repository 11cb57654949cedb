import { readdirSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { databaseFile } from '../database/base/connection';
import { reasons, type Reason } from './reasons';

/** Where backups are kept: beside the database, unless `BACKUPS` names another folder. */
export const backupFolder = () =>
  process.env['BACKUPS'] ?? join(dirname(databaseFile()), 'backups');

export interface BackupFile {
  readonly name: string;
  readonly bytes: number;
  /** ISO 8601. */
  readonly madeAt: string;
  /** Undefined for a file that was put there by somebody. */
  readonly reason: Reason | undefined;
}

const ENDING = '.tar.gz';

/** The backups of a folder, the newest first. */
export function listBackups(folder = backupFolder()): BackupFile[] {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return [];
  }
  return names
    .filter((name) => name.endsWith(ENDING) && !name.startsWith('.'))
    .map((name) => {
      const { size, mtime } = statSync(join(folder, name));
      const reason = reasons.find((one) => name.endsWith(`Z-${one}${ENDING}`));
      return { name, bytes: size, madeAt: mtime.toISOString(), reason };
    })
    .sort((a, b) => (a.madeAt < b.madeAt ? 1 : -1));
}

/** The path of a backup that the folder has; undefined for any other name. */
export function backupPath(name: string, folder = backupFolder()): string | undefined {
  return listBackups(folder).some((one) => one.name === name) ? join(folder, name) : undefined;
}

/** Does away with the oldest of those that were made by themselves, of each kind beyond `kept`. */
export function thinBackups(kept: number, folder = backupFolder()): void {
  const all = listBackups(folder);
  for (const reason of reasons) {
    if (reason === 'by-hand') continue;
    const own = all.filter((one) => one.reason === reason);
    for (const { name } of own.slice(kept)) rmSync(join(folder, name), { force: true });
  }
}
