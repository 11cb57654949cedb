import * as z from 'zod/mini';
import { usualAdvice, type Advice } from './advice';
import { USUAL_INSTRUCTIONS } from './instructions';
import { usualTiming, type Timing } from './timing';

const upTo = (least: number, most: number) => z.int().check(z.minimum(least), z.maximum(most));

export const adviceSchema = z.strictObject({
  nearThousand: z._default(upTo(1, 99), usualAdvice.nearThousand),
  nearHundred: z._default(upTo(1, 49), usualAdvice.nearHundred),
  nearTen: z._default(upTo(1, 4), usualAdvice.nearTen),
  bridgingTen: z._default(upTo(1, 9), usualAdvice.bridgingTen),
  tables: z._default(upTo(5, 25), usualAdvice.tables),
  held: z._default(z.enum(['digits', 'without-zeros', 'values']), usualAdvice.held),
  onPaper: z._default(z.enum(['last', 'weighed']), usualAdvice.onPaper)
}) satisfies z.ZodMiniType<Advice>;

const weight = z.strictObject({
  reading: upTo(0, 120),
  working: upTo(50, 900),
  checking: upTo(0, 400)
});

export const timingSchema = z.strictObject({
  'set-out': z._default(weight, usualTiming['set-out']),
  'show-working': z._default(weight, usualTiming['show-working']),
  bare: z._default(weight, usualTiming.bare),
  choice: z._default(weight, usualTiming.choice)
}) satisfies z.ZodMiniType<Timing>;

/** The conventions of a department; every prompt, sheet, print and key follows them. */
export const houseStyleSchema = z.strictObject({
  firstPlace: z._default(z.enum(['ones', 'units']), 'ones'),
  takingTen: z._default(z.enum(['regroup', 'exchange', 'borrow']), 'regroup'),
  carryPosition: z._default(z.enum(['above', 'below', 'beside']), 'above'),
  crossOff: z._default(z.boolean(), false),
  answerRules: z._default(z.enum(['one', 'two']), 'one'),
  headings: z._default(z.enum(['none', 'letters', 'numerals']), 'letters'),
  /** The school in which a skill is worked, by skill; the skill's usual one where it is not named. */
  methods: z._default(
    z.record(z.string().check(z.maxLength(60)), z.string().check(z.maxLength(60))),
    {}
  ),
  /** Answers of fractions above 1: mixed numbers, or improper fractions as well. */
  fractionAnswers: z._default(z.enum(['mixed', 'either']), 'mixed'),
  /** Whether answers of fractions are asked for in simplest form. */
  simplestForm: z._default(z.enum(['asked', 'open']), 'asked'),
  /** Whether quotients of decimals are asked for as decimals, so that a fraction is not what was asked for. */
  decimalAnswers: z._default(z.enum(['open', 'asked']), 'open'),
  verb: z._default(z.enum(['factorise', 'factor']), 'factorise'),
  /** How words are spelled in the texts of problems. */
  spelling: z._default(z.enum(['british', 'american']), 'british'),
  /** Zeros put where a number has no decimal, in columns; and whether zeros at the end of an answer are spoken of. */
  blankPlaces: z._default(z.enum(['filled', 'open']), 'filled'),
  trailingZeros: z._default(z.enum(['ignored', 'noted']), 'ignored'),
  /** The signs between numbers that are multiplied and divided, and how a division is asked. */
  timesSign: z._default(z.enum(['cross', 'dot']), 'cross'),
  divideSign: z._default(z.enum(['obelus', 'colon', 'slash']), 'obelus'),
  divisionAsked: z._default(z.enum(['in-turn', 'sign', 'bar', 'bus-stop']), 'in-turn'),
  /** How what is left over is answered. */
  remainder: z._default(z.enum(['r', 'fraction', 'decimal']), 'r'),
  /** Where the quotient of a long division stands: above the dividend, or right of it under the divisor. */
  longDivision: z._default(z.enum(['above', 'right']), 'above'),
  /** What holds the empty places of the rows of a long multiplication. */
  placeholder: z._default(z.enum(['zero', 'cross', 'open']), 'zero'),
  /** What is gone by where a way of working is advised. */
  advice: z._default(adviceSchema, usualAdvice),
  /** How long parts take on a paper. */
  timing: z._default(timingSchema, usualTiming),
  decimalMark: z._default(z.enum(['point', 'comma']), 'point'),
  grouping: z._default(z.enum(['none', 'space', 'comma']), 'space'),
  /** What stands on the cover of an exam. */
  department: z._default(z.string().check(z.maxLength(80)), ''),
  instructions: z._default(z.string().check(z.maxLength(1000)), USUAL_INSTRUCTIONS),
  paper: z._default(z.enum(['a4', 'us-letter']), 'a4'),
  squares: z._default(z.union([z.literal(5), z.literal(7), z.literal(10)]), 7)
});

export type HouseStyle = z.infer<typeof houseStyleSchema>;
