import { expand, parseProduct } from '../../../numbers';
import { ANSWER } from '../../../working';
import type { Mark } from '../../../marking/scheme';
import { givenFrom } from '../../given';
import type { Skill } from '../../skill';
import { errorPatterns } from './errors';
import { features, measure } from './features';
import { ladder } from './ladder';
import { printQuadratic, quadraticLayout } from './layout';
import { contentOfQuadratic, givenSchema, isFactorable, type Given } from './quadratic';
import { count, exists, space } from './space';
import { words } from './words';
import { quadraticGraph, schoolFor, schools } from './working';

/** Factorising ax² + bx + c over the integers. */
export const factoriseQuadratic: Skill<Given> = {
  id: 'factorise-quadratic',
  family: 'algebra',
  given: givenSchema,
  features,
  schools,
  schoolIn: ({ quadratics, commonFactor }) => schoolFor(quadratics, commonFactor),
  errorPatterns,
  words,
  ladder,
  // Set by judgement: no published source, and no scripts yet to estimate them from.
  weights: {
    origin: 'starting estimate',
    difficulty: {
      constant: -0.9,
      perUnit: { monic: -0.7, content: 0.05, pairs: 0.12, crossTrials: 0.05, factorable: -0.2 }
    },
    seconds: { constant: 40, perUnit: { monic: -15, pairs: 5, crossTrials: 2, content: 1 } }
  },
  measure,
  space,
  count,
  exists,
  usable: count,
  orderless: printQuadratic,
  graph: quadraticGraph,
  layout: quadraticLayout,
  scheme: (given, school) => {
    const content: Mark[] =
      contentOfQuadratic(given) > 1
        ? [{ id: 'B1', kind: 'B', value: 1, steps: ['content'], own: 'cao' }]
        : [];
    return {
      showWorking: false,
      marks: [
        ...content,
        { id: 'M1', kind: 'M', value: 1, steps: methodSteps(given, school), own: 'ft' },
        {
          id: 'A1',
          kind: 'A',
          value: 1,
          steps: [ANSWER],
          dependsOn: 'M1',
          own: 'cao',
          form: ['not-complete']
        }
      ]
    };
  },
  print: printQuadratic,
  parse(line) {
    const product = parseProduct(line);
    // Factors may be typed as well: the item is what they multiply out to.
    const [c = 0n, b = 0n, a = 0n, more] = product ? expand(product) : [];
    if (more !== undefined) return undefined;
    return givenFrom(givenSchema, { a: Number(a), b: Number(b), c: Number(c) });
  }
};

/** The steps that show the method; what does not split is shown by what was looked for. */
function methodSteps(given: Given, school: string): string[] {
  const ids = quadraticGraph(given, school).steps.map(({ id }) => id);
  if (!isFactorable(given)) {
    return ids.filter((id) => ['product', 'sum', 'pair', 'complete'].includes(id));
  }
  return ids.filter((id) => !['content', 'complete', 'check', ANSWER].includes(id));
}
