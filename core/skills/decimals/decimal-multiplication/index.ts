import { accuracy, method, schemeOf } from '../../../schemes';
import { decimalScheme } from '../../../methods/columns/decimal/answer';
import { defineSkill, rung } from '../../../skill/define';
import { onePoint, significant } from '../../../skill/given/decimals';
import { pairOf } from '../../../skill/given/pair';
import type { Given } from '../../../methods/products/factors';
import { rowMarks, rowsEarn } from '../../../methods/products/rows';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { figures, MOST_PLACES, MULTIPLICAND, MULTIPLIER } from './numbers';
import { items } from './space';
import { decimalSheet, decimalSteps, isOneRow, type School } from './working';

/** Decimals multiplied as whole numbers; the point is put by counting places, or by an estimate. */
export const skill = defineSkill({
  card,
  given: pairOf('multiplicand', 'multiplier', {
    sign: 'x',
    numbers: [significant(MULTIPLICAND[1], MOST_PLACES), significant(MULTIPLIER[1], MOST_PLACES)],
    rules: [onePoint],
    commutes: true,
    howToType:
      'Write a number of up to 4 digits, x, and one of up to 3, like 4.6 x 2.4, one with a point.'
  }),
  look: (given: Given) => look(given),
  features,
  items,
  working: {
    places: (given: Given) => decimalSteps(given, 'places'),
    estimate: (given: Given) => decimalSteps(given, 'estimate')
  },
  sheet: (given, school, style) => decimalSheet(given, school as School, style),
  earns: (first, given) =>
    first === 'digit.*'
      ? 'the digits multiplied as whole numbers, with the carries added'
      : rowsEarn(first, figures(given)),
  marks: (given, _school, style) =>
    decimalScheme(
      schemeOf(
        ...(isOneRow(given) ? [method('digit.*', 'carry.*')] : rowMarks(figures(given))),
        accuracy()
      ),
      style
    ),
  marksTell: ['multiplierDigits'],
  patterns: errorPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -3.4,
    digits: 0.3,
    multiplierDigits: 0.6,
    totalPlaces: 0.25,
    productPad: 0.3,
    carries: 0.15,
    largestCarry: 0.05,
    multiplierBelowOne: 0.25
  },
  seconds: { constant: 8, digits: 8, multiplierDigits: 12, totalPlaces: 3, carries: 3 },
  // One decimal by one digit, then places in both factors, two digits by two, a factor below 1, zeros put in.
  ladder: [
    rung('worked-example', 1, {
      ...{ digits: 2, multiplierDigits: 1, multiplicandPlaces: 1, multiplierPlaces: 0 },
      ...{ carries: 1, trailingZeros: 0 }
    }),
    rung('gaps', 1, {
      ...{ digits: 2, multiplierDigits: 1, multiplicandPlaces: 1, multiplierPlaces: 1 },
      ...{ carries: 1, trailingZeros: 0, productPad: 0 }
    }),
    rung('set-out', 3, {
      ...{ digits: 2, multiplierDigits: 2, multiplicandPlaces: 1, multiplierPlaces: 1 },
      ...{ carries: { min: 1, max: 2 }, trailingZeros: 0 }
    }),
    rung('bare', 3, {
      ...{ digits: 2, multiplierDigits: 2, multiplicandPlaces: 2, multiplierPlaces: 1 },
      ...{ carries: { min: 2, max: 3 }, multiplierBelowOne: false }
    }),
    rung('harder', 2, {
      ...{ digits: 3, multiplierDigits: 2, multiplicandPlaces: { min: 1, max: 2 } },
      ...{ multiplierPlaces: 2, carries: { min: 2, max: 3 } }
    }),
    rung('challenge', 1, {
      ...{ digits: 3, multiplierDigits: 2, multiplierPlaces: 3 },
      ...{ multiplicandPlaces: 2, carries: { min: 3 }, trailingZeros: { min: 1 } }
    })
  ]
});
