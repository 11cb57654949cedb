import { blob, index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { id, json, now } from './columns';
import { users } from './department';

/** Who did what; only ever added to. Names no pupil: subjects are ids. */
export const logbook = sqliteTable(
  'logbook',
  {
    id: id(),
    at: now(),
    userId: integer()
      .notNull()
      .references(() => users.id),
    action: text().notNull(),
    /** What it was done to, `paper 3`. */
    subject: text().notNull()
  },
  (table) => [index('logbook_at').on(table.at), index('logbook_user').on(table.userId)]
);

/** All that a line of the logbook is about: its subject, and what that belongs to. */
export const logbookAbout = sqliteTable(
  'logbook_about',
  {
    lineId: integer()
      .notNull()
      .references(() => logbook.id),
    kind: text().notNull(),
    subjectId: integer().notNull()
  },
  (table) => [
    primaryKey({ columns: [table.lineId, table.kind, table.subjectId] }),
    index('logbook_about_of').on(table.kind, table.subjectId)
  ]
);

/** What was removed and can be brought back, with all its rows. */
export const bin = sqliteTable(
  'bin',
  {
    id: id(),
    kind: text().notNull(),
    title: text().notNull(),
    rows: json<Binned>().notNull(),
    userId: integer()
      .notNull()
      .references(() => users.id),
    at: now()
  },
  (table) => [index('bin_user').on(table.userId), index('bin_at').on(table.at)]
);

/** Everything that went with a record. */
export interface Binned {
  /** Rows by their table, parents first. Bytes stand apart, in `bin_bytes`. */
  readonly tables: Readonly<Record<string, readonly Row[]>>;
  /** References that were let go of, to be tied again. */
  readonly links: readonly Link[];
}

/** A row as it stands in the database. */
export type Row = Readonly<Record<string, string | number | null>>;

export interface Link {
  readonly table: string;
  readonly column: string;
  readonly id: number;
  readonly to: number;
}

/** The bytes of rows in the bin, which are moved there and back without being read. */
export const binBytes = sqliteTable(
  'bin_bytes',
  {
    binId: integer()
      .notNull()
      .references(() => bin.id, { onDelete: 'cascade' }),
    rowId: integer().notNull(),
    bytes: blob({ mode: 'buffer' }).notNull()
  },
  (table) => [primaryKey({ columns: [table.binId, table.rowId] })]
);

/** Requests that were carried out, by the key they came with: one that is sent again is not carried out again. */
export const carriedOut = sqliteTable(
  'carried_out',
  {
    key: text().primaryKey(),
    at: now()
  },
  (table) => [index('carried_out_at').on(table.at)]
);
