import { methodAndAnswer } from '../../../schemes';
import type { School } from '../../../methods/columns/difference/columns';
import { defineSkill, rung } from '../../../skill/define';
import { twoNumbers } from '../../../skill/given/numbers';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { columnsOf, DIGITS } from './numbers';
import { items } from './space';
import { subtractionSheet, subtractionSteps } from './working';

// Nothing is left that would sooner be counted up to.
const far = { lostColumns: { max: 1 } };
const plain = { ...far, zeros: 0 };

/** Whole numbers subtracted in columns, by decomposition or by equal additions. */
export const skill = defineSkill({
  card,
  given: twoNumbers('minuend', 'subtrahend', {
    sign: '-',
    digits: [DIGITS, DIGITS],
    descending: true,
    howToType: 'Write two whole numbers of up to 12 digits with - between them, the larger first.'
  }),
  look: (given) => look(given),
  features,
  items: (wanted) => items(wanted),
  working: {
    decomposition: (given) => subtractionSteps(columnsOf(given), 'decomposition'),
    'equal-additions': (given) => subtractionSteps(columnsOf(given), 'equal-additions')
  },
  sheet: (given, school, style) => subtractionSheet(given, school as School, style),
  earns: { '*': 'the columns subtracted from the right, with a ten taken where one is needed' },
  marks: methodAndAnswer,
  patterns: errorPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -3.7,
    digits: 0.3,
    regroupings: 0.4,
    acrossZeros: 0.5,
    longestRun: 0.05,
    lostColumns: 0.05
  },
  seconds: { constant: 4, digits: 4.5, regroupings: 5, acrossZeros: 4 },
  // Regroupings rise from rung to rung; zeros come last.
  ladder: [
    rung('worked-example', 1, { ...plain, digits: 3, shortest: 3, regroupings: 1 }),
    rung('gaps', 1, { ...plain, digits: 4, shortest: 4, regroupings: 1 }),
    rung('set-out', 4, { ...plain, digits: 3, shortest: 3, regroupings: 2 }),
    rung('bare', 4, { ...plain, digits: 4, shortest: { min: 3 }, regroupings: 2 }),
    rung('harder', 3, {
      ...far,
      digits: 4,
      shortest: { min: 3 },
      regroupings: { min: 2 },
      acrossZeros: 1
    }),
    rung('challenge', 2, { ...far, digits: 5, shortest: { min: 4 }, acrossZeros: { min: 2 } })
  ]
});
