import { methodAndAnswer } from '../../../schemes';
import { decimalScheme } from '../../../methods/columns/decimal/answer';
import { defineSkill, rung } from '../../../skill/define';
import { divisionPrompt } from '../../../methods/division/asking';
import type { Given } from '../../../methods/division/look';
import { significant } from '../../../skill/given/decimals';
import { pairOf } from '../../../skill/given/pair';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { DIGITS, DIVIDEND_PLACES, DIVISOR_PLACES, ending, pointed } from './numbers';
import { items } from './space';
import { decimalSheet, decimalSteps } from './working';

const easy = { divisorDigits: 1, divisor: { min: 3 }, quotientDigits: { min: 2, max: 3 } };

/** Decimals divided as whole numbers, both points moved as far. */
export const skill = defineSkill({
  card,
  given: pairOf('dividend', 'divisor', {
    sign: '/',
    numbers: [significant(DIGITS, DIVIDEND_PLACES, { tens: true }), significant(2, DIVISOR_PLACES)],
    rules: [ending, pointed],
    howToType:
      'Write a number of up to 5 digits, /, and one of 1 or 2 digits, like 4.488 / 2.2; it must end.'
  }),
  look: (given: Given) => look(given),
  features,
  items,
  working: { shifted: (given: Given) => decimalSteps(given) },
  sheet: (given, _school, style) => decimalSheet(given, style),
  earns: { '*': 'every figure divided from the left, by a whole number' },
  marks: (_given, _school, style) =>
    decimalScheme(methodAndAnswer, style, style.decimalAnswers === 'asked'),
  patterns: errorPatterns,
  prompt(_line, style, given, asking) {
    const prompt = divisionPrompt(given, style, asking?.turn);
    return style.decimalAnswers === 'asked' ? prompt.replace(/\.$/, ' as a decimal.') : prompt;
  },
  difficulty: {
    constant: -2.9,
    divisorDigits: 0.8,
    divisorPlaces: 0.35,
    shiftZeros: 0.25,
    extraZeros: 0.3,
    quotientDigits: 0.2,
    quotientZeros: 0.35,
    belowOne: 0.3
  },
  seconds: { constant: 5, divisorDigits: 8, divisorPlaces: 4, extraZeros: 4, quotientDigits: 7 },
  // Whole divisors first, then zeros to finish, then a divisor with a place, one below 1, and two digits.
  ladder: [
    rung('worked-example', 1, {
      ...{ ...easy, divisorPlaces: 0, dividendPlaces: 1, extraZeros: 0 },
      ...{ quotientDigits: 2, quotientZeros: 0, belowOne: false }
    }),
    rung('gaps', 1, {
      ...{ ...easy, divisorPlaces: 0, dividendPlaces: { max: 1 } },
      ...{ extraZeros: 1, quotientZeros: 0, belowOne: false }
    }),
    rung('set-out', 4, {
      ...{ ...easy, divisorPlaces: 1, dividendPlaces: 2, shiftZeros: 0 },
      ...{ extraZeros: 0, quotientZeros: 0, belowOne: false }
    }),
    rung('bare', 4, {
      ...{ ...easy, divisorPlaces: { min: 1 }, dividendPlaces: { max: 1 }, shiftZeros: 1 },
      ...{ digits: { min: 2 }, divisorBelowOne: true }
    }),
    rung('harder', 3, {
      ...{ divisor: { min: 12, max: 29 }, divisorPlaces: 1, dividendPlaces: { min: 2 } },
      ...{ quotientDigits: 3, quotientZeros: 1, extraZeros: 0, belowOne: false }
    }),
    rung('challenge', 2, {
      ...{ divisor: { min: 12, max: 39 }, divisorPlaces: 2, digits: { min: 3, max: 4 } },
      ...{ quotientDigits: { min: 3, max: 4 }, quotientZeros: 1, extraZeros: 1 }
    })
  ]
});
