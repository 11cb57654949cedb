import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { chmodSync, closeSync, existsSync, mkdirSync, openSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import type { Db } from './db';
import * as schema from './schema';
import { sealSatPapers } from './seal-first-release';

/** SQLite's code of an error, such as `SQLITE_FULL`, wherever it was wrapped; empty if it is none of SQLite's. */
export function sqliteCode(error: unknown): string {
  const { code, cause } = (error ?? {}) as { code?: unknown; cause?: unknown };
  if (typeof code === 'string' && code.startsWith('SQLITE_')) return code;
  return cause === undefined ? '' : sqliteCode(cause);
}

let opened: Db | undefined;
let held: Database.Database | undefined;

/** The file of the application's database. */
export const databaseFile = () => process.env['DATABASE'] ?? 'data/zealous-quill.db';

/**
 * Takes the database for this process alone, until it ends however it ends; false if another process has it. A lock of
 * the operating system on a file beside it says so, which nothing has to clear away after a crash.
 */
export function holdDatabase(file = databaseFile()): boolean {
  mkdirSync(dirname(file), { recursive: true });
  const lock = new Database(`${file}-server`, { timeout: 0 });
  try {
    lock.pragma('locking_mode = EXCLUSIVE');
    lock.exec('BEGIN EXCLUSIVE');
    held = lock;
    // Referred to until the end: a lock that nothing refers to is let go of when memory is tidied.
    process.once('exit', releaseDatabase);
    return true;
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code === 'SQLITE_BUSY') return false;
    throw error;
  }
}

/** Lets go of what {@link holdDatabase} took. */
export function releaseDatabase(): void {
  held?.close();
  held = undefined;
}

/** Makes a database file that its owner alone can read; what is written beside it takes its rights from it. */
function keepPrivate(file: string): void {
  mkdirSync(dirname(file), { recursive: true });
  closeSync(openSync(file, 'a', 0o600));
  for (const end of ['', '-wal', '-shm']) {
    if (existsSync(file + end)) chmodSync(file + end, 0o600);
  }
}

/** The application's database, opened and migrated on first use; `DATABASE` names its file. */
export function db(): Db {
  opened ??= openDatabase(databaseFile());
  return opened;
}

/**
 * Puts another database in the place of the application's, which is closed first. Between the two nothing is asked of
 * either, as both are one step of this thread; a process that is killed on the way leaves the old one or the new one.
 * False, with the old one in place, while another process reads it.
 */
export function replaceDatabase(copy: string): boolean {
  const file = databaseFile();
  const [checkpoint] = db().$client.pragma('wal_checkpoint(TRUNCATE)') as { busy: number }[];
  if (checkpoint?.busy) return false;
  closeDatabase();
  // A log that was left would be read as that of the new database. It is empty: all of it is in the old one.
  for (const end of ['-wal', '-shm']) rmSync(file + end, { force: true });
  renameSync(copy, file);
  db();
  return true;
}

/** Closes the application's database, so that its file can be moved. */
export function closeDatabase(): void {
  opened?.$client.close();
  opened = undefined;
}

const migrationsFolder = () => process.env['MIGRATIONS'] ?? 'drizzle';

/** The migrations that this version knows, each by a hash of its text, the first first. */
export const knownHashes = (): string[] =>
  readMigrationFiles({ migrationsFolder: migrationsFolder() }).map(({ hash }) => hash);

export const knownMigrations = (): number => knownHashes().length;

/** Whether a database file is there that has not had all migrations. */
export function needsUpdate(file = databaseFile()): boolean {
  if (!existsSync(file)) return false;
  const client = new Database(file);
  try {
    const had = client.prepare('select count(*) from __drizzle_migrations').pluck().get() as number;
    return had < knownMigrations();
  } catch {
    // A file without that table is empty.
    return false;
  } finally {
    client.close();
  }
}

/**
 * Opens a database file, makes it if need be and brings it up to date. With a write-ahead log that is synced
 * at each commit, what was acknowledged survives a killed process and a power cut.
 */
export function openDatabase(file: string): Db {
  if (file !== ':memory:') keepPrivate(file);
  const client = new Database(file);
  client.pragma('journal_mode = WAL');
  client.pragma('synchronous = FULL');
  // What is removed is overwritten, so that no name is left in a page that nothing refers to.
  client.pragma('secure_delete = ON');
  client.pragma('busy_timeout = 2000');
  const database = drizzle({ client, schema });
  // Tables are rebuilt by migrations, so references are checked when all of them stand.
  client.pragma('foreign_keys = OFF');
  migrate(database, { migrationsFolder: migrationsFolder() });
  const broken = client.pragma('foreign_key_check') as unknown[];
  if (broken.length > 0) throw new Error(`openDatabase: ${broken.length} references lead nowhere`);
  client.pragma('foreign_keys = ON');
  sealSatPapers(database);
  return database;
}
