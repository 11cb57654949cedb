import * as z from 'zod/mini';
import { formCodes } from '../numbers';

const text = (length: number) => z.string().check(z.minLength(1), z.maxLength(length));

/**
 * One mark of a scheme. `M` is for the method, `A` for accuracy (with the method it depends on), `B` is
 * independent. `own` says whether own figures are followed (ft) or only the right value counts (cao), `form`
 * which shortcomings of the answer's form cost the mark as well.
 */
const markSchema = z.strictObject({
  id: text(40),
  kind: z.enum(['M', 'A', 'B']),
  value: z.int().check(z.minimum(1), z.maximum(20)),
  steps: z.array(text(60)).check(z.minLength(1), z.maxLength(200)),
  dependsOn: z.optional(z.string()),
  own: z.enum(['ft', 'cao']),
  /** Earned as well with so many slips in an answer that consists of several things. */
  slips: z.optional(z.int().check(z.minimum(1), z.maximum(20))),
  /** Lost as well where the answer falls short in one of these ways. */
  form: z.optional(z.array(z.enum(formCodes)))
});

/** How an item is marked. With `showWorking`, a bare right answer does not earn the method. */
export const schemeSchema = z
  .strictObject({
    showWorking: z.boolean(),
    /** Forms in which an answer does as well, though the prompt's is another. */
    allows: z.optional(z.array(z.enum(formCodes))),
    /** Commas group digits in threes: `1,234` is no decimal. */
    commasGroup: z.optional(z.boolean()),
    marks: z.array(markSchema).check(z.minLength(1), z.maxLength(50))
  })
  .check(
    z.refine(({ marks }) => new Set(marks.map(({ id }) => id)).size === marks.length, {
      path: ['marks'],
      message: 'two marks have the same id'
    }),
    z.refine(
      ({ marks }) =>
        marks.every((mark, at) => dependsOnEarlier(marks.slice(0, at), mark.dependsOn)),
      { path: ['marks'], message: 'dependsOn must name an earlier mark' }
    )
  );

export type Mark = z.infer<typeof markSchema>;
export type Scheme = z.infer<typeof schemeSchema>;

function dependsOnEarlier(
  earlier: readonly { id: string }[],
  dependsOn: string | undefined
): boolean {
  return dependsOn === undefined || earlier.some(({ id }) => id === dependsOn);
}
