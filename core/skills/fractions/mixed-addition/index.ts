import { defineSkill, rung } from '../../../skill/define';
import { fractionPrompt, mixedScheme } from '../../../methods/fractions/answer';
import { mixedSum } from '../../../skill/given/mixed';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, isMixed, look, type Given } from './features';
import { items } from './space';
import { mixedSheet, mixedSteps, type School } from './working';

/** Numbers that a class meets, of which the fractions come to more than a whole. */
const plain = {
  fractionOnly: false,
  wholeAddend: false,
  makesWhole: false,
  regroups: true,
  friendly: true,
  largestWhole: { max: 12 }
};

/** Addition of two mixed numbers: wholes and fractions apart, or by improper fractions. */
export const skill = defineSkill({
  card,
  given: mixedSum(
    'Write two mixed numbers like 3 2/3 with + between them; fractions proper, in lowest terms.'
  ),
  look: (given: Given) => look(given),
  features,
  items,
  working: {
    parts: (given: Given) => mixedSteps(given, 'parts'),
    improper: (given: Given) => mixedSteps(given, 'improper')
  },
  sheet: (given, school, style) => mixedSheet(given, school as School, style),
  earns: {
    'common.*': 'a common denominator with at least one right numerator',
    'fraction.*': 'the wholes and the fractions added, and a whole carried where there is one',
    'improper.*': 'both numbers written as improper fractions and added'
  },
  marks: (given, school, style) => {
    const steps = { parts: ['fraction.*', 'whole', 'carried.*'], improper: ['improper.*'] };
    return mixedScheme(look(given), steps[school as School], style);
  },
  marksTell: ['relation', 'simplifies', 'wholeAddend'],
  patterns: errorPatterns,
  prompt: (line, style, given) => fractionPrompt(line, style, isMixed(given)),
  difficulty: {
    constant: -1.7,
    relation: { multiple: 0.5, 'shared-factor': 1, coprime: 0.9 },
    commonDenominator: 0.01,
    regroups: 0.6,
    simplifies: 0.3,
    fractionOnly: -0.2
  },
  seconds: { constant: 30, commonDenominator: 0.6, regroups: 18, simplifies: 15 },
  // From like denominators to unlike ones that share a factor; the fractions always come to more than a whole.
  ladder: [
    rung('worked-example', 1, { ...plain, relation: ['same'], simplifies: false }),
    rung('gaps', 1, { ...plain, relation: ['same'], simplifies: true }),
    rung('set-out', 3, {
      ...{ ...plain, relation: ['multiple'], simplifies: false },
      commonDenominator: { min: 6, max: 12 }
    }),
    rung('bare', 4, {
      ...{ ...plain, relation: ['multiple'], simplifies: true },
      commonDenominator: { min: 6, max: 12 }
    }),
    rung('harder', 3, {
      ...{ ...plain, relation: ['coprime'], simplifies: false },
      commonDenominator: { min: 12, max: 30 }
    }),
    rung('challenge', 2, {
      ...{ ...plain, relation: ['shared-factor'], simplifies: true },
      commonDenominator: { min: 12, max: 60 }
    })
  ]
});
