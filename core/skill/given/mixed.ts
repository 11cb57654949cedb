import * as z from 'zod/mini';
import { parseMixed } from '../../numbers';
import { givenFrom, type GivenForm } from './form';

export const LARGEST_WHOLE = 99;
export const LARGEST_DENOMINATOR = 24;

/** A mixed number as it is given: its fraction proper, 0/1 where it has none. */
const mixedSchema = z
  .strictObject({
    whole: z.int().check(z.minimum(0), z.maximum(LARGEST_WHOLE)),
    numerator: z.int().check(z.minimum(0)),
    denominator: z.int().check(z.minimum(1), z.maximum(LARGEST_DENOMINATOR))
  })
  .check(
    z.refine(({ numerator, denominator }) => numerator < denominator, {
      path: ['numerator'],
      message: 'must be below the denominator'
    }),
    z.refine(({ numerator, denominator }) => numerator > 0 || denominator === 1, {
      path: ['denominator'],
      message: 'must be 1 where there is no fraction'
    }),
    z.refine(({ whole, numerator }) => whole + numerator > 0, {
      path: ['whole'],
      message: 'must be above 0'
    })
  );

export type MixedGiven = z.infer<typeof mixedSchema>;

/** Whether one mixed number is larger than another. */
function isLarger(one: MixedGiven, other: MixedGiven): boolean {
  const parts = ({ whole, numerator, denominator }: MixedGiven) => whole * denominator + numerator;
  return parts(one) * other.denominator > parts(other) * one.denominator;
}

/** The mixed number on one line: `2 4/9`, `4/9`, `2`. */
export function printMixedGiven({ whole, numerator, denominator }: MixedGiven): string {
  if (numerator === 0) return String(whole);
  return `${whole > 0 ? `${whole} ` : ''}${numerator}/${denominator}`;
}

/** Two mixed numbers added, not both of them whole: `{addends}`. */
export function mixedSum(howToType: string): GivenForm<{ addends: MixedGiven[] }> {
  const schema = z.strictObject({
    addends: z.array(mixedSchema).check(
      z.length(2),
      z.refine((addends) => addends.some(({ numerator }) => numerator > 0), {
        message: 'one of the numbers must have a fraction'
      })
    )
  });
  const print = (addends: readonly MixedGiven[]) => addends.map(printMixedGiven);
  return {
    schema,
    howToType,
    print: ({ addends }) => print(addends).join(' + '),
    parse: (line) => givenFrom(schema, { addends: line.split('+').map(readMixed) }),
    itemKey: ({ addends }) => print(addends).sort().join(' + ')
  };
}

/** A mixed number taken from a larger one: `{minuend, subtrahend}`. */
export function mixedDifference(
  howToType: string
): GivenForm<{ minuend: MixedGiven; subtrahend: MixedGiven }> {
  const schema = z.strictObject({ minuend: mixedSchema, subtrahend: mixedSchema }).check(
    z.refine(({ minuend, subtrahend }) => isLarger(minuend, subtrahend), {
      path: ['subtrahend'],
      message: 'must be below the minuend'
    })
  );
  return {
    schema,
    howToType,
    print: ({ minuend, subtrahend }) =>
      `${printMixedGiven(minuend)} - ${printMixedGiven(subtrahend)}`,
    parse(line) {
      const parts = line.split(/\s[-−–]\s/).map(readMixed);
      const [minuend, subtrahend] = parts;
      return parts.length === 2 ? givenFrom(schema, { minuend, subtrahend }) : undefined;
    }
  };
}

function readMixed(typed: string): MixedGiven | undefined {
  const mixed = parseMixed(typed);
  return (
    mixed && {
      whole: Number(mixed.whole),
      numerator: Number(mixed.numerator),
      denominator: Number(mixed.denominator)
    }
  );
}
