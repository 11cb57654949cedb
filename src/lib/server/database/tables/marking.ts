import { attempts, type Because } from '@zealous-quill/core/marking';
import type { Outcome } from '@zealous-quill/core/results';
import { sql } from 'drizzle-orm';
import {
  blob,
  check,
  index,
  integer,
  sqliteTable,
  text,
  uniqueIndex
} from 'drizzle-orm/sqlite-core';
import { among, flag, id, json, now } from './columns';
import { classes, pupils, users } from './department';
import { forms, papers, parts } from './papers';

/** The round of marking that counts until there is a second one. */
export const ROUND = 1;

/** A class sits a paper on a day. */
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
    /** Grade boundaries: the least marks for each, best first. */
    boundaries: json<readonly { grade: string; from: number }[]>(),
    createdAt: now()
  },
  (table) => [
    uniqueIndex('sittings_of').on(table.paperId, table.classId, table.satOn),
    index('sittings_class').on(table.classId)
  ]
);

/** A pupil's paper; one without a pupil is a spare that is given its name at marking. */
export const scripts = sqliteTable(
  'scripts',
  {
    id: id(),
    sittingId: integer()
      .notNull()
      .references(() => sittings.id, { onDelete: 'cascade' }),
    pupilId: integer().references(() => pupils.id),
    formId: integer()
      .notNull()
      .references(() => forms.id),
    isAbsent: flag(),
    /** How many of its parts are marked; kept in step with the responses. */
    markedItems: integer().notNull().default(0)
  },
  (table) => [
    uniqueIndex('scripts_of').on(table.sittingId, table.pupilId),
    index('scripts_pupil').on(table.pupilId),
    index('scripts_form').on(table.formId)
  ]
);

/** One reading of a script by one who marks it; a second round is marked without seeing the first. */
export const markings = sqliteTable(
  'markings',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    round: integer().notNull().default(1),
    userId: integer()
      .notNull()
      .references(() => users.id)
  },
  (table) => [
    uniqueIndex('markings_of').on(table.scriptId, table.round),
    index('markings_user').on(table.userId),
    check('markings_round', sql`${table.round} >= 1`)
  ]
);

/** How a part was attempted; that a pupil was absent is said of the whole script. */
const storedAttempts = [...attempts, 'absent'] as const;

/** What a pupil wrote to one part, and how far the marker is with it. */
export const responses = sqliteTable(
  'responses',
  {
    id: id(),
    markingId: integer()
      .notNull()
      .references(() => markings.id, { onDelete: 'cascade' }),
    partId: integer()
      .notNull()
      .references(() => parts.id),
    /** Counts the saves, so that two markers cannot overwrite each other unseen. */
    version: integer().notNull().default(1),
    attempt: text().$type<(typeof storedAttempts)[number]>().notNull().default('written'),
    isMarked: flag(),
    outcome: json<Outcome>(),
    /** What goes back to the pupil. */
    comment: text().notNull().default(''),
    updatedAt: now()
  },
  (table) => [
    uniqueIndex('responses_of').on(table.markingId, table.partId),
    index('responses_part').on(table.partId),
    check('responses_attempt', among(table.attempt, storedAttempts))
  ]
);

/** What was written at a step, as it was typed. */
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

/** The marks that are proposed for a response. */
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
    because: text().$type<Because>().notNull()
  },
  (table) => [
    uniqueIndex('marks_line').on(table.responseId, table.mark),
    check('marks_proposed', sql`${table.proposed} between 0 and ${table.available}`)
  ]
);

/** What a marker decided against a proposal, or for it again; only ever added to, the newest counts. */
export const decisions = sqliteTable(
  'decisions',
  {
    id: id(),
    responseId: integer()
      .notNull()
      .references(() => responses.id, { onDelete: 'cascade' }),
    mark: text().notNull(),
    /** Null where the proposal stands again. */
    given: integer(),
    reason: text().notNull(),
    userId: integer()
      .notNull()
      .references(() => users.id),
    at: now()
  },
  (table) => [
    index('decisions_of').on(table.responseId, table.mark),
    index('decisions_user').on(table.userId),
    check('decisions_given', sql`${table.given} is null or ${table.given} >= 0`)
  ]
);

/** Pictures of a script, in the order in which it is read. */
export const scriptPages = sqliteTable(
  'script_pages',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    /** Degrees it is turned clockwise. */
    turn: integer().notNull().default(0),
    mediaType: text().notNull(),
    bytes: blob({ mode: 'buffer' }).notNull(),
    createdAt: now()
  },
  (table) => [
    index('pages_script').on(table.scriptId),
    check('pages_turn', sql`${table.turn} in (0, 90, 180, 270)`)
  ]
);

/** For simulated pupils: the working they wrote and what really went wrong, to check diagnosis against. */
export const simulatedWork = sqliteTable(
  'simulated_work',
  {
    id: id(),
    scriptId: integer()
      .notNull()
      .references(() => scripts.id, { onDelete: 'cascade' }),
    partId: integer()
      .notNull()
      .references(() => parts.id),
    working: json<Record<string, string>>().notNull(),
    pattern: text(),
    slip: text()
  },
  (table) => [
    uniqueIndex('simulated_of').on(table.scriptId, table.partId),
    index('simulated_part').on(table.partId)
  ]
);
