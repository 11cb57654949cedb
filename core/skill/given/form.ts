import * as z from 'zod/mini';
import type { Calculation } from './calculation';

/** What is given of an item: how it is checked, written on one line, and read back. */
export interface GivenForm<Given> {
  readonly schema: z.ZodMiniType<Given>;
  /** The item on one line, `487 + 365`, and back; undefined if it cannot be read. */
  print(given: Given): string;
  parse(line: string): Given | undefined;
  /** How an item is typed, in one sentence, for those who typed something else. */
  readonly howToType: string;
  /** The same text for items that a paper should not hold twice; the printed line if absent. */
  itemKey?(given: Given): string;
  /** What is worked out, where any way is as good. */
  sum?(given: Given): Calculation;
  /** The numbers that are worked on, and the item of such numbers, where there are several ways of working. */
  operands?(given: Given): readonly string[];
  from?(operands: readonly string[]): Given | undefined;
}

/** What was given, if the schema takes it. */
export function givenFrom<Given>(schema: z.ZodMiniType<Given>, value: unknown): Given | undefined {
  const result = z.safeParse(schema, value);
  return result.success ? result.data : undefined;
}
