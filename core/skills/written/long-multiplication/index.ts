import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { factorsOf, givenSchema, type Given } from './operands';
import { count, exists, space, usable } from './space';
import { words } from './words';
import { multiplicationGraph, multiplicationLayout, multiplicationScheme } from './working';

/** Whole numbers multiplied in rows. */
export const longMultiplication: Skill<Given> = {
  id: 'long-multiplication',
  family: 'written',
  given: givenSchema,
  features,
  schools: ['rows'],
  errorPatterns,
  words,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: {
      constant: -2.4,
      perUnit: {
        digits: 0.3,
        multiplierDigits: 0.5,
        carries: 0.18,
        largestCarry: 0.08,
        additionCarries: 0.12,
        zeros: 0.1
      }
    },
    seconds: {
      constant: 10,
      perUnit: { digits: 10, multiplierDigits: 14, carries: 3, additionCarries: 3 }
    }
  },
  ladder: [
    {
      kind: 'worked-example',
      count: 1,
      controls: { digits: 2, multiplierDigits: 2, carries: 1, zeros: 0 }
    },
    { kind: 'gaps', count: 1, controls: { digits: 2, multiplierDigits: 2, carries: 2, zeros: 0 } },
    {
      kind: 'set-out',
      count: 3,
      controls: { digits: 2, multiplierDigits: 2, carries: 1, tables: { allow: [2, 3, 4, 5] } }
    },
    {
      kind: 'bare',
      count: 3,
      controls: { digits: 2, multiplierDigits: 2, carries: 2, additionCarries: { min: 1 } }
    },
    {
      kind: 'harder',
      count: 2,
      controls: { digits: 3, multiplierDigits: 2, carries: 2, zeros: 1 }
    },
    {
      kind: 'challenge',
      count: 1,
      controls: { digits: 3, multiplierDigits: 3, carries: { min: 4 } }
    }
  ],
  strategy: {
    operation: 'multiplication',
    operands: ({ multiplicand, multiplier }) => [multiplicand, multiplier],
    given: ([multiplicand, multiplier, ...more]) =>
      more.length === 0 ? givenFrom(givenSchema, { multiplicand, multiplier }) : undefined,
    suits: () => true
  },
  measure,
  space,
  count,
  exists,
  usable,
  orderless: ({ multiplicand, multiplier }) => [multiplicand, multiplier].sort().join('x'),
  graph: (given) => multiplicationGraph(factorsOf(given)),
  layout: ({ multiplicand, multiplier }, _school, style) =>
    multiplicationLayout(multiplicand, multiplier, style),
  scheme: (given) => multiplicationScheme(factorsOf(given)),
  print: ({ multiplicand, multiplier }) => `${multiplicand} x ${multiplier}`,
  parse(line) {
    const parts = line.split(/[x×*·]/i).map((numeral) => numeral.replace(/[\s,\u202f]/g, ''));
    const [multiplicand, multiplier] = parts;
    return parts.length === 2 ? givenFrom(givenSchema, { multiplicand, multiplier }) : undefined;
  }
};
