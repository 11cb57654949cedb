import { knownMigrations, openDatabase } from '../database/base/connection';
import { type Db } from '../database/base/db';
import { openBackup, sync, UnusableBackup, type Manifest } from './archive';

export interface UnpackAsked {
  readonly archive: string;
  /** An empty folder, where the database is left. */
  readonly room: string;
}

export type Unpacked =
  | { readonly ok: true; readonly path: string; readonly manifest: Manifest }
  | { readonly ok: false; readonly problem: string };

/** A backup as a database that is ready to be put in place: checked, and brought up to date. */
export async function unpack({ archive, room }: UnpackAsked): Promise<Unpacked> {
  try {
    const { path, manifest } = await openBackup(archive, room, knownMigrations());
    const copy = openDatabase(path);
    const fresh = openDatabase(':memory:');
    const isBuiltAlike = schemaOf(copy) === schemaOf(fresh);
    fresh.$client.close();
    copy.$client.pragma('wal_checkpoint(TRUNCATE)');
    copy.$client.close();
    sync(path);
    if (!isBuiltAlike) {
      return {
        ok: false,
        problem: 'The database in this file is built otherwise than this application builds it.'
      };
    }
    return { ok: true, path, manifest };
  } catch (error) {
    if (error instanceof UnusableBackup) return { ok: false, problem: error.message };
    throw error;
  }
}

/** How a database is built, in words of SQLite: its tables, indexes and triggers, and nothing else. */
function schemaOf({ $client }: Db): string {
  const rows = $client
    .prepare(
      "select type, name, sql from sqlite_master where name not like 'sqlite%' order by type, name"
    )
    .all();
  return JSON.stringify(rows);
}
