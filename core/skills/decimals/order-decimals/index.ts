import { ANSWER } from '../../../working';
import { parseDecimal, compareDecimals } from '../../../numbers';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { ladder } from './ladder';
import { orderLayout } from './layout';
import { givenSchema, type Given } from './numbers';
import { count, space } from './space';
import { words } from './words';
import { orderGraph } from './working';

/** Putting decimals in order of size. */
export const orderDecimals: Skill<Given> = {
  id: 'order-decimals',
  family: 'decimals',
  given: givenSchema,
  features,
  schools: ['padding'],
  errorPatterns,
  words,
  ladder,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: {
      constant: -3,
      perUnit: {
        count: 0.25,
        raggedness: 0.3,
        sharedPrefix: 0.3,
        longerTraps: 0.12,
        shorterTraps: 0.08,
        zeroTraps: 0.15
      }
    },
    seconds: { constant: 8, perUnit: { count: 7, raggedness: 3, sharedPrefix: 3 } }
  },
  measure,
  space: (constraints) => space(constraints),
  count: (constraints) => count(constraints),
  exists: (constraints) => count(constraints) > 0n,
  usable: (constraints) => count(constraints, { arranged: false }),
  orderless: ({ numbers, order }) => `${inOrder(numbers).join(' ')} ${order}`,
  graph: orderGraph,
  layout: (given, _school, style) => orderLayout(given, style),
  scheme: () => ({
    showWorking: false,
    marks: [
      { id: 'B1', kind: 'B', value: 1, steps: [ANSWER], own: 'cao', slips: 1 },
      { id: 'B2', kind: 'B', value: 1, steps: [ANSWER], own: 'cao' }
    ]
  }),
  print: ({ numbers, order }) => `${numbers.join(', ')} ${order}`,
  parse(line) {
    const [, list, order] = /^(.*\S)\s+(ascending|descending)\s*$/.exec(line) ?? [];
    return givenFrom(givenSchema, { numbers: list?.split(/\s*,\s*/), order });
  }
};

function inOrder(numbers: readonly string[]): string[] {
  return [...numbers].sort((one, other) =>
    compareDecimals(parseDecimal(one)!, parseDecimal(other)!)
  );
}
