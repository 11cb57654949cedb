import * as z from 'zod/mini';
import { controlsSchema } from '../papers';
import { spreadSchema } from '../papers/paper';
import { spreadCount } from '../papers/kinds';
import { findCard } from '../catalogue';
import { LARGEST_SEED } from '../spaces';

/** How a part of an exam is presented. */
export const partKinds = ['set-out', 'bare', 'choice', 'show-working', 'own'] as const;
export type PartKind = (typeof partKinds)[number];

/** Least and most of something; a side that is not said is open. */
export interface Bounds {
  readonly min?: number | undefined;
  readonly max?: number | undefined;
}

const within = (min: number, max: number) => [z.minimum(min), z.maximum(max)] as const;
const id = z.string().check(z.regex(/^[\w-]{1,40}$/, 'letters, figures, - and _'));
const skillId = z
  .string()
  .check(z.maxLength(60))
  .check(z.refine((skill) => findCard(skill) !== undefined, 'there is no such skill'));

const bounds = (number: z.ZodMiniType<number>) =>
  z.strictObject({ min: z.optional(number), max: z.optional(number) }).check(
    z.refine(({ min, max }) => min === undefined || max === undefined || min <= max, {
      message: 'the least exceeds the most'
    })
  );

const whole = bounds(z.int().check(...within(0, 1000)));
const share = bounds(z.number().check(...within(0, 1)));
const logits = bounds(z.number().check(...within(-4, 4)));
const minutes = z.strictObject({ max: z.number().check(...within(0, 1000)) });

/** A part that stays: an item of a skill in the place of a row. */
const keptSchema = z.object({
  row: id,
  skill: skillId,
  school: z.optional(z.string().check(z.maxLength(60))),
  given: z.unknown()
});

const rowSchema = z
  .strictObject({
    id,
    skills: z._default(z.array(skillId).check(z.maxLength(20)), []),
    controls: z.optional(z.record(z.string().check(z.maxLength(60)), controlsSchema)),
    kind: z.enum(partKinds),
    section: z.optional(id),
    school: z.optional(z.string().check(z.maxLength(60))),
    parts: z.optional(whole),
    marks: z.optional(whole),
    each: z.optional(z.int().check(...within(1, 20))),
    difficulty: z.optional(logits),
    cover: z.optional(z.boolean()),
    question: z.optional(z.strictObject({ parts: z.int().check(...within(1, 10)) })),
    spread: z.optional(spreadSchema),
    own: z.optional(
      z.strictObject({
        marks: z.int().check(...within(1, 50)),
        minutes: z.number().check(...within(0, 120)),
        difficulty: z.number().check(...within(-4, 4))
      })
    )
  })
  .check(
    z.refine(({ kind, own }) => (kind === 'own') === (own !== undefined), {
      path: ['own'],
      message: 'an own question has marks, minutes and difficulty, and nothing else has them'
    }),
    z.refine(({ kind, skills }) => kind === 'own' || skills.length > 0, {
      path: ['skills'],
      message: 'at least one skill is needed'
    }),
    z.refine(({ spread, skills }) => !spread || skills.length === 1, {
      path: ['spread'],
      message: 'a feature is spread over the items of one skill'
    }),
    z.refine(
      ({ school, skills }) =>
        school === undefined ||
        skills.every((skill) => Object.hasOwn(findCard(skill)?.schools ?? {}, school)),
      { path: ['school'], message: 'a skill of the row has no such school' }
    ),
    z.refine(
      ({ controls, skills }) =>
        Object.keys(controls ?? {}).every((skill) => skills.includes(skill)),
      {
        path: ['controls'],
        message: 'controls of a skill that the row does not have'
      }
    )
  );

const areDifferent = (ids: readonly string[]) => new Set(ids).size === ids.length;

/** A plan that a paper must meet; every line of it is hard. */
export const blueprintSchema = z
  .strictObject({
    total: z.int().check(...within(1, 300)),
    minutes: z.optional(minutes),
    difficulty: z.optional(
      z.strictObject({
        mean: z.optional(logits),
        easy: z.optional(share),
        middling: z.optional(share),
        hard: z.optional(share)
      })
    ),
    patterns: z.optional(
      z.record(z.string().check(z.maxLength(120)), z.int().check(...within(1, 100)))
    ),
    sections: z.optional(
      z
        .array(
          z.strictObject({
            id,
            calculator: z.optional(z.boolean()),
            marks: z.optional(whole),
            minutes: z.optional(minutes)
          })
        )
        .check(z.maxLength(10))
    ),
    rows: z.array(rowSchema).check(z.minLength(1), z.maxLength(30)),
    rising: z.optional(z.boolean()),
    step: z.optional(z.number().check(...within(0.5, 8))),
    keep: z.optional(z.array(keptSchema).check(z.maxLength(100))),
    avoid: z.optional(
      z.array(z.strictObject({ skill: skillId, given: z.unknown() })).check(z.maxLength(2000))
    ),
    seed: z.optional(z.int().check(...within(0, LARGEST_SEED)))
  })
  .check(
    z.refine(({ rows }) => areDifferent(rows.map((row) => row.id)), {
      path: ['rows'],
      message: 'two rows have the same id'
    }),
    z.refine(({ sections }) => areDifferent((sections ?? []).map((section) => section.id)), {
      path: ['sections'],
      message: 'two sections have the same id'
    }),
    z.refine(
      ({ rows, sections }) =>
        rows.every(
          ({ section }) => section === undefined || sections?.some((one) => one.id === section)
        ),
      { path: ['rows'], message: 'a row names a section that there is not' }
    ),
    z.refine(
      ({ keep, rows }) =>
        (keep ?? []).every((part) =>
          rows.some((row) => row.id === part.row && row.skills.includes(part.skill))
        ),
      {
        path: ['keep'],
        message: 'a part that is kept names a row, and a skill that the row has'
      }
    )
  );

export type Blueprint = z.infer<typeof blueprintSchema>;
export type BlueprintRow = Blueprint['rows'][number];

/** The section of rows that name none. */
export const NO_SECTION = '';

/** Parts that a row has where it does not say: at least one, or the one question of one's own. */
export function partsOf({ parts, kind, spread }: BlueprintRow): Bounds {
  if (spread) return { min: spreadCount(spread), max: spreadCount(spread) };
  if (parts) return { min: parts.min ?? 0, max: parts.max ?? MOST_PARTS };
  return kind === 'own' ? { min: 1, max: 1 } : { min: 1, max: MOST_PARTS };
}

/** Parts that a row can have. */
export const MOST_PARTS = 40;
