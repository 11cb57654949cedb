import { methodAndAnswer } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { addends } from '../../../skill/given/numbers';
import { card } from './card';
import { ADDENDS, addendDigits, columnsOf, DIGITS } from '../../../methods/columns/sum/columns';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { items } from './space';
import { columnSheet, columnSteps } from '../../../methods/columns/sum/working';

const pair = { addends: 2, digits: 3 };

/** Whole numbers added in columns, carrying. */
export const skill = defineSkill({
  card,
  given: addends(
    ADDENDS,
    DIGITS,
    'Write two to six whole numbers of up to 12 digits with + between them.'
  ),
  look: (given) => look(given),
  features,
  items: (wanted) => items(wanted),
  working: { columns: (given) => columnSteps(columnsOf(addendDigits(given, 10))) },
  sheet: ({ addends }, _school, style) => columnSheet(addends, style),
  earns: { '*': 'the columns added from the right, with tens carried' },
  marks: methodAndAnswer,
  patterns: errorPatterns(),
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -5,
    addends: 0.45,
    digits: 0.25,
    carries: 0.4,
    ripples: 0.25,
    largestCarry: 0.1,
    newColumn: 0.1,
    answerZeros: 0.1
  },
  seconds: { constant: 2, addends: 2.5, digits: 4, carries: 3, ripples: 1.5, largestCarry: 1 },
  // Two numbers throughout; the carries, then the zeros and the lengths, rise from rung to rung.
  ladder: [
    rung('worked-example', 1, { ...pair, shortest: 3, carries: 1, zeros: 0, newColumn: false }),
    rung('gaps', 1, { ...pair, shortest: 3, carries: 1, zeros: 0, newColumn: true }),
    rung('set-out', 4, { ...pair, shortest: 3, carries: 2, ripples: 0, newColumn: false }),
    rung('bare', 4, { ...pair, shortest: { min: 2 }, carries: 2, newColumn: true }),
    rung('harder', 3, {
      addends: 2,
      digits: 4,
      shortest: { max: 3 },
      carries: 3,
      ripples: { min: 1 }
    }),
    rung('challenge', 1, { addends: 3, digits: 4, carries: { min: 3 }, largestCarry: 2 })
  ]
});
