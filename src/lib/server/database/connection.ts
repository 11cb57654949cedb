import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import * as schema from './schema';
import { sealSatPapers } from './seal';

export type Db = BetterSQLite3Database<typeof schema> & { $client: Database.Database };
export type Reader = Pick<Db, 'select'>;
export type Writer = Pick<Db, 'select' | 'insert' | 'update' | 'delete'>;

let opened: Db | undefined;

/** The application's database, opened and migrated on first use; `DATABASE` names its file. */
export function db(): Db {
  opened ??= openDatabase(process.env['DATABASE'] ?? 'data/zealous-quill.db');
  return opened;
}

/**
 * Opens a database file, makes it if need be and brings it up to date. With a write-ahead log that is synced
 * at each commit, what was acknowledged survives a killed process and a power cut.
 */
export function openDatabase(file: string): Db {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
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
