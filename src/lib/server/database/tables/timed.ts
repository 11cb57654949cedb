import type { QuickAsked } from '@zealous-quill/core/quick';
import { sql } from 'drizzle-orm';
import { check, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { among, id, json, now } from './columns';
import { classes, pupils } from './department';

/** What of a sheet is noted of a pupil. */
export const timedKinds = ['score', 'seconds'] as const;

/** Sheets of quick practice that a class works against the clock. */
export const timedSets = sqliteTable(
  'timed_sets',
  {
    id: id(),
    classId: integer()
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    skill: text().notNull(),
    /** What the sheets are drawn from, so that the same are printed again. */
    asked: json<QuickAsked & { readonly minutes: number }>().notNull(),
    /** Items on each sheet. */
    items: integer().notNull(),
    createdAt: now()
  },
  (table) => [index('timed_sets_class').on(table.classId)]
);

/** The score or the time of a pupil on one of the sheets. */
export const timedEntries = sqliteTable(
  'timed_entries',
  {
    id: id(),
    setId: integer()
      .notNull()
      .references(() => timedSets.id, { onDelete: 'cascade' }),
    pupilId: integer()
      .notNull()
      .references(() => pupils.id, { onDelete: 'cascade' }),
    /** 0 for sheet A. */
    sheet: integer().notNull(),
    kind: text().$type<(typeof timedKinds)[number]>().notNull(),
    /** Null where it was taken back. */
    value: integer(),
    /** Counts the saves, so that two windows cannot overwrite each other unseen. */
    version: integer().notNull().default(1)
  },
  (table) => [
    uniqueIndex('timed_entries_of').on(table.setId, table.pupilId, table.sheet, table.kind),
    index('timed_entries_pupil').on(table.pupilId),
    check('timed_entries_kind', among(table.kind, timedKinds)),
    check('timed_entries_value', sql`${table.value} between 0 and 7200`)
  ]
);
