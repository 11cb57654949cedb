import * as z from 'zod/mini';
import { rateOf, units } from './units';

/** Numbers that a measure can have, at the most. */
const MOST_VALUES = 2000;

const text = (length: number) => z.string().check(z.maxLength(length));
const name = text(30).check(z.regex(/^[a-z][a-zA-Z0-9-]*$/));

const some = <Value>(most: number, value: z.ZodMiniType<Value>) =>
  z.record(name, value).check(
    z.refine((all) => Object.keys(all).length <= most, {
      message: `has more than ${most}`,
      abort: true
    })
  );

const amount = z.number().check(z.minimum(0), z.maximum(99_999));

/** Something that is counted or measured: its unit, and the numbers that are met of it in this world. */
const measureShape = z.strictObject({
  unit: text(40),
  from: amount,
  to: amount,
  step: amount,
  /** Written with fractions. */
  isMixed: z.optional(z.boolean()),
  /** Its numbers come out of the others, as a total does: any within its ends that is a multiple of the step. */
  isMade: z.optional(z.boolean())
});

export type MeasureOfContext = z.infer<typeof measureShape>;

/** What is wrong with the numbers of a measure, by the field it is wrong in. */
export function measureProblem({
  from,
  to,
  step,
  isMade
}: MeasureOfContext):
  { readonly field: 'from' | 'to' | 'step'; readonly says: string } | undefined {
  if (from < LEAST) return { field: 'from', says: `must be ${LEAST} or more` };
  if (step < LEAST) return { field: 'step', says: `must be ${LEAST} or more` };
  if (to <= from) return { field: 'to', says: 'must be above the least' };
  return isMade || (to - from) / step < MOST_VALUES
    ? undefined
    : { field: 'step', says: `leaves more than ${MOST_VALUES} numbers` };
}

/** The least number, and the least step, of any measure. */
const LEAST = 0.01;

/** A sentence; `{}` stands for the quantity itself, `{A}`, `{B}`, `{C}` for people. */
const sentence = text(200);

/**
 * A quantity of a story: what it is of (`flour`, or several with a bar: `flour|scoop`), how it is told, what is said in its
 * place where it is not told, and how it is asked for; empty where it never is.
 */
const partShape = z.tuple([
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

const storyShape = z.strictObject({
  /** How its quantities hang together: `change- start change result`. */
  links: z.array(text(120)).check(z.minLength(1), z.maxLength(4)),
  parts: some(10, partShape)
});

/** A context while it is written: of the right form, and of a size that can be looked at. */
export const contextShape = z.strictObject({
  id: name,
  title: text(60),
  version: z.int().check(z.minimum(1)),
  actors: z.array(text(20)).check(z.maxLength(12)),
  /** One and several of what is counted. */
  things: some(30, z.tuple([text(30), text(30)])),
  measures: some(40, measureShape),
  stories: z.array(storyShape).check(z.maxLength(40)),
  /** Numbers that are told and not needed. */
  beside: some(10, z.tuple([text(30), sentence]))
});

export type Context = z.infer<typeof contextShape>;
export type Story = Context['stories'][number];
export type Asks = Story['parts'][string][3];

/** What a unit is called behind one and behind several. */
export function unitNames({ things }: Pick<Context, 'things'>, unit: string) {
  const own = things[unit];
  if (own) return { one: own[0], many: own[1], place: 'behind' as const };
  const { one, many, place } = units[rateOf(unit)?.of ?? unit]!;
  return { one, many, place };
}
