import * as z from 'zod/mini';
import { schemeSchema } from '../schemes';
import { printable } from '../papers/paper';
import { findPaperCard, OWN_QUESTION } from '../catalogue';
import { LARGEST_SEED } from '../spaces';
import { partKinds } from './blueprint';
import { MOST_EXAM_PARTS, partsIn } from './parts-in';
import { spaceKinds } from './space-kinds';

const text = (length: number) => z._default(z.string().check(z.maxLength(length)), '');
const within = (min: number, max: number) => [z.minimum(min), z.maximum(max)] as const;
const id = z.string().check(z.regex(/^[\w-]{1,40}$/));

const spaceSchema = z.strictObject({
  kind: z.enum(spaceKinds),
  /** Height in lines or squares; from the marks where it is not said. */
  height: z.optional(z.int().check(...within(1, 40))),
  /** Stands behind the line. */
  unit: z.optional(z.string().check(z.maxLength(20)))
});

const partSchema = z
  .strictObject({
    id,
    /** The row of the plan that it fills; of none if empty. */
    row: text(40),
    kind: z.enum(partKinds),
    skill: z
      .string()
      .check(z.refine((one) => findPaperCard(one) !== undefined, 'there is no such skill')),
    school: z.string().check(z.maxLength(60)),
    given: z.unknown(),
    /** Stays when others are drawn anew. */
    locked: z.boolean(),
    /** Typed by hand. */
    edited: z.boolean(),
    /** Its own scheme; that of its kind and skill if absent. */
    scheme: z.optional(schemeSchema),
    /** What the scheme cannot say of itself, for those who mark it. */
    guidance: text(2000),
    /** The usual space of its kind if absent. */
    space: z.optional(spaceSchema)
  })
  .check(
    z.refine(({ kind, skill }) => (kind === 'own') === (skill === OWN_QUESTION), {
      path: ['kind'],
      message: 'an own question is of no skill'
    }),
    z.refine(({ skill, school }) => Object.hasOwn(findPaperCard(skill)?.schools ?? {}, school), {
      path: ['school'],
      message: 'the skill has no such school'
    })
  );

const questionSchema = z.strictObject({
  id,
  /** Stands above its parts; maths between $ signs. */
  stem: text(2000),
  /** Begins a page. */
  startsPage: z.boolean(),
  parts: z.array(partSchema).check(z.minLength(1), z.maxLength(10))
});

const sectionSchema = z.strictObject({
  id,
  title: text(120),
  instruction: text(1000),
  calculator: z.boolean(),
  questions: z.array(questionSchema).check(z.maxLength(60))
});

export const coverSchema = z.strictObject({
  /** Tier or level. */
  level: text(80),
  date: text(40),
  /** What is allowed; from the predicted time if not said. */
  minutes: z.optional(z.int().check(...within(1, 600))),
  /** What may be used. */
  allowed: text(300),
  /** Those of the house style if absent. */
  instructions: z.optional(z.string().check(z.maxLength(1000))),
  formulas: text(1000),
  formulasAt: z._default(z.enum(['cover', 'last']), 'cover')
});

const areDifferent = (ids: readonly string[]) => new Set(ids).size === ids.length;

/** An exam as its author edits it; everything else about it is computed. */
export const examSchema = z
  .strictObject({
    title: z.string().check(z.overwrite(printable), z.trim(), z.minLength(1), z.maxLength(120)),
    seed: z.int().check(...within(0, LARGEST_SEED)),
    cover: coverSchema,
    sections: z.array(sectionSchema).check(z.minLength(1), z.maxLength(10))
  })
  .check(
    z.refine(({ sections }) => areDifferent(sections.map((section) => section.id)), {
      path: ['sections'],
      message: 'two sections have the same id'
    }),
    z.refine(
      ({ sections }) =>
        areDifferent(sections.flatMap(({ questions }) => questions.map((one) => one.id))),
      { path: ['sections'], message: 'two questions have the same id' }
    ),
    z.refine((exam) => areDifferent(partsIn(exam).map((part) => part.id)), {
      path: ['sections'],
      message: 'two parts have the same id'
    }),
    z.refine((exam) => partsIn(exam).length <= MOST_EXAM_PARTS, {
      path: ['sections'],
      message: 'an exam has at most 150 parts'
    })
  );

export type Exam = z.infer<typeof examSchema>;
export type ExamSection = Exam['sections'][number];
export type ExamQuestion = ExamSection['questions'][number];
export type PaperPart = ExamQuestion['parts'][number];
export type Cover = Exam['cover'];
export type AnswerSpace = z.infer<typeof spaceSchema>;
