import { methodAndAnswer } from '../../../marking/schemes';
import { defineSkill, rung } from '../../define';
import { twoNumbers } from '../../given/numbers';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { columnsOf, DIGITS, type School } from './operands';
import { items } from './space';
import { subtractionSheet, subtractionSteps } from './working';

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
  marks: methodAndAnswer,
  patterns: errorPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -2.6,
    digits: 0.25,
    regroupings: 0.5,
    acrossZeros: 0.6,
    longestRun: 0.12,
    lostColumns: 0.05
  },
  seconds: { constant: 4, digits: 4.5, regroupings: 5, acrossZeros: 4 },
  // Regroupings rise from rung to rung; zeros come last.
  ladder: [
    rung('worked-example', 1, { digits: 3, shortest: 3, regroupings: 1, zeros: 0 }),
    rung('gaps', 1, { digits: 3, shortest: 3, regroupings: 1, zeros: 0 }),
    rung('set-out', 4, { digits: 3, shortest: 3, regroupings: 2, zeros: 0 }),
    rung('bare', 4, { digits: 4, shortest: { min: 3 }, regroupings: 2, zeros: 0 }),
    rung('harder', 3, { digits: 4, regroupings: { min: 2 }, acrossZeros: 1 }),
    rung('challenge', 2, { digits: 5, acrossZeros: { min: 2 } })
  ]
});
