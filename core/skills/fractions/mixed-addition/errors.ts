import { constant, using, type Graph, type Replacements } from '../../../working';
import { pattern } from '../../../skill/define';
import type { Given } from './features';

const PARTS = ['parts'];
const REGROUPS = { regroups: true, fractionOnly: false, wholeAddend: false };
const UNLIKE = { relation: ['multiple', 'shared-factor', 'coprime'], wholeAddend: false };

/** Ways of going wrong with sums of mixed numbers; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'whole-not-carried': pattern(
    'Whole not carried',
    'The fraction loses a whole, which is not added to the wholes.',
    ofFractions(() => ({ 'carried.whole': using(['whole'], (whole) => whole) })),
    REGROUPS,
    PARTS
  ),
  'denominators-added': pattern(
    'Denominators added',
    'Numerators and denominators are both added.',
    ofFractions(({ addends }) =>
      asGiven(
        addends,
        addends.reduce((sum, { denominator }) => sum + denominator, 0)
      )
    ),
    { wholeAddend: false },
    PARTS
  ),
  'unlike-denominators-ignored': pattern(
    'Unlike denominators ignored',
    'The numerators are added as they are, over the first denominator.',
    ofFractions(({ addends }) => asGiven(addends, addends[0]!.denominator)),
    UNLIKE
  ),
  'numerators-not-scaled': pattern(
    'Numerators not scaled',
    'The denominators are made alike and the numerators stay as they were.',
    ofFractions(({ addends }) => numeratorsAsGiven(addends)),
    UNLIKE
  ),
  'carried-fraction-kept': pattern(
    'Carried fraction kept',
    'A whole is added to the wholes and stays in the fraction as well.',
    ofFractions(() => ({
      'carried.numerator': using(['fraction.numerator'], (top) => top)
    })),
    REGROUPS,
    PARTS
  )
};

/** A pattern that cannot be carried out where an addend has no fraction. */
function ofFractions(instead: (given: Given, graph: Graph) => Replacements) {
  return (given: Given, graph: Graph) =>
    given.addends.some(({ numerator }) => numerator === 0) ? undefined : instead(given, graph);
}

const numeratorsAsGiven = (addends: Given['addends']): Replacements =>
  Object.fromEntries(addends.map(({ numerator }, at) => [`common.${at}`, constant(numerator)]));

/** The numerators as they are given, over one denominator. */
function asGiven(addends: Given['addends'], denominator: number): Replacements {
  return {
    'common.denominator': { ...constant(denominator), accepts: () => false },
    ...numeratorsAsGiven(addends)
  };
}
