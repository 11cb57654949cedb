import { z } from 'zod';
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

const id = z.string().regex(/^[a-z0-9-]{1,40}$/);

export const controlSchema = z.union([
  z.number(),
  z.boolean(),
  z.array(z.string().max(40)).max(40),
  z.strictObject({ allow: z.array(z.int()).max(20) }),
  z.strictObject({ min: z.number().optional(), max: z.number().optional() })
]);

export const controlsSchema = z.record(z.string().max(40), controlSchema);

const itemSchema = z.strictObject({
  id,
  given: z.unknown(),
  /** Kept when the rung is drawn again. */
  locked: z.boolean(),
  /** Typed by hand; it need not meet the rung's controls. */
  edited: z.boolean(),
  /** A mark scheme of its own; the skill's if absent. */
  scheme: schemeSchema.optional()
});

/** One feature spread over the items of a rung: so many with each of its controls. */
export const spreadSchema = z.strictObject({
  feature: z.string().max(40),
  parts: z
    .array(z.strictObject({ control: controlSchema, count: z.int().min(1).max(40) }))
    .min(1)
    .max(20)
});

export type Spread = z.infer<typeof spreadSchema>;

const rungSchema = z
  .strictObject({
    id,
    kind: z.enum(rungKinds),
    skill: z.string().max(60),
    school: z.string().max(60),
    controls: controlsSchema,
    count: z.int().min(1).max(40),
    spread: spreadSchema.optional(),
    items: z.array(itemSchema).max(40)
  })
  .superRefine((rung, context) => {
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
  });

/** A practice as its author edits it. Everything else about it is computed. */
export const paperSchema = z.strictObject({
  title: z.string().trim().min(1).max(120),
  seed: z.int().min(0).max(LARGEST_SEED),
  rungs: z.array(rungSchema).max(30),
  /** The difficulty wanted at the first and the last item, in logits. */
  ramp: z.strictObject({ from: z.number().min(-8).max(8), to: z.number().min(-8).max(8) })
});

export type Paper = z.infer<typeof paperSchema>;
export type Rung = Paper['rungs'][number];
export type PaperItem = Rung['items'][number];

/** Items that a spread asks for. */
export function spreadCount({ parts }: Spread): number {
  return parts.reduce((sum, { count }) => sum + count, 0);
}
