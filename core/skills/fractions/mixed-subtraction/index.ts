import { ANSWER } from '../../../working';
import { parseMixed } from '../../../numbers';
import type { Mark } from '../../../marking/scheme';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure, simplifies } from './features';
import { ladder } from './ladder';
import { mixedLayout } from './layout';
import { givenSchema, type Given } from './operands';
import { count, space } from './space';
import { printOperand, words } from './words';
import { hasUnlikeDenominators, mixedGraph, schools } from './working';

/** Subtraction of mixed numbers: by regrouping, by improper fractions, or parts apart. */
export const mixedSubtraction: Skill<Given> = {
  id: 'mixed-subtraction',
  family: 'fractions',
  given: givenSchema,
  features,
  schools,
  schoolIn: ({ mixedNumbers }) => mixedNumbers,
  errorPatterns,
  words,
  ladder,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: {
      constant: -1.2,
      perUnit: {
        commonDenominator: 0.02,
        regroups: 0.9,
        simplifies: 0.4,
        wholeMinuend: 0.2,
        fractionOnly: -0.3
      }
    },
    seconds: { constant: 35, perUnit: { commonDenominator: 0.6, regroups: 25, simplifies: 15 } }
  },
  measure,
  space,
  count,
  exists: (constraints) => count(constraints) > 0n,
  usable: count,
  orderless: print,
  graph: mixedGraph,
  layout: mixedLayout,
  scheme: (given, school) => {
    const marks: Mark[] = [];
    const steps = mixedGraph(given, school)
      .steps.map(({ id }) => id)
      .filter((id) => id !== ANSWER);
    const isCommon = (id: string) => id.startsWith('common.');
    const method = (id: string, of: string[]) =>
      marks.push({ id, kind: 'M', value: 1, steps: of, own: 'ft' });
    if (hasUnlikeDenominators(given)) method('M1', steps.filter(isCommon));
    const subtraction = `M${marks.length + 1}`;
    method(
      subtraction,
      steps.filter((id) => !isCommon(id) && !id.startsWith('simplified.'))
    );
    marks.push({
      id: 'A1',
      kind: 'A',
      value: 1,
      steps: [ANSWER],
      dependsOn: subtraction,
      own: 'cao'
    });
    if (simplifies(given.minuend, given.subtrahend)) {
      marks.push({
        id: 'B1',
        kind: 'B',
        value: 1,
        steps: [ANSWER],
        own: 'ft',
        form: ['not-simplified']
      });
    }
    return { showWorking: false, marks };
  },
  print,
  parse(line) {
    const parts = line.split(/\s[-−–]\s/).map(parseMixed);
    const [minuend, subtrahend] = parts.map(
      (mixed) =>
        mixed && {
          whole: Number(mixed.whole),
          numerator: Number(mixed.numerator),
          denominator: Number(mixed.denominator)
        }
    );
    return parts.length === 2 ? givenFrom(givenSchema, { minuend, subtrahend }) : undefined;
  }
};

function print({ minuend, subtrahend }: Given): string {
  return `${printOperand(minuend)} - ${printOperand(subtrahend)}`;
}
