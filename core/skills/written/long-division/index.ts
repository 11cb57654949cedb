import { defineSkill, rung } from '../../../skill/define';
import { divisionPatterns } from '../../../methods/division/errors';
import { remainderAllowed, remainderPrompt } from '../../../methods/division/asking';
import { divisionFeatures, look } from '../../../methods/division/look';
import { divisions } from '../../../methods/division/space';
import { numberBetween, twoNumbers } from '../../../skill/given/numbers';
import { card } from './card';
import { chunkSheet, chunkSteps } from './chunks';
import { columnSheet, columnSteps } from './columns';
import { divisionEarns, divisionMarks } from './marks';

const DIGITS = [3, 6] as const;
const DIVISORS = [11, 99] as const;

const plain = { quotientZeros: 0, carried: { min: 1 } };
/** Divisors of two figures that are both to be reckoned with. */
const teens = { divisor: { min: 12, max: 19 } };
const twenties = { divisor: { min: 21, max: 29 } };

/** A whole number divided by one of two digits, with every product written. */
export const skill = defineSkill({
  card,
  given: twoNumbers('dividend', 'divisor', {
    sign: '/',
    digits: [DIGITS, numberBetween(...DIVISORS)],
    times: 2,
    howToType: 'Write a number of 3 to 6 digits, /, and a number from 11 to 99.'
  }),
  look,
  features: divisionFeatures(DIGITS, DIVISORS),
  items: divisions,
  working: { columns: columnSteps, chunks: chunkSteps },
  sheet: (given, school, style) =>
    school === 'chunks' ? chunkSheet(given, style) : columnSheet(given, style),
  earns: divisionEarns,
  marks: (given, school, style) => remainderAllowed(divisionMarks(given, school), style),
  marksTell: ['quotientDigits', 'quotientZeros'],
  patterns: divisionPatterns(['columns']),
  prompt: (_line, style, given, asking) => remainderPrompt(given, style, asking?.turn),
  difficulty: {
    constant: -2.2,
    digits: 0.2,
    divisor: 0.01,
    quotientDigits: 0.25,
    quotientZeros: 0.5,
    carried: 0.2,
    exact: -0.3
  },
  seconds: { constant: 15, quotientDigits: 18, carried: 5 },
  // Two figures in the quotient, then three; what is left over, zeros in the quotient and large divisors come last.
  ladder: [
    rung('worked-example', 1, { ...plain, ...teens, digits: 3, quotientDigits: 2, exact: true }),
    rung('gaps', 1, { ...plain, ...teens, digits: 3, quotientDigits: 2, exact: false }),
    rung('set-out', 3, {
      ...{ ...plain, digits: 4, quotientDigits: 2, exact: false },
      divisor: { min: 31, max: 39 }
    }),
    rung('bare', 3, { ...plain, ...twenties, digits: 4, quotientDigits: 3, exact: false }),
    rung('harder', 2, {
      ...{ digits: 4, quotientDigits: 3, quotientZeros: 1, carried: { min: 1 }, exact: false },
      ...twenties
    }),
    rung('challenge', 1, {
      ...{ digits: 5, quotientZeros: { min: 1 }, carried: { min: 1 }, exact: false },
      divisor: { min: 61, max: 69 }
    })
  ]
});
