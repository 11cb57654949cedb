import { z } from 'zod';

/** The conventions of a department; every prompt, sheet, print and key follows them. */
export const houseStyleSchema = z.strictObject({
  firstPlace: z.enum(['ones', 'units']).default('ones'),
  takingTen: z.enum(['regroup', 'exchange', 'borrow']).default('regroup'),
  carryPosition: z.enum(['above', 'below', 'beside']).default('above'),
  crossOff: z.boolean().default(false),
  answerRules: z.enum(['one', 'two']).default('one'),
  headings: z.enum(['none', 'letters', 'numerals']).default('letters'),
  subtraction: z.enum(['decomposition', 'equal-additions']).default('decomposition'),
  mixedNumbers: z.enum(['regroup', 'improper', 'parts']).default('regroup'),
  quadratics: z
    .enum(['product-and-sum', 'area-grid', 'cross-trial', 'grouping'])
    .default('product-and-sum'),
  commonFactor: z.enum(['first', 'last']).default('first'),
  verb: z.enum(['factorise', 'factor']).default('factorise'),
  decimalMark: z.enum(['point', 'comma']).default('point'),
  grouping: z.enum(['none', 'space', 'comma']).default('space'),
  paper: z.enum(['a4', 'us-letter']).default('a4'),
  squares: z.union([z.literal(5), z.literal(7), z.literal(10)]).default(7)
});

export type HouseStyle = z.infer<typeof houseStyleSchema>;

export const defaultHouseStyle: HouseStyle = houseStyleSchema.parse({});

/** Grouping by commas cannot stand beside a decimal comma; says so, or gives undefined if all is well. */
export function houseStyleConflict(style: HouseStyle): 'comma-twice' | undefined {
  return style.decimalMark === 'comma' && style.grouping === 'comma' ? 'comma-twice' : undefined;
}
