import * as z from 'zod/mini';
import { schemeSchema } from '../marking/scheme';
import { findSkill } from '../skills';
import { LARGEST_SEED } from '../spaces';

export const rungKinds = [
  'worked-example',
  'gaps',
  'set-out',
  'bare',
  'harder',
  'challenge'
] as const;

/** Text of at most so many characters. */
const text = (length: number) => z.string().check(z.maxLength(length));
const within = (min: number, max: number) => [z.minimum(min), z.maximum(max)] as const;

const id = text(40).check(z.regex(/^[a-z0-9-]+$/));

export const controlSchema = z.union([
  z.number(),
  z.boolean(),
  z.array(text(40)).check(z.maxLength(40)),
  z.strictObject({ allow: z.array(z.int()).check(z.maxLength(20)) }),
  z.strictObject({ min: z.optional(z.number()), max: z.optional(z.number()) })
]);

export const controlsSchema = z.record(text(40), controlSchema);

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
  feature: text(40),
  parts: z
    .array(z.strictObject({ control: controlSchema, count: z.int().check(...within(1, 40)) }))
    .check(z.minLength(1), z.maxLength(20))
});

export type Spread = z.infer<typeof spreadSchema>;

const rungFields = z.strictObject({
  id,
  kind: z.enum(rungKinds),
  skill: text(60),
  school: text(60),
  controls: controlsSchema,
  count: z.int().check(...within(1, 40)),
  spread: z.optional(spreadSchema),
  items: z.array(itemSchema).check(z.maxLength(40))
});

const rungSchema = rungFields.check(z.superRefine(checkRung));

/** A practice as its author edits it. Everything else about it is computed. */
export const paperSchema = z.strictObject({
  title: z.string().check(z.trim(), z.minLength(1), z.maxLength(120)),
  seed: z.int().check(...within(0, LARGEST_SEED)),
  rungs: z.array(rungSchema).check(z.maxLength(30)),
  /** The difficulty wanted at the first and the last item, in logits. */
  ramp: z.strictObject({
    from: z.number().check(...within(-8, 8)),
    to: z.number().check(...within(-8, 8))
  })
});

export type Paper = z.infer<typeof paperSchema>;
export type Rung = Paper['rungs'][number];
export type PaperItem = Rung['items'][number];

/** Items that a spread asks for. */
export function spreadCount({ parts }: Spread): number {
  return parts.reduce((sum, { count }) => sum + count, 0);
}

/** What a rung says must belong together: its skill, school, items, and the parts of its spread. */
function checkRung(rung: z.infer<typeof rungFields>, context: z.core.$RefinementCtx): void {
  const skill = findSkill(rung.skill);
  if (!skill) {
    context.addIssue({ code: 'custom', path: ['skill'], message: 'there is no such skill' });
    return;
  }
  if (!skill.schools.includes(rung.school)) {
    context.addIssue({
      code: 'custom',
      path: ['school'],
      message: 'the skill has no such school'
    });
  }
  const { spread } = rung;
  if (spread && !skill.features.some(({ id }) => id === spread.feature)) {
    const path = ['spread', 'feature'];
    context.addIssue({ code: 'custom', path, message: 'not a feature of the skill' });
  }
  if (spread && spreadCount(spread) !== rung.count) {
    const path = ['spread', 'parts'];
    context.addIssue({ code: 'custom', path, message: 'must add up to the count' });
  }
  rung.items.forEach((item, at) => {
    const given = skill.given.safeParse(item.given);
    if (given.success) return;
    const path = ['items', at, 'given'];
    context.addIssue({ code: 'custom', path, message: 'not an item of the skill' });
  });
}
