import { methodAndAnswer } from '../../../schemes';
import type { School } from '../../../methods/columns/difference/columns';
import { decimalScheme } from '../../../methods/columns/decimal/answer';
import { defineSkill, rung } from '../../../skill/define';
import { numeral } from '../../../skill/given/amounts';
import { below, onePoint } from '../../../skill/given/decimals';
import { pairOf } from '../../../skill/given/pair';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { WHOLE_DIGITS, type Given } from './numbers';
import { items } from './space';
import { decimalSheet, decimalSteps } from './working';

const plain = { integers: 0, acrossZeros: 0, belowOne: false, wholeDigits: { max: 2 } };

/** Decimals subtracted in columns, the points in line, by decomposition or by equal additions. */
export const skill = defineSkill({
  card,
  given: pairOf('minuend', 'subtrahend', {
    sign: '-',
    numbers: [numeral(WHOLE_DIGITS), numeral(WHOLE_DIGITS)],
    amountsTo: WHOLE_DIGITS,
    rules: [onePoint, below('minuend')],
    howToType: 'Write two numbers like 5.2 with - between them, the larger first, one with a point.'
  }),
  look: (given: Given) => look(given),
  features,
  items,
  working: {
    decomposition: (given: Given) => decimalSteps(given, 'decomposition'),
    'equal-additions': (given: Given) => decimalSteps(given, 'equal-additions')
  },
  sheet: (given, school, style) => decimalSheet(given, school as School, style),
  earns: {
    '*': 'the points in line, and the columns subtracted with a ten taken where one is needed'
  },
  marks: (_given, _school, style) => decimalScheme(methodAndAnswer, style),
  patterns: errorPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -3.5,
    wholeDigits: 0.2,
    maxPlaces: 0.3,
    padded: 0.3,
    regroupings: 0.35,
    acrossZeros: 0.45
  },
  seconds: {
    ...{ constant: 5, wholeDigits: 4, maxPlaces: 4.5, padded: 2 },
    ...{ regroupings: 5, acrossZeros: 4 }
  },
  // Equal places first, then ragged ones, then a whole number from which decimals are taken, then zeros.
  ladder: [
    rung('worked-example', 1, {
      ...plain,
      ...{ maxPlaces: 1, raggedness: 0, regroupings: 1, acrossPoint: true }
    }),
    rung('gaps', 1, { ...plain, maxPlaces: 2, raggedness: 0, regroupings: 1, trailingZeros: 0 }),
    rung('set-out', 4, { ...plain, maxPlaces: 2, raggedness: 1, regroupings: { min: 1, max: 2 } }),
    rung('bare', 4, {
      ...{ ...plain, maxPlaces: 3, raggedness: { min: 1, max: 2 } },
      regroupings: { min: 2, max: 3 }
    }),
    rung('harder', 3, {
      ...{ wholeMinuend: true, wholeDigits: 2, belowOne: false },
      ...{ maxPlaces: 2, regroupings: { min: 2 }, acrossZeros: 1 }
    }),
    rung('challenge', 2, {
      ...{ belowOne: false, wholeDigits: { max: 3 }, maxPlaces: 3 },
      ...{ raggedness: { min: 1 }, regroupings: { min: 3 }, acrossZeros: { min: 2, max: 3 } }
    })
  ]
});
