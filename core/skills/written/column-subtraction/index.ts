import { methodAndAnswer } from '../../../marking/default-schemes';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { ladder } from './ladder';
import { columnsOf, givenSchema, type Given } from './operands';
import { count, exists, space } from './space';
import { weights } from './weights';
import { words } from './words';
import { subtractionGraph, subtractionLayout, type School } from './working';

/** Whole numbers subtracted in columns, by decomposition or by equal additions. */
export const columnSubtraction: Skill<Given> = {
  id: 'column-subtraction',
  family: 'written',
  given: givenSchema,
  features,
  schools: ['decomposition', 'equal-additions'],
  schoolIn: (style) => style.subtraction,
  errorPatterns,
  weights,
  ladder,
  words,
  strategy: {
    operation: 'subtraction',
    operands: ({ minuend, subtrahend }) => [minuend, subtrahend],
    given: ([minuend, subtrahend]) => givenFrom(givenSchema, { minuend, subtrahend }),
    suits: () => true
  },
  measure: (given) => measure(given),
  space: (constraints) => space(constraints),
  count: (constraints) => count(constraints),
  exists: (constraints) => exists(constraints),
  usable: (constraints) => count(constraints),
  orderless: ({ minuend, subtrahend }) => `${minuend}-${subtrahend}`,
  graph: (given, school) => subtractionGraph(columnsOf(given), school as School),
  layout: ({ minuend, subtrahend }, school, style) =>
    subtractionLayout(minuend, subtrahend, school as School, style),
  scheme: (given, school) => methodAndAnswer(subtractionGraph(columnsOf(given), school as School)),
  print: ({ minuend, subtrahend }) => `${minuend} - ${subtrahend}`,
  parse(line) {
    const parts = line.split(/[-−–]/).map((numeral) => numeral.replace(/[\s,\u202f]/g, ''));
    const [minuend, subtrahend] = parts;
    return parts.length === 2 ? givenFrom(givenSchema, { minuend, subtrahend }) : undefined;
  }
};
