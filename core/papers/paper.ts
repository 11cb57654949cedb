import * as z from 'zod/mini';
import { schemeSchema } from '../schemes';
import { findCard } from '../catalogue';
import { LARGEST_SEED } from '../spaces';
import { rungKinds, spreadCount } from './kinds';

/** Text of at most so many characters. */
const text = (length: number) => z.string().check(z.maxLength(length));
const within = (min: number, max: number) => [z.minimum(min), z.maximum(max)] as const;

const id = text(40).check(z.regex(/^[a-z0-9-]+$/));

const controlSchema = z.union([
  z.number(),
  z.boolean(),
  z.array(text(40)).check(z.maxLength(40)),
  z.strictObject({ allow: z.array(z.int()).check(z.maxLength(20)) }),
  z.strictObject({ min: z.optional(z.number()), max: z.optional(z.number()) })
]);

export const controlsSchema = z.record(text(80), controlSchema);

const itemSchema = z.strictObject({
  id,
  given: z.unknown(),
  /** Kept when the rung is drawn again. */
  locked: z.boolean(),
  /** Typed by hand; it need not meet the rung's controls. */
  edited: z.boolean(),
  /** A mark scheme of its own; the skill's if absent. */
  scheme: z.optional(schemeSchema)
});

/** One feature spread over the items of a rung: so many with each of its controls. */
export const spreadSchema = z.strictObject({
  feature: text(80),
  parts: z
    .array(z.strictObject({ control: controlSchema, count: z.int().check(...within(1, 40)) }))
    .check(z.minLength(1), z.maxLength(20))
});

export type Spread = z.infer<typeof spreadSchema>;

const rungFields = z.strictObject({
  id,
  kind: z.enum(rungKinds),
  skill: text(60).check(
    z.refine((skill) => findCard(skill) !== undefined, 'there is no such skill')
  ),
  school: text(60),
  controls: controlsSchema,
  count: z.int().check(...within(1, 40)),
  spread: z.optional(spreadSchema),
  /** Whether answers of fractions are asked for in simplest form; as the house has it if absent. */
  simplestForm: z.optional(z.enum(['asked', 'open'])),
  items: z.array(itemSchema).check(z.maxLength(40))
});

export const rungSchema = rungFields.check(
  z.refine(({ skill, school }) => Object.hasOwn(findCard(skill)?.schools ?? {}, school), {
    path: ['school'],
    message: 'the skill has no such school'
  }),
  z.refine(({ spread, count }) => !spread || spreadCount(spread) === count, {
    path: ['spread', 'parts'],
    message: 'must add up to the count'
  })
);

const areDifferent = (ids: readonly string[]) => new Set(ids).size === ids.length;

/** A title without what has no form on paper: ends of lines, and characters that control a terminal. */
export function printable(title: string): string {
  return title.replace(/\p{Cc}+/gu, ' ');
}

const paperFields = z.strictObject({
  title: z.string().check(z.overwrite(printable), z.trim(), z.minLength(1), z.maxLength(120)),
  seed: z.int().check(...within(0, LARGEST_SEED)),
  rungs: z.array(rungSchema).check(z.maxLength(60)),
  /** The difficulty wanted at the first and the last item, in logits. */
  ramp: z.strictObject({
    from: z.number().check(...within(-8, 8)),
    to: z.number().check(...within(-8, 8))
  })
});

/**
 * A practice as its author edits it. Everything else about it is computed. What only the skills themselves
 * can tell, whether they can read its items and controls, is said by `problemsIn`.
 */
export const paperSchema = paperFields.check(
  z.refine(({ rungs }) => areDifferent(rungs.map(({ id }) => id)), {
    path: ['rungs'],
    message: 'two rungs have the same id'
  }),
  z.refine(({ rungs }) => areDifferent(rungs.flatMap(({ items }) => items.map(({ id }) => id))), {
    path: ['rungs'],
    message: 'two items have the same id'
  })
);

export type Paper = z.infer<typeof paperSchema>;
export type Rung = Paper['rungs'][number];
export type PaperItem = Rung['items'][number];
