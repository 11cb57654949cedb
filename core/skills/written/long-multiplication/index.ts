import { accuracy, schemeOf } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { twoNumbers } from '../../../skill/given/numbers';
import { factorsOf } from '../../../methods/products/factors';
import { rowPatterns } from '../../../methods/products/row-errors';
import {
  multiplicationSheet,
  multiplicationSteps,
  rowMarks,
  rowsEarn,
  rowOrders
} from '../../../methods/products/rows';
import { card } from './card';
import { features, look } from './features';
import { MULTIPLICAND, MULTIPLIER } from './numbers';
import { items } from './space';

/** A multiplier that ends in 0 has one row fewer, and asks for less. */
const twoByTwo = { digits: 2, multiplierDigits: 2, zeros: 0, multiplierZeros: 0 };

/** Whole numbers multiplied in rows. */
export const skill = defineSkill({
  card,
  given: twoNumbers('multiplicand', 'multiplier', {
    sign: 'x',
    digits: [MULTIPLICAND, MULTIPLIER],
    commutes: true,
    howToType: 'Write a number of 2 to 4 digits, x, and a number of 2 or 3 digits.'
  }),
  look,
  features,
  items,
  working: {
    rows(given) {
      const factors = factorsOf(given);
      return { steps: multiplicationSteps(factors), symmetries: rowOrders(factors) };
    }
  },
  sheet: (given, _school, style) => multiplicationSheet(given, style),
  earns: rowsEarn,
  marks: (given) => schemeOf(...rowMarks(given), accuracy()),
  marksTell: ['multiplierDigits', 'multiplierZeros'],
  patterns: rowPatterns,
  prompt: (line) => `Work out ${line}.`,
  difficulty: {
    constant: -3.5,
    digits: 0.4,
    multiplierDigits: 0.6,
    carries: 0.2,
    largestCarry: 0.1,
    additionCarries: 0.12,
    zeros: 0.15
  },
  seconds: { constant: 10, digits: 10, multiplierDigits: 14, carries: 3, additionCarries: 3 },
  ladder: [
    rung('worked-example', 1, {
      ...twoByTwo,
      carries: 1,
      additionCarries: 0,
      tables: { allow: [2, 3, 4, 5] }
    }),
    rung('gaps', 1, { ...twoByTwo, carries: 1, additionCarries: { min: 1 } }),
    rung('set-out', 3, { ...twoByTwo, carries: 2, tables: { allow: [2, 3, 4, 5] } }),
    rung('bare', 3, { ...twoByTwo, carries: 2, additionCarries: { min: 1 } }),
    rung('harder', 2, { digits: 3, multiplierDigits: 2, carries: 2, zeros: 1, multiplierZeros: 0 }),
    rung('challenge', 1, {
      digits: 3,
      multiplierDigits: 3,
      carries: { min: 4 },
      multiplierZeros: 0
    })
  ]
});
