import { takingWords } from '../../../house-style';
import {
  capital,
  constant,
  using,
  type Graph,
  type Replacement,
  type Replacements
} from '../../../working';
import { pattern } from '../../../skill/define';
import { needsRegrouping, type Given } from './features';

const APART = ['regroup', 'parts'];
const REGROUP = ['regroup'];
const REGROUPS = { regroups: true, wholeVanishes: false, fractionOnly: false };
const UNLIKE = ['multiple', 'shared-factor', 'coprime'];

/** Numerator from numerator, the smaller from the larger. */
const smallerFromLarger = using(['common.minuend', 'common.subtrahend'], (top, bottom) =>
  top < bottom ? bottom - top : top - bottom
);

/** Ways of going wrong with mixed numbers; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'numerators-switched': pattern(
    'Numerators switched',
    'The smaller numerator is taken from the larger, whichever is above.',
    whereItRegroups((given, graph) => ({
      ...notRegrouped(given, graph),
      'fraction.numerator': smallerFromLarger
    })),
    REGROUPS,
    APART
  ),
  'regroup-adds-ten': pattern(
    (style) => `${capital(takingWords(style).acting)} adds ten`,
    'A whole is taken apart into ten pieces, whatever the denominator.',
    whereItRegroups(() => ({
      'regroup.numerator': using(['common.minuend'], (top) => top + 10n)
    })),
    REGROUPS,
    REGROUP
  ),
  'regroup-replaces': pattern(
    (style) => `${capital(takingWords(style).acting)} replaces`,
    'The pieces of the whole stand instead of the numerator and are not added to it.',
    whereItRegroups(() => ({
      'regroup.numerator': using(['common.denominator'], (denominator) => denominator)
    })),
    REGROUPS,
    REGROUP
  ),
  'whole-not-reduced': pattern(
    'Whole not reduced',
    'A whole is taken apart, but the whole part stays as it was.',
    ({ minuend }: Given) => ({ 'regroup.whole': constant(minuend.whole) }),
    REGROUPS,
    REGROUP
  ),
  'denominators-combined': pattern(
    'Denominators combined',
    'Numerators and denominators are both subtracted, the smaller from the larger.',
    (given: Given, graph) => {
      const difference = given.minuend.denominator - given.subtrahend.denominator;
      if (difference === 0) return undefined;
      return {
        ...notRegrouped(given, graph),
        ...asGiven(given, Math.abs(difference)),
        'fraction.numerator': smallerFromLarger
      };
    },
    { relation: UNLIKE },
    APART
  ),
  'unlike-denominators-ignored': pattern(
    'Unlike denominators ignored',
    'The numerators are subtracted as they are, over the minuend’s denominator.',
    (given: Given) => asGiven(given, given.minuend.denominator),
    { relation: UNLIKE, regroups: false }
  ),
  'fraction-dropped': pattern(
    'Fraction dropped',
    (style) => `After ${takingWords(style).acting} only the whole numbers are answered.`,
    whereItRegroups(() => ({ 'fraction.numerator': constant(0) })),
    REGROUPS,
    REGROUP
  )
};

/** A pattern that makes no difference where nothing regroups. */
function whereItRegroups(instead: (given: Given, graph: Graph) => Replacements) {
  return (given: Given, graph: Graph) =>
    needsRegrouping(given.minuend, given.subtrahend) ? instead(given, graph) : {};
}

/** The minuend as it stands, with nothing regrouped, in the school that would. */
function notRegrouped({ minuend }: Given, graph: Graph): Replacements {
  if (!graph.byId.has('regroup.whole')) return {};
  return {
    'regroup.whole': constant(minuend.whole),
    'regroup.numerator': using(['common.minuend'], (top) => top)
  };
}

/** The numerators as they are given, over one denominator. */
function asGiven({ minuend, subtrahend }: Given, denominator: number): Record<string, Replacement> {
  return {
    'common.denominator': { ...constant(denominator), accepts: () => false },
    'common.minuend': constant(minuend.numerator),
    'common.subtrahend': constant(subtrahend.numerator)
  };
}
