import * as z from 'zod/mini';

const distance = (usual: number, most: number) =>
  z._default(z.int().check(z.minimum(1), z.maximum(most)), usual);

/**
 * What a department goes by when it advises a way of working: it may call other numbers near, know more tables by
 * heart, or count otherwise what is held. Features, items and marks keep the usual values (common practice).
 */
export const adviceSchema = z.strictObject({
  /** How far a number may be from a multiple of a thousand, a hundred, ten; and below one of ten to be made up. */
  nearThousand: distance(30, 99),
  nearHundred: distance(10, 49),
  nearTen: distance(2, 4),
  bridgingTen: distance(3, 9),
  /** Products up to so many times as many are known by heart. */
  tables: z._default(z.int().check(z.minimum(5), z.maximum(25)), 10),
  /** What is counted of a value that is held: its digits, those before the zeros at its end, or the value as one. */
  held: z._default(z.enum(['digits', 'without-zeros', 'values']), 'digits'),
  /** Whether a way on paper is advised only where none in the head suits, or weighed against these. */
  onPaper: z._default(z.enum(['last', 'weighed']), 'last')
});

export type Advice = z.infer<typeof adviceSchema>;

/** What is advised by until a department says otherwise. */
export const usualAdvice: Advice = adviceSchema.parse({});
