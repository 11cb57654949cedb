import { methodAndAnswer } from '../../../marking/default-schemes';
import type { Constraints } from '../../controls';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { addendDigits, columnsOf, givenSchema, type Given } from './columns';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { ladder } from './ladder';
import { count, exists, space, usable } from './space';
import { weights } from './weights';
import { words } from './words';
import { columnGraph, columnLayout } from './working';

/** Whole numbers added in columns, carrying. */
export const columnAddition: Skill<Given> = {
  id: 'column-addition',
  family: 'written',
  given: givenSchema,
  features,
  schools: ['columns'],
  errorPatterns: errorPatterns(),
  weights,
  ladder,
  words,
  strategy: {
    operation: 'addition',
    operands: ({ addends }) => addends,
    given: (addends) => givenFrom(givenSchema, { addends }),
    suits: () => true
  },
  measure: (given) => measure(given),
  space: (constraints: Constraints) => space(constraints),
  count: (constraints) => count(constraints),
  exists: (constraints) => exists(constraints),
  usable: (constraints) => usable(constraints),
  orderless: ({ addends }) => [...addends].sort().join('+'),
  graph: (given) => columnGraph(columnsOf(addendDigits(given, 10))),
  layout: ({ addends }, _school, style) => columnLayout(addends, style),
  scheme: (given) => methodAndAnswer(columnGraph(columnsOf(addendDigits(given, 10)))),
  print: ({ addends }) => addends.join(' + '),
  parse(line) {
    const addends = line.split('+').map((numeral) => numeral.replace(/[\s,\u202f]/g, ''));
    return givenFrom(givenSchema, { addends });
  }
};
