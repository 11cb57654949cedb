import * as z from 'zod/mini';
import { rateOf, units } from './units';

/** Numbers that a measure can have, at the most. */
const MOST_VALUES = 2000;

const text = (length: number) => z.string().check(z.maxLength(length));
const name = text(30).check(z.regex(/^[a-z][a-zA-Z0-9-]*$/));

/** Something that is counted or measured: its unit, and the numbers that are met of it in this world. */
const measureSchema = z
  .strictObject({
    unit: text(40),
    from: z.number().check(z.minimum(0.01), z.maximum(99_999)),
    to: z.number().check(z.minimum(0.01), z.maximum(99_999)),
    step: z.number().check(z.minimum(0.01), z.maximum(9999)),
    /** Written with fractions. */
    isMixed: z.optional(z.boolean()),
    /** Its numbers come out of the others, as a total does: any within its ends that is a multiple of the step. */
    isMade: z.optional(z.boolean())
  })
  .check(
    z.refine(({ from, to }) => from < to, { path: ['to'], message: 'must be above the least' }),
    z.refine(({ from, to, step, isMade }) => isMade || (to - from) / step < MOST_VALUES, {
      path: ['step'],
      message: `leaves more than ${MOST_VALUES} values`
    })
  );

/** A sentence; `{}` stands for the quantity itself, `{A}`, `{B}`, `{C}` for people. */
const sentence = text(200);

/**
 * A quantity of a story: what it is of (`flour`, or several with a bar: `flour|scoop`), how it is told, what is said in its
 * place where it is not told, and how it is asked for; empty where it never is.
 */
const partSchema = z.tuple([
  text(80),
  sentence,
  sentence,
  z.union([
    sentence,
    z.strictObject({
      none: z.optional(sentence),
      up: z.optional(sentence),
      down: z.optional(sentence),
      left: z.optional(sentence),
      both: z.optional(sentence)
    })
  ])
]);

const storySchema = z.strictObject({
  /** How its quantities hang together: `change- start change result`. */
  links: z.array(text(120)).check(z.minLength(1), z.maxLength(4)),
  parts: z.record(name, partSchema)
});

export const contextSchema = z
  .strictObject({
    id: name,
    title: text(60),
    version: z.int().check(z.minimum(1)),
    actors: z.array(text(20).check(z.regex(/^\p{Lu}[\p{L}'-]+$/u))).check(z.minLength(3)),
    /** One and several of what is counted. */
    things: z.record(name, z.tuple([text(30), text(30)])),
    measures: z.record(name, measureSchema),
    stories: z.array(storySchema),
    /** Numbers that are told and not needed. */
    beside: z.record(name, z.tuple([text(30), sentence]))
  })
  .check(
    z.refine(
      ({ stories, beside }) =>
        !stories.some(({ parts }) => Object.keys(parts).some((id) => id in beside)),
      { path: ['beside'], message: 'has a name that a story has as well' }
    )
  );

export type Context = z.infer<typeof contextSchema>;
export type Story = Context['stories'][number];
export type Asks = Story['parts'][string][3];

/** What a unit is called behind one and behind several. */
export function unitNames({ things }: Pick<Context, 'things'>, unit: string) {
  const own = things[unit];
  if (own) return { one: own[0], many: own[1], place: 'behind' as const };
  const { one, many, place } = units[rateOf(unit)?.of ?? unit]!;
  return { one, many, place };
}
