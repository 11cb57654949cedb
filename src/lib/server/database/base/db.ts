import type Database from 'better-sqlite3';
import type { BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import type * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema> & { $client: Database.Database };
export type Reader = Pick<Db, 'select'>;
export type Writer = Pick<Db, 'select' | 'insert' | 'update' | 'delete' | 'all' | 'run'>;
