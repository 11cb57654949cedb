import * as z from 'zod/mini';

/** The conventions of a department; every prompt, sheet, print and key follows them. */
export const houseStyleSchema = z.strictObject({
  firstPlace: z._default(z.enum(['ones', 'units']), 'ones'),
  takingTen: z._default(z.enum(['regroup', 'exchange', 'borrow']), 'regroup'),
  carryPosition: z._default(z.enum(['above', 'below', 'beside']), 'above'),
  crossOff: z._default(z.boolean(), false),
  answerRules: z._default(z.enum(['one', 'two']), 'one'),
  headings: z._default(z.enum(['none', 'letters', 'numerals']), 'letters'),
  subtraction: z._default(z.enum(['decomposition', 'equal-additions']), 'decomposition'),
  mixedNumbers: z._default(z.enum(['regroup', 'improper', 'parts']), 'regroup'),
  quadratics: z._default(
    z.enum(['product-and-sum', 'area-grid', 'cross-trial', 'grouping']),
    'product-and-sum'
  ),
  commonFactor: z._default(z.enum(['first', 'last']), 'first'),
  verb: z._default(z.enum(['factorise', 'factor']), 'factorise'),
  decimalMark: z._default(z.enum(['point', 'comma']), 'point'),
  grouping: z._default(z.enum(['none', 'space', 'comma']), 'space'),
  paper: z._default(z.enum(['a4', 'us-letter']), 'a4'),
  squares: z._default(z.union([z.literal(5), z.literal(7), z.literal(10)]), 7)
});

export type HouseStyle = z.infer<typeof houseStyleSchema>;

export const defaultHouseStyle: HouseStyle = houseStyleSchema.parse({});

/** Grouping by commas cannot stand beside a decimal comma; says so, or gives undefined if all is well. */
export function houseStyleConflict(style: HouseStyle): 'comma-twice' | undefined {
  return style.decimalMark === 'comma' && style.grouping === 'comma' ? 'comma-twice' : undefined;
}
