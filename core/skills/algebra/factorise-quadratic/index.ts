import { accuracy, independent, method, schemeOf } from '../../../schemes';
import { defineSkill, rung } from '../../../skill/define';
import { card, methodOf } from './card';
import { errorPatterns } from './errors';
import { features } from './features';
import { contentOfQuadratic, given, isFactorable, type Given } from './numbers';
import { items } from './space';
import { quadraticSheet, quadraticSteps } from './working';

/** The pair is the method, in a cross its four numbers; what does not split is shown by saying so. */
const splitting = (school: string) => (methodOf(school) === 'cross-trial' ? 'cross.*' : 'pair');
const NOTHING_SPLITS = 'complete';

const plain = { factorable: true, content: 1, kind: ['general'] };

/** Factorising ax² + bx + c over the integers. */
export const skill = defineSkill({
  card,
  given,
  look: (item: Given) => item,
  features,
  items,
  // A square alone, 3x², has nothing to be factorised.
  degenerate: Array.from({ length: 48 }, (_, at) => ({
    a: at < 24 ? at + 1 : 23 - at,
    b: 0,
    c: 0
  })),
  working: Object.fromEntries(
    Object.keys(card.schools).map((school) => [
      school,
      (item: Given) => quadraticSteps(item, school)
    ])
  ),
  sheet: quadraticSheet,
  earns: {
    pair: 'two numbers with the right product and the right sum',
    'cross.*': 'a cross with the right first, last and middle products'
  },
  marks: (item, school) =>
    schemeOf(
      ...(contentOfQuadratic(item) > 1 ? [independent('content')] : []),
      method(isFactorable(item) ? splitting(school) : NOTHING_SPLITS),
      accuracy('not-complete')
    ),
  marksTell: ['content', 'factorable'],
  patterns: errorPatterns,
  prompt: (line, { verb }) => `${verb === 'factor' ? 'Factor' : 'Factorise'} completely: ${line}.`,
  difficulty: {
    constant: -0.15,
    monic: -0.4,
    content: 0.1,
    pairs: 0.1,
    crossTrials: 0.02,
    signs: { '+-': 0.2, '--': 0.2, '-+': 0.15 },
    roots: { rational: 1, none: 0.9 }
  },
  seconds: {
    constant: 30,
    monic: -5,
    pairs: 5,
    crossTrials: 1,
    content: 2,
    roots: { rational: 30, none: 20 }
  },
  // From two plus signs to numbers before the square, common factors and quadratics that do not split.
  ladder: [
    rung('worked-example', 1, { ...plain, monic: true, signs: ['++'], largest: { max: 15 } }),
    rung('gaps', 1, { ...plain, monic: true, signs: ['-+'], largest: { max: 15 } }),
    rung('set-out', 3, { ...plain, monic: true, signs: ['+-', '--'], largest: { max: 30 } }),
    rung('bare', 4, {
      ...{ factorable: true, roots: ['integer'], content: { min: 2, max: 5 } },
      ...{ leading: { max: 5 }, largest: { max: 60 } }
    }),
    rung('harder', 3, {
      ...{ ...plain, roots: ['rational'], leading: { min: 2, max: 6 } },
      ...{ crossTrials: { max: 12 }, largest: { max: 40 } }
    }),
    rung('challenge', 2, {
      ...plain,
      leading: { min: 6, max: 12 },
      crossTrials: { min: 8 },
      largest: { max: 60 }
    })
  ]
});
