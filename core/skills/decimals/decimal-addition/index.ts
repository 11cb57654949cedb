import { methodAndAnswer } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { decimalScheme } from '../../../methods/columns/decimal/answer';
import { decimalAddends } from '../../../skill/given/decimals';
import { card } from './card';
import { ADDENDS, WHOLE_DIGITS, type Given } from './numbers';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { items } from './space';
import { decimalSheet, decimalSteps } from './working';

const pair = { addends: 2, integers: 0, wholeDigits: { max: 2 } };

/** Decimals added in columns, the points in line. */
export const skill = defineSkill({
  card,
  given: decimalAddends(
    ADDENDS,
    WHOLE_DIGITS,
    'Write two to five numbers like 5.12 with + between them, one at least with a point.'
  ),
  look: (given: Given) => look(given),
  features,
  items,
  working: { columns: (given: Given) => decimalSteps(given) },
  sheet: (given, _school, style) => decimalSheet(given, style),
  earns: { '*': 'the points in line, and the columns added with tens carried' },
  marks: (_given, _school, style) => decimalScheme(methodAndAnswer, style),
  patterns: errorPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -4.2,
    addends: 0.4,
    wholeDigits: 0.15,
    maxPlaces: 0.25,
    padded: 0.25,
    carries: 0.3,
    largestCarry: 0.1
  },
  seconds: { constant: 4, addends: 3, wholeDigits: 3, maxPlaces: 4, padded: 1.5, carries: 3 },
  // Equal places first, then ragged ones, then a whole number among them, then several.
  ladder: [
    rung('worked-example', 1, {
      ...pair,
      maxPlaces: 1,
      raggedness: 0,
      carries: 1,
      acrossPoint: true
    }),
    rung('gaps', 1, { ...pair, maxPlaces: 2, raggedness: 0, carries: 1, trailingZeros: 0 }),
    rung('set-out', 4, { ...pair, maxPlaces: 2, raggedness: 1, carries: { min: 1, max: 2 } }),
    rung('bare', 4, { ...pair, maxPlaces: 3, raggedness: { min: 1, max: 2 }, carries: 2 }),
    rung('harder', 3, {
      ...{ addends: 2, integers: 1, wholeDigits: 2, maxPlaces: { min: 2, max: 3 } },
      carries: { min: 1 }
    }),
    rung('challenge', 2, {
      ...{ addends: { min: 3, max: 4 }, integers: 1, wholeDigits: { max: 2 }, maxPlaces: 3 },
      carries: { min: 2 }
    })
  ]
});
