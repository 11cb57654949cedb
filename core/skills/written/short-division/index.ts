import { methodAndAnswer } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { remainderAllowed, remainderPrompt } from '../../../methods/division/asking';
import { divisionFeatures, look } from '../../../methods/division/look';
import { divisions } from '../../../methods/division/space';
import { numberBetween, twoNumbers } from '../../../skill/given/numbers';
import { card } from './card';
import { errorPatterns } from './errors';
import { shortSheet, shortSteps } from './working';

const DIGITS = [2, 6] as const;
const DIVISORS = [2, 12] as const;

/** Tables up to nine, with something carried on the way. */
const plain = { divisor: { min: 3, max: 9 }, quotientZeros: 0, carried: { min: 1 } };

/** A whole number divided in one line, what is left carried as a small figure. */
export const skill = defineSkill({
  card,
  given: twoNumbers('dividend', 'divisor', {
    sign: '/',
    digits: [DIGITS, numberBetween(...DIVISORS)],
    times: 2,
    howToType: 'Write a number of 2 to 6 digits, /, and a number from 2 to 12.'
  }),
  look,
  features: divisionFeatures(DIGITS, DIVISORS),
  items: divisions,
  working: { 'bus-stop': shortSteps },
  sheet: (given, _school, style) => shortSheet(given, style),
  earns: { '*': 'every figure divided from the left, with what is left put before the next' },
  marks: (_given, _school, style) => remainderAllowed(methodAndAnswer, style),
  patterns: errorPatterns,
  prompt: (_line, style, given, asking) => remainderPrompt(given, style, asking?.turn),
  difficulty: {
    constant: -3.3,
    digits: 0.2,
    divisor: 0.07,
    quotientDigits: 0.15,
    quotientZeros: 0.7,
    carried: 0.3,
    exact: -0.3
  },
  seconds: { constant: 4, quotientDigits: 5, carried: 3 },
  // Exact at first; then something is left over, the first figure is too small, and zeros come into the quotient.
  ladder: [
    rung('worked-example', 1, {
      ...plain,
      digits: 3,
      exact: true,
      leadingShort: false,
      carried: 1
    }),
    rung('gaps', 1, { ...plain, digits: 3, exact: false, leadingShort: false, carried: 1 }),
    rung('set-out', 4, { ...plain, digits: 3, exact: false, leadingShort: false, carried: 2 }),
    rung('bare', 4, { ...plain, digits: 4, exact: false, leadingShort: true, carried: { min: 1 } }),
    rung('harder', 3, {
      ...{ digits: 4, divisor: { min: 4, max: 9 }, quotientZeros: 1, exact: false },
      carried: { min: 1 }
    }),
    rung('challenge', 2, {
      digits: 5,
      divisor: { min: 11 },
      quotientZeros: { min: 1 },
      exact: false
    })
  ]
});
