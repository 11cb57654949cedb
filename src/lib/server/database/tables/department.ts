import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Context } from '@zealous-quill/core/catalogue';
import type { Scheme } from '@zealous-quill/core/schemes';
import { sql } from 'drizzle-orm';
import { check, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { among, flag, id, json, now } from './columns';

/** The roles a user can have. */
export const roles = ['coordinator', 'teacher', 'marker'] as const;

/** Those who act: whose decisions and changes are kept with their names. The first is the coordinator. */
export const users = sqliteTable(
  'users',
  {
    id: id(),
    name: text().notNull(),
    role: text().$type<(typeof roles)[number]>().notNull(),
    /** A hash; null for one who cannot sign in. */
    password: text(),
    createdAt: now()
  },
  (table) => [check('users_role', among(table.role, roles))]
);

/** Who is signed in. */
export const sessions = sqliteTable(
  'sessions',
  {
    /** A hash of the token that the browser has. */
    id: text().primaryKey(),
    userId: integer()
      .notNull()
      .references(() => users.id, { onDelete: 'cascade' }),
    expiresAt: text().notNull()
  },
  (table) => [index('sessions_user').on(table.userId)]
);

/** The department's conventions; one row. */
export const houseStyles = sqliteTable('house_styles', {
  id: id(),
  style: json<HouseStyle>().notNull(),
  /** Counts the saves, so that two windows cannot overwrite each other unseen. */
  version: integer().notNull().default(1),
  updatedAt: now()
});

/** What the department keeps, and for how long; one row. */
export const retention = sqliteTable(
  'keepings',
  {
    id: id(),
    /** Years after the last paper that a class sat, after which names are offered for removal. */
    nameYears: integer().notNull().default(3),
    /** Hours from one backup to the next; 0 for none. */
    backupHours: integer().notNull().default(24),
    backupsKept: integer().notNull().default(14)
  },
  (table) => [
    check('keepings_names', sql`${table.nameYears} between 1 and 30`),
    check('keepings_hours', sql`${table.backupHours} between 0 and 720`),
    check('keepings_kept', sql`${table.backupsKept} between 1 and 365`)
  ]
);

/** How the department marks items of a skill that are presented in one way. */
export const defaultSchemes = sqliteTable(
  'default_schemes',
  {
    id: id(),
    skill: text().notNull(),
    kind: text().notNull(),
    scheme: json<Scheme>().notNull(),
    updatedAt: now()
  },
  (table) => [uniqueIndex('default_schemes_of').on(table.skill, table.kind)]
);

/** Difficulties and times estimated from scripts, in the place of the starting estimates. */
export const calibrations = sqliteTable(
  'calibrations',
  {
    id: id(),
    skill: text().notNull(),
    weights: json<Record<string, unknown>>().notNull(),
    scripts: integer().notNull(),
    at: now()
  },
  (table) => [index('calibrations_skill').on(table.skill)]
);

/** Contexts of word problems that the department writes itself, as they are edited. */
export const contexts = sqliteTable(
  'contexts',
  {
    id: id(),
    /** What problems call it by; it never changes. */
    name: text().notNull(),
    context: json<Context>().notNull(),
    /** Counts the saves, so that two windows cannot overwrite each other unseen. */
    version: integer().notNull().default(1),
    /** Problems are told in its newest version. */
    isTold: flag(),
    createdAt: now(),
    updatedAt: now()
  },
  (table) => [uniqueIndex('contexts_name').on(table.name)]
);

/** Contexts as problems were told in them. They stay when a context is changed or removed: papers hold such problems. */
export const contextVersions = sqliteTable(
  'context_versions',
  {
    id: id(),
    name: text().notNull(),
    version: integer().notNull(),
    context: json<Context>().notNull(),
    at: now()
  },
  (table) => [uniqueIndex('context_versions_of').on(table.name, table.version)]
);

export const classes = sqliteTable(
  'classes',
  {
    id: id(),
    name: text().notNull(),
    /** The school year it belongs to, `2026/27`; empty where nobody said. */
    year: text().notNull().default(''),
    archivedAt: text(),
    createdAt: now()
  },
  // Those that are not archived have different names; two of one name may be archived, even in one year.
  (table) => [
    uniqueIndex('classes_name')
      .on(table.name)
      .where(sql`${table.archivedAt} is null`)
  ]
);

/** Two pupils of a class may have one name. */
export const pupils = sqliteTable(
  'pupils',
  {
    id: id(),
    classId: integer()
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    /** The whole name as it is read out. */
    name: text().notNull(),
    /** The part of it they are sorted by, where it is known. */
    surname: text(),
    /** The size of print that is wanted, in points; 0 for the usual one. */
    largePrint: integer()
      .notNull()
      .default(sql`false`),
    extraTime: flag()
  },
  (table) => [index('pupils_class').on(table.classId)]
);
