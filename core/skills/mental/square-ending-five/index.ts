import { ANSWER } from '../../../working';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { givenSchema, type Given } from './operands';
import { count, space } from './space';
import { words } from './words';
import { squareGraph, squareLayout } from './working';

/** Squares of numbers that end in 5, in the head. */
export const squareEndingFive: Skill<Given> = {
  id: 'square-ending-five',
  family: 'mental',
  given: givenSchema,
  features,
  schools: ['head-times-next'],
  errorPatterns,
  words,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: { constant: -3.2, perUnit: { digits: 1.3 } },
    seconds: { constant: -8, perUnit: { digits: 9 } }
  },
  ladder: [
    { kind: 'worked-example', count: 1, controls: { digits: 2 } },
    { kind: 'gaps', count: 1, controls: { digits: 2 } },
    { kind: 'set-out', count: 2, controls: { digits: 2 } },
    { kind: 'bare', count: 4, controls: { digits: 2 } },
    { kind: 'harder', count: 3, controls: { digits: 3 } },
    { kind: 'challenge', count: 1, controls: { digits: 4 } }
  ],
  strategy: {
    operation: 'multiplication',
    operands: ({ number }) => [number, number],
    given: ([number, other, ...rest]) =>
      number === other && rest.length === 0 ? givenFrom(givenSchema, { number }) : undefined,
    suits: () => true
  },
  measure,
  space,
  count,
  exists: (constraints) => count(constraints) > 0n,
  usable: count,
  orderless: ({ number }) => number,
  graph: squareGraph,
  layout: squareLayout,
  scheme: () => ({
    showWorking: false,
    marks: [
      { id: 'M1', kind: 'M', value: 1, steps: ['next', 'product'], own: 'ft' },
      { id: 'A1', kind: 'A', value: 1, steps: [ANSWER], dependsOn: 'M1', own: 'cao' }
    ]
  }),
  print: ({ number }) => `${number}²`,
  parse(line) {
    const [, number] = /^\s*(\d+)\s*(?:²|\^\s*2)\s*$/.exec(line) ?? [];
    return givenFrom(givenSchema, { number });
  }
};
