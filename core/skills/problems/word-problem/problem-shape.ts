import * as z from 'zod/mini';
import { arithmeticSkills } from './arithmetic';
import { roles, situations } from './links';
import { MOST_STEPS, remainders } from './plot';

const word = z.string().check(z.maxLength(40));

/** What is given of a problem; whether it can be told, the world knows. */
export const problemShape = z.strictObject({
  context: word,
  version: z.int().check(z.minimum(1)),
  telling: z.int().check(z.minimum(1)),
  actors: z.array(word).check(z.maxLength(3)),
  quantities: z
    .array(
      z.strictObject({
        id: word,
        role: z.enum([...roles, 'beside']),
        value: word,
        unit: word,
        told: z.enum(['number', 'words'])
      })
    )
    .check(z.maxLength(8)),
  operations: z
    .array(
      z.strictObject({
        id: word,
        situation: z.enum(situations),
        role: z.enum(roles),
        operation: z.enum(['addition', 'subtraction', 'multiplication', 'division']),
        uses: z.array(word).check(z.minLength(2), z.maxLength(3)),
        skill: z.enum(arithmeticSkills as [string, ...string[]]),
        unit: word,
        remainder: z.optional(z.enum(remainders))
      })
    )
    .check(z.minLength(1), z.maxLength(MOST_STEPS)),
  asked: word
});

export type WordProblem = z.infer<typeof problemShape>;
