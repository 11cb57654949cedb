import { defineSkill, rung } from '../../../skill/define';
import { fractionPrompt, mixedScheme } from '../../../methods/fractions/answer';
import { mixedDifference } from '../../../skill/given/mixed';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, isMixed, look, type Given } from './features';
import { items } from './space';
import { mixedSheet, mixedSteps, type School } from './working';

/** Numbers that a class meets, in which a whole has to be taken apart. */
const plain = {
  fractionOnly: false,
  wholeVanishes: false,
  wholeMinuend: false,
  regroups: true,
  friendly: true,
  largestWhole: { max: 12 }
};

/** Subtraction of mixed numbers: by regrouping, by improper fractions, or parts apart. */
export const skill = defineSkill({
  card,
  given: mixedDifference(
    'Write two mixed numbers like 6 2/9 with - between them, the larger first; fractions proper, in lowest terms.'
  ),
  look,
  features,
  items,
  working: {
    regroup: (given: Given) => mixedSteps(given, 'regroup'),
    improper: (given: Given) => mixedSteps(given, 'improper'),
    parts: (given: Given) => mixedSteps(given, 'parts')
  },
  sheet: (given, school, style) => mixedSheet(given, school as School, style),
  earns: {
    'common.*': 'a common denominator with at least one right numerator',
    'regroup.*': 'a whole taken apart where it is needed, and the fractions and wholes subtracted',
    'improper.*': 'both numbers written as improper fractions and subtracted',
    whole: 'the wholes and the fractions subtracted, and put together',
    'fraction.*': 'the fractions and the wholes subtracted'
  },
  marks: (given, school, style) => {
    const steps = {
      regroup: ['regroup.*', 'fraction.*', 'whole'],
      improper: ['improper.*'],
      parts: ['whole', 'fraction.*', 'combined']
    };
    return mixedScheme(look(given), steps[school as School], style);
  },
  marksTell: ['relation', 'simplifies', 'wholeMinuend'],
  patterns: errorPatterns,
  prompt: (line, style, given) => fractionPrompt(line, style, isMixed(given)),
  difficulty: {
    constant: -1.5,
    relation: { multiple: 0.5, 'shared-factor': 1, coprime: 0.9 },
    commonDenominator: 0.01,
    regroups: 0.9,
    simplifies: 0.3,
    fractionOnly: -0.2
  },
  seconds: { constant: 35, commonDenominator: 0.6, regroups: 25, simplifies: 15 },
  // Each takes a whole apart; from like denominators to unlike ones that share a factor.
  ladder: [
    rung('worked-example', 1, { ...plain, relation: ['same'], simplifies: false }),
    rung('gaps', 1, { ...plain, relation: ['same'], simplifies: true }),
    rung('set-out', 3, {
      ...plain,
      relation: ['multiple'],
      simplifies: false,
      commonDenominator: { min: 6, max: 12 }
    }),
    rung('bare', 4, {
      ...plain,
      relation: ['multiple'],
      simplifies: true,
      commonDenominator: { min: 6, max: 12 }
    }),
    rung('harder', 3, {
      ...plain,
      relation: ['coprime'],
      simplifies: false,
      commonDenominator: { min: 12, max: 30 }
    }),
    rung('challenge', 2, {
      ...plain,
      relation: ['shared-factor'],
      simplifies: true,
      commonDenominator: { min: 12, max: 60 }
    })
  ]
});
