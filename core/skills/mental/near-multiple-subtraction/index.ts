import { ANSWER } from '../../../working';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { givenSchema, nearMultiple, type Given } from './operands';
import { count, space } from './space';
import { words } from './words';
import { jumpsLayout, nearMultipleGraph } from './working';

/** Mental subtraction of a number near a multiple of 10, 100 or 1000. */
export const nearMultipleSubtraction: Skill<Given> = {
  id: 'near-multiple-subtraction',
  family: 'mental',
  given: givenSchema,
  features,
  schools: ['compensation'],
  errorPatterns,
  words,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: { constant: -1.4, perUnit: { digits: 0.3, changeDigits: 0.2, suited: -0.6 } },
    seconds: { constant: 6, perUnit: { digits: 2, changeDigits: 1.5 } }
  },
  ladder: [
    { kind: 'worked-example', count: 1, controls: { digits: 2, changeDigits: 2, suited: true } },
    { kind: 'gaps', count: 1, controls: { digits: 3, changeDigits: 2, suited: true } },
    {
      kind: 'set-out',
      count: 4,
      controls: { digits: 3, changeDigits: 2, offset: { min: -2, max: -1 }, suited: true }
    },
    { kind: 'bare', count: 4, controls: { digits: 3, changeDigits: 3, base: 100, suited: true } },
    {
      kind: 'harder',
      count: 3,
      controls: { digits: 4, changeDigits: 3, suited: true, offset: { min: 1 } }
    },
    { kind: 'challenge', count: 2, controls: { digits: 5, changeDigits: 4, suited: false } }
  ],
  strategy: {
    operation: 'subtraction',
    operands: ({ start, change }) => [start, change],
    given: ([start, change]) => givenFrom(givenSchema, { start, change }),
    suits: ({ change }) => nearMultiple(Number(change)).suited
  },
  measure,
  space,
  count,
  exists: (constraints) => count(constraints) > 0n,
  usable: count,
  orderless: ({ start, change }) => `${start}-${change}`,
  graph: nearMultipleGraph,
  layout: jumpsLayout,
  scheme: () => ({
    showWorking: false,
    marks: [
      { id: 'M1', kind: 'M', value: 1, steps: ['multiple'], own: 'ft' },
      { id: 'A1', kind: 'A', value: 1, steps: [ANSWER], dependsOn: 'M1', own: 'cao' }
    ]
  }),
  print: ({ start, change }) => `${start} - ${change}`,
  parse(line) {
    const parts = line.split(/[-−–]/).map((numeral) => numeral.replace(/[\s,\u202f]/g, ''));
    const [start, change] = parts;
    return parts.length === 2 ? givenFrom(givenSchema, { start, change }) : undefined;
  }
};
