import type * as z from 'zod/mini';
import { type GivenForm, givenFrom } from './form';

/** What is given, of which more must hold than its form says. */
export function restricted<Given>(
  form: GivenForm<Given>,
  ...checks: z.core.$ZodCheck<Given>[]
): GivenForm<Given> {
  const schema = form.schema.check(...checks) as z.ZodMiniType<Given>;
  const sound = (given: Given | undefined) =>
    given === undefined ? undefined : givenFrom(schema, given);
  return {
    ...form,
    schema,
    parse: (line) => sound(form.parse(line)),
    ...(form.from && { from: (operands) => sound(form.from!(operands)) })
  };
}
