import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { chmodSync, closeSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { dirname } from 'node:path';
import * as schema from './schema';
import { sealSatPapers } from './seal';

export type Db = BetterSQLite3Database<typeof schema> & { $client: Database.Database };
export type Reader = Pick<Db, 'select'>;
export type Writer = Pick<Db, 'select' | 'insert' | 'update' | 'delete'>;

let opened: Db | undefined;
let held: Database.Database | undefined;

const fileName = () => process.env['DATABASE'] ?? 'data/zealous-quill.db';

/**
 * Takes the database for this process alone, until it ends however it ends; false if another process has it. A lock of
 * the operating system on a file beside it says so, which nothing has to clear away after a crash.
 */
export function holdDatabase(file = fileName()): boolean {
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
  opened ??= openDatabase(fileName());
  return opened;
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
  client.pragma('busy_timeout = 4000');
  const database = drizzle({ client, schema });
  // Tables are rebuilt by migrations, so references are checked when all of them stand.
  client.pragma('foreign_keys = OFF');
  migrate(database, { migrationsFolder: process.env['MIGRATIONS'] ?? 'drizzle' });
  const broken = client.pragma('foreign_key_check') as unknown[];
  if (broken.length > 0) throw new Error(`openDatabase: ${broken.length} references lead nowhere`);
  client.pragma('foreign_keys = ON');
  sealSatPapers(database);
  return database;
}
