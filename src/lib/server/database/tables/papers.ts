import type { AnswerSpace, Cover } from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Scheme } from '@zealous-quill/core/schemes';
import type { Printed, Rung } from '@zealous-quill/core/papers';
import { withdrawals, type Withdrawal } from '@zealous-quill/core/results';
import type { Item } from '@zealous-quill/core/skill';
import { sql } from 'drizzle-orm';
import {
  blob,
  check,
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  uniqueIndex,
  type AnySQLiteColumn
} from 'drizzle-orm/sqlite-core';
import { among, flag, id, json, now } from './columns';
import { pupils, users } from './department';

export const paperKinds = ['practice', 'exam'] as const;
export const paperStates = ['draft', 'checked', 'approved'] as const;

export const papers = sqliteTable(
  'papers',
  {
    id: id(),
    kind: text().$type<(typeof paperKinds)[number]>().notNull().default('practice'),
    title: text().notNull(),
    seed: integer().notNull(),
    ramp: json<{ from: number; to: number }>().notNull(),
    /** Counts the saves, so that two editors cannot overwrite each other unseen. */
    version: integer().notNull().default(1),
    /** Which edition of the same paper it is; a paper that has been sat is followed by a new one. */
    edition: integer().notNull().default(1),
    previousId: integer().references((): AnySQLiteColumn => papers.id, { onDelete: 'set null' }),
    /** The pupil for whom alone a practice was made; null for one for everybody, or of a pupil who is gone. */
    pupilId: integer().references(() => pupils.id, { onDelete: 'set null' }),
    state: text().$type<(typeof paperStates)[number]>().notNull().default('draft'),
    checkedBy: integer().references(() => users.id),
    approvedBy: integer().references(() => users.id),
    /** What stands on the cover of an exam. */
    cover: json<Cover>(),
    /** Kept beside the sections so that lists need not open every paper. */
    itemCount: integer().notNull().default(0),
    marks: integer().notNull().default(0),
    minutes: integer().notNull().default(0),
    /** The house style in which it was sat; it goes on being read and printed in that. */
    style: json<HouseStyle>(),
    frozenAt: text(),
    createdAt: now(),
    updatedAt: now()
  },
  (table) => [
    index('papers_updated').on(table.updatedAt),
    index('papers_previous').on(table.previousId),
    index('papers_pupil').on(table.pupilId),
    index('papers_checked_by').on(table.checkedBy),
    index('papers_approved_by').on(table.approvedBy),
    check('papers_kind', among(table.kind, paperKinds)),
    check('papers_state', among(table.state, paperStates)),
    check('papers_sat', sql`(${table.style} is null) = (${table.frozenAt} is null)`)
  ]
);

/** The plan that a paper must meet; one without a paper is kept to be used again. */
export const blueprints = sqliteTable(
  'blueprints',
  {
    id: id(),
    paperId: integer().references(() => papers.id, { onDelete: 'cascade' }),
    name: text().notNull(),
    plan: json<Record<string, unknown>>().notNull(),
    /** The class whose items of so many last weeks are not asked again; null if that of no class. */
    unmet: json<{ classId: number; weeks: number }>(),
    /** Counts the saves, so that two windows cannot overwrite each other unseen. */
    version: integer().notNull().default(1),
    updatedAt: now()
  },
  (table) => [index('blueprints_paper').on(table.paperId)]
);

/** The rungs of a practice, the sections of an exam. */
export const sections = sqliteTable(
  'sections',
  {
    id: id(),
    paperId: integer()
      .notNull()
      .references(() => papers.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    key: text().notNull(),
    title: text().notNull().default(''),
    instruction: text().notNull().default(''),
    calculator: flag(),
    /** What a rung of a practice asks for; null in an exam, where parts stand for themselves. */
    plan: json<Omit<Rung, 'id' | 'items'>>()
  },
  (table) => [uniqueIndex('sections_order').on(table.paperId, table.position)]
);

/** Numbered through the paper; a practice has one for each item. */
export const questions = sqliteTable(
  'questions',
  {
    id: id(),
    sectionId: integer()
      .notNull()
      .references(() => sections.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    /** Its id on the paper; a practice has none. */
    key: text().notNull().default(''),
    stem: text(),
    startsPage: flag()
  },
  (table) => [uniqueIndex('questions_order').on(table.sectionId, table.position)]
);

export const parts = sqliteTable(
  'parts',
  {
    id: id(),
    questionId: integer()
      .notNull()
      .references(() => questions.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    key: text().notNull(),
    /** The row of the exam's plan that it fills. */
    row: text().notNull().default(''),
    /** How it is presented: a kind of rung, choice, show-working, own. */
    kind: text().notNull(),
    skill: text(),
    school: text(),
    given: json<unknown>().notNull(),
    /** Kept when its rung is drawn again. */
    locked: flag(),
    /** Typed by hand. */
    edited: flag(),
    /** Its own scheme; that of its skill or of the department if null. */
    scheme: json<Scheme>(),
    /** Where the answer goes: none, a line with a unit, lines, squares, blank; and how high. */
    answerSpace: json<AnswerSpace>(),
    /** For those who mark it. */
    guidance: text().notNull().default('')
  },
  (table) => [
    uniqueIndex('parts_order').on(table.questionId, table.position),
    check('parts_skill', sql`(${table.skill} is null) = (${table.school} is null)`)
  ]
);

export const formKinds = ['letter', 'pupil', 'spare'] as const;

/** The forms of a paper. A practice has one, and in the first form every part is as it stands. */
export const forms = sqliteTable(
  'forms',
  {
    id: id(),
    paperId: integer()
      .notNull()
      .references(() => papers.id, { onDelete: 'cascade' }),
    position: integer().notNull(),
    letter: text().notNull(),
    /** One of a few for whole classes, of one pupil, or to have at hand. */
    kind: text().$type<(typeof formKinds)[number]>().notNull().default('letter'),
    pupilId: integer().references(() => pupils.id, { onDelete: 'set null' })
  },
  (table) => [
    uniqueIndex('forms_order').on(table.paperId, table.position),
    index('forms_pupil').on(table.pupilId)
  ]
);

/** The numbers of a part in a further form. */
export const formParts = sqliteTable(
  'form_parts',
  {
    formId: integer()
      .notNull()
      .references(() => forms.id, { onDelete: 'cascade' }),
    partId: integer()
      .notNull()
      .references(() => parts.id, { onDelete: 'cascade' }),
    given: json<unknown>().notNull()
  },
  (table) => [
    primaryKey({ columns: [table.formId, table.partId] }),
    index('form_parts_part').on(table.partId)
  ]
);

/** A part of a form as it was when the paper was sat; it never changes. */
export const snapshots = sqliteTable(
  'snapshots',
  {
    id: id(),
    formId: integer()
      .notNull()
      .references(() => forms.id),
    partId: integer()
      .notNull()
      .references(() => parts.id),
    item: json<Item>().notNull(),
    scheme: json<Scheme>().notNull(),
    /** Null only until a paper sat under an earlier release is sealed. */
    printed: json<Printed>(),
    /** Version of the application that derived it. */
    by: text().notNull()
  },
  (table) => [
    uniqueIndex('snapshots_of').on(table.formId, table.partId),
    index('snapshots_part').on(table.partId)
  ]
);

/** What changed of a part's scheme after sitting; the newest counts. */
export const schemeVersions = sqliteTable(
  'scheme_versions',
  {
    id: id(),
    partId: integer()
      .notNull()
      .references(() => parts.id),
    scheme: json<Scheme>().notNull(),
    withdrawn: text().$type<Withdrawal>().notNull().default('no'),
    reason: text().notNull(),
    userId: integer()
      .notNull()
      .references(() => users.id),
    at: now()
  },
  (table) => [
    index('scheme_versions_part').on(table.partId),
    index('scheme_versions_user').on(table.userId),
    check('scheme_versions_withdrawn', among(table.withdrawn, withdrawals))
  ]
);

/** Pictures of own questions, by a name made of what is in them. */
export const pictures = sqliteTable('pictures', {
  id: id(),
  name: text().notNull().unique(),
  bytes: blob({ mode: 'buffer' }).notNull(),
  createdAt: now()
});
