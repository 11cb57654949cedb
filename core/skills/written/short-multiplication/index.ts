import { methodAndAnswer } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { digitFrom, twoNumbers } from '../../../skill/given/numbers';
import { shortSheet, shortSteps } from '../../../methods/products/one-row';
import { oneRowPatterns } from '../../../methods/products/one-row-errors';
import { card } from './card';
import { DIGITS, features, look } from './features';
import { items } from './space';

const firstTables = { digits: 2, carries: 1, zeros: 0, tables: { allow: [2, 3, 4, 5] } };

/** A whole number multiplied by one digit, in one row. */
export const skill = defineSkill({
  card,
  given: twoNumbers('multiplicand', 'multiplier', {
    sign: 'x',
    digits: [DIGITS, digitFrom(2)],
    howToType: 'Write a number of 2 to 6 digits, x, and a digit from 2 to 9.'
  }),
  look,
  features,
  items,
  working: { columns: (given) => shortSteps(given) },
  sheet: (given, _school, style) => shortSheet(given, style),
  earns: { '*': 'every digit multiplied from the right, with the carries added' },
  marks: methodAndAnswer,
  patterns: oneRowPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: { constant: -3.5, digits: 0.3, carries: 0.35, largestCarry: 0.12, zeros: 0.15 },
  seconds: { constant: 3, digits: 5, carries: 3 },
  // The tables met first, then more carries, longer numbers, and zeros that carries fall into.
  ladder: [
    rung('worked-example', 1, { ...firstTables, multiplier: { min: 3, max: 5 } }),
    rung('gaps', 1, { ...firstTables, multiplier: { min: 3 }, largestCarry: { min: 2 } }),
    rung('set-out', 4, { digits: 2, carries: 1, zeros: 0, multiplier: { min: 4 } }),
    rung('bare', 4, { digits: 3, carries: 2, zeros: 0, multiplier: { min: 3 } }),
    rung('harder', 3, { digits: 4, carries: 2, zeros: 1, multiplier: { min: 4 } }),
    rung('challenge', 1, { digits: 5, carries: { min: 3 }, multiplier: { min: 6 } })
  ]
});
