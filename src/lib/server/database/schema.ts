import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Because, Scheme } from '@zealous-quill/core/marking';
import type { Rung, Spread } from '@zealous-quill/core/papers';
import type { Controls, Item } from '@zealous-quill/core/skills';
import { sql } from 'drizzle-orm';
import {
  blob,
  index,
  integer,
  sqliteTable,
  text,
  unique,
  uniqueIndex
} from 'drizzle-orm/sqlite-core';

const id = () => integer().primaryKey({ autoIncrement: true });
const now = () =>
  text()
    .notNull()
    .default(sql`(strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))`);

/** The department's conventions; one row. */
export const houseStyles = sqliteTable('house_styles', {
  id: id(),
  style: text({ mode: 'json' }).$type<HouseStyle>().notNull(),
  updatedAt: now()
});

export const classes = sqliteTable('classes', {
  id: id(),
  name: text().notNull().unique(),
  createdAt: now()
});

export const pupils = sqliteTable(
  'pupils',
  {
    id: id(),
    classId: integer()
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    name: text().notNull()
  },
  (table) => [unique().on(table.classId, table.name)]
);

export const papers = sqliteTable(
  'papers',
  {
    id: id(),
    title: text().notNull(),
    seed: integer().notNull(),
    ramp: text({ mode: 'json' }).$type<{ from: number; to: number }>().notNull(),
    /** Counts the saves, so that two editors cannot overwrite each other unseen. */
    version: integer().notNull().default(1),
    /** Which edition of the same practice it is; a paper that has been sat is followed by a new one. */
    edition: integer().notNull().default(1),
    previousId: integer(),
    /** Kept beside the sections so that lists need not open every paper. */
    itemCount: integer().notNull().default(0),
    marks: integer().notNull().default(0),
    minutes: integer().notNull().default(0),
    frozenAt: text(),
    createdAt: now(),
    updatedAt: now()
  },
  (table) => [index('papers_updated').on(table.updatedAt)]
);

export const sections = sqliteTable(
  'sections',
  {
    id: id(),
    paperId: integer()
      .notNull()
      .references(() => papers.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    key: text().notNull(),
    kind: text().$type<Rung['kind']>().notNull(),
    skill: text().notNull(),
    school: text().notNull(),
    controls: text({ mode: 'json' }).$type<Controls>().notNull(),
    count: integer().notNull(),
    spread: text({ mode: 'json' }).$type<Spread>()
  },
  (table) => [uniqueIndex('sections_order').on(table.paperId, table.position)]
);

export const paperItems = sqliteTable(
  'paper_items',
  {
    id: id(),
    sectionId: integer()
      .notNull()
      .references(() => sections.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    key: text().notNull(),
    given: text({ mode: 'json' }).$type<unknown>().notNull(),
    locked: integer({ mode: 'boolean' }).notNull(),
    edited: integer({ mode: 'boolean' }).notNull(),
    scheme: text({ mode: 'json' }).$type<Scheme>(),
    /** What was derived when the paper was sat; the key of a sat paper never changes. */
    derived: text({ mode: 'json' }).$type<Derived>()
  },
  (table) => [uniqueIndex('items_order').on(table.sectionId, table.position)]
);

export interface Derived {
  readonly item: Item;
  readonly scheme: Scheme;
  /** Version of the application that derived it. */
  readonly by: string;
}

export const sittings = sqliteTable(
  'sittings',
  {
    id: id(),
    paperId: integer()
      .notNull()
      .references(() => papers.id),
    classId: integer()
      .notNull()
      .references(() => classes.id),
    satOn: text().notNull(),
    createdAt: now()
  },
  (table) => [unique().on(table.paperId, table.classId, table.satOn)]
);

export const scripts = sqliteTable(
  'scripts',
  {
    id: id(),
    sittingId: integer()
      .notNull()
      .references(() => sittings.id, { onDelete: 'cascade' }),
    pupilId: integer()
      .notNull()
      .references(() => pupils.id),
    /** How many of its items are marked; kept in step with the responses. */
    markedItems: integer().notNull().default(0)
  },
  (table) => [unique().on(table.sittingId, table.pupilId)]
);

/** What a pupil wrote to one item, and how far the marker is with it. */
export const responses = sqliteTable(
  'responses',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    itemId: integer()
      .notNull()
      .references(() => paperItems.id),
    version: integer().notNull().default(1),
    isMarked: integer({ mode: 'boolean' }).notNull().default(false),
    outcome: text({ mode: 'json' }).$type<Outcome>(),
    updatedAt: now()
  },
  (table) => [unique().on(table.scriptId, table.itemId)]
);

/** What marking made of a response, kept so that results need not mark again. */
export interface Outcome {
  readonly awarded: number;
  readonly proposed: number;
  readonly available: number;
  readonly verdict: string;
  /** Error patterns, by their keys with the skill. */
  readonly couldShow: readonly string[];
  readonly didShow: readonly string[];
  readonly flags: readonly string[];
}

export const entries = sqliteTable(
  'entries',
  {
    id: id(),
    responseId: integer()
      .notNull()
      .references(() => responses.id, { onDelete: 'cascade' }),
    step: text().notNull(),
    written: text().notNull()
  },
  (table) => [uniqueIndex('entries_step').on(table.responseId, table.step)]
);

export const marks = sqliteTable(
  'marks',
  {
    id: id(),
    responseId: integer()
      .notNull()
      .references(() => responses.id, { onDelete: 'cascade' }),
    mark: text().notNull(),
    available: integer().notNull(),
    proposed: integer().notNull(),
    because: text().$type<Because>().notNull(),
    /** What the marker gave instead; null while the proposal stands. */
    given: integer(),
    reason: text(),
    changedBy: text(),
    changedAt: text()
  },
  (table) => [uniqueIndex('marks_line').on(table.responseId, table.mark)]
);

export const scriptPages = sqliteTable(
  'script_pages',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    mediaType: text().notNull(),
    bytes: blob({ mode: 'buffer' }).notNull(),
    createdAt: now()
  },
  (table) => [index('pages_script').on(table.scriptId)]
);

/** For simulated pupils: the working they wrote and what really went wrong, to check diagnosis against. */
export const simulatedWork = sqliteTable(
  'simulated_work',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    itemId: integer()
      .notNull()
      .references(() => paperItems.id),
    working: text({ mode: 'json' }).$type<Record<string, string>>().notNull(),
    pattern: text(),
    slip: text()
  },
  (table) => [unique().on(table.scriptId, table.itemId)]
);

/** Who did what; only ever added to. Names no pupil: subjects are ids. */
export const logbook = sqliteTable(
  'logbook',
  {
    id: id(),
    at: now(),
    who: text().notNull(),
    action: text().notNull(),
    subject: text().notNull()
  },
  (table) => [index('logbook_at').on(table.at)]
);
