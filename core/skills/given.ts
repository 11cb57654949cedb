import * as z from 'zod/mini';

/** What was given, if the schema takes it. */
export function givenFrom<Given>(schema: z.ZodMiniType<Given>, value: unknown): Given | undefined {
  const result = z.safeParse(schema, value);
  return result.success ? result.data : undefined;
}

/** The schema of a whole number from 1 as a plain numeral of up to so many digits. */
export function numeralOf(digits: number) {
  return z
    .string()
    .check(
      z.regex(
        new RegExp(`^[1-9]\\d{0,${digits - 1}}$`),
        `a whole number from 1, of up to ${digits} digits, without leading zeros`
      )
    );
}
